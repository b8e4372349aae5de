<?php

namespace App\Mail;

use App\Inlet\Door;
use App\Inlet\InletDatabase;
use App\Inlet\InletRequest;
use App\Inlet\InletRow;
use App\Inlet\StoredMessage;
use App\Models\Inlet;
use Illuminate\Support\Facades\Crypt;
use Wexon\Core\Inlet\AllowedMail;

/** Takes a mail in: finds the inlet by its mailbox, checks the sender, and stores its text the way the web address does. */
final readonly class TakeMail
{
    private const LONGEST_HEADER = 400;

    /**
     * @param  array{recipients: list<string>, from: string, subject: string, text: string, headers: array<string, string>}  $mail
     * @param  string  $raw  The mail as it came.
     * @return StoredMessage What is on disk now.
     *
     * @throws MailRefusal If no inlet takes it.
     */
    public function take(array $mail, string $raw): StoredMessage
    {
        $database = InletDatabase::fromEnvironment();
        $inlet = $this->inlet($database, $mail['recipients']);
        $text = trim($mail['text']) === '' ? trim($mail['subject']) : $mail['text'];
        $headers = array_map(static fn (string $value): string => mb_substr($value, 0, self::LONGEST_HEADER), array_filter($mail['headers'], static fn (string $value): bool => $value !== ''));
        $request = new InletRequest('POST', '', $text, 'text/plain; charset=utf-8', $headers, mb_substr($mail['from'], 0, 45));
        $door = new Door(Crypt::decryptString(...));
        $refusal = $this->refusal($database, $inlet, $request) ?? $this->phrase($door, $inlet, $request);
        if ($refusal !== null) {
            $database->countRefusal($inlet->id, $refusal->reason, $request->sender);
            throw $refusal;
        }
        $secret = $door->knownSecret($inlet);
        $message = StoredMessage::of($inlet->deskId, $inlet->id, $request->without($secret), arrivedBy: 'mail', raw: $secret === null ? $raw : null);
        $database->store($message);

        return $message;
    }

    /** @param  list<string>  $recipients */
    private function inlet(InletDatabase $database, array $recipients): InletRow
    {
        foreach ($recipients as $recipient) {
            $inlet = $database->inletOfMailbox((string) strstr($recipient, '@', before_needle: true));
            if ($inlet !== null) {
                return $inlet;
            }
        }
        throw new MailRefusal('mailbox', 404, 'No inlet has this mailbox: copy its address from Wexon again.');
    }

    private function refusal(InletDatabase $database, InletRow $row, InletRequest $request): ?MailRefusal
    {
        $allowed = Inlet::query()->whereKey($row->id)->value('allowed_mail');

        return match (true) {
            ! AllowedMail::of(implode(' ', is_array($allowed) ? $allowed : []))->allow($request->sender) => new MailRefusal('sender', 403, "Mails from {$request->sender} are not taken here: put the address on the inlet's list in Wexon."),
            $row->signingSecret !== null => new MailRefusal('signature', 403, 'This inlet takes signed messages only, and a mail cannot be signed.'),
            $request->body === '' => new MailRefusal('empty', 422, 'There is no text in the mail.'),
            strlen($request->body) > InletRequest::LARGEST_BODY => new MailRefusal('size', 413, 'The text of the mail is larger than 64 KiB.'),
            $database->count($row->id, intdiv(time(), 60)) > $row->perMinute => new MailRefusal('rate', 429, "This inlet takes {$row->perMinute} messages a minute."),
            default => null,
        };
    }

    private function phrase(Door $door, InletRow $row, InletRequest $request): ?MailRefusal
    {
        $refusal = $door->refusal(new InletRow($row->id, $row->deskId, $row->perMinute, [], $row->phrase, null), $request, time());

        return $refusal === null ? null : new MailRefusal($refusal->reason, $refusal->status, $refusal->words);
    }
}
