<?php

namespace App\Mail;

use App\Models\Message;

/** The mail by which a platform makes sure that a mailbox is the trader's, before it sends alerts there. */
final class ConfirmationMail
{
    private const WORDS = '/\b(?:confirm|verify|verification|activate|validate|best[äa]tig|confirmez|verifi)/iu';

    private const LINK = '~https?://[^\s<>"\'\])]{4,500}~i';

    private const MOST_LINKS = 10;

    public static function is(Message $message): bool
    {
        return $message->arrived_by === 'mail' && self::links($message) !== []
            && preg_match(self::WORDS, ($message->headers['subject'] ?? '').' '.$message->body) === 1;
    }

    /** @return list<string> The links in a mail, for the trader to open; nothing here opens them. */
    public static function links(Message $message): array
    {
        if ($message->arrived_by !== 'mail') {
            return [];
        }
        preg_match_all(self::LINK, $message->body, $found);

        return array_slice(array_values(array_unique(array_map(static fn (string $link): string => rtrim($link, '.,;'), $found[0]))), 0, self::MOST_LINKS);
    }
}
