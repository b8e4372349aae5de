<?php

declare(strict_types=1);

namespace App\Inlet;

use PDOException;

/**
 * Takes a message in: checks token, size, rate, sender, signature and phrase, stores it with the job that will read it, and
 * answers.
 *
 * "202" means: on disk. Nothing here waits for a venue, reads the text, or starts the framework.
 */
final readonly class Receive
{
    public function __construct(private InletDatabase $database, private Door $door) {}

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
            $refusal = $this->tooMuch($inlet, $request) ?? $this->door->refusal($inlet, $request, time());
            if ($refusal !== null) {
                $this->database->countRefusal($inlet->id, $refusal->reason, $request->sender);

                return InletAnswer::refused($refusal->status, $refusal->words, $refusal->headers);
            }
            $message = StoredMessage::of($inlet->deskId, $inlet->id, $request->without($this->door->knownSecret($inlet)));
            $this->database->store($message);

            return InletAnswer::stored($message->ulid);
        } catch (PDOException $exception) {
            error_log('inlet: '.$exception->getMessage());

            return InletAnswer::refused(503, 'The message could not be stored. Send it again.', ['Retry-After' => '1']);
        }
    }

    private function tooMuch(InletRow $inlet, InletRequest $request): ?Refusal
    {
        if (strlen($request->body) > InletRequest::LARGEST_BODY) {
            return new Refusal('size', 413, 'The message is larger than 64 KiB.');
        }
        $now = time();

        return $this->database->count($inlet->id, intdiv($now, 60)) > $inlet->perMinute
            ? new Refusal('rate', 429, "This inlet takes {$inlet->perMinute} messages a minute.", ['Retry-After' => (string) (60 - $now % 60)])
            : null;
    }
}
