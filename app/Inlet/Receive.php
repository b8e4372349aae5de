<?php

declare(strict_types=1);

namespace App\Inlet;

use PDOException;

/**
 * Takes a message in: checks token, size and rate, stores it with the job that will read it, and answers.
 *
 * "202" means: on disk. Nothing here waits for a venue, reads the text, or starts the framework.
 */
final readonly class Receive
{
    public function __construct(private InletDatabase $database) {}

    public function answer(InletRequest $request): InletAnswer
    {
        if ($request->method !== 'POST') {
            return InletAnswer::refused(405, 'Send the message with POST.', ['Allow' => 'POST']);
        }
        try {
            $inlet = $this->database->inlet($request->token);
            if ($inlet === null) {
                return InletAnswer::refused(404, 'There is no inlet at this address. Copy the address from Wexon again; mind blanks at its end.');
            }
            if (strlen($request->body) > InletRequest::LARGEST_BODY) {
                return InletAnswer::refused(413, 'The message is larger than 64 KiB.');
            }
            $now = time();
            if ($this->database->count($inlet['id'], intdiv($now, 60)) > $inlet['per_minute']) {
                return InletAnswer::refused(429, "This inlet takes {$inlet['per_minute']} messages a minute.", ['Retry-After' => (string) (60 - $now % 60)]);
            }
            $message = StoredMessage::of($inlet['desk_id'], $inlet['id'], $request);
            $this->database->store($message);

            return InletAnswer::stored($message->ulid);
        } catch (PDOException $exception) {
            error_log('inlet: '.$exception->getMessage());

            return InletAnswer::refused(503, 'The message could not be stored. Send it again.', ['Retry-After' => '1']);
        }
    }
}
