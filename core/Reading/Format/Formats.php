<?php

declare(strict_types=1);

namespace Wexon\Core\Reading\Format;

use Wexon\Core\Reading\ReadingError;

/** Tells the shape of a message and takes it apart. The first shape that takes it, wins; a phrase takes everything. */
final class Formats
{
    /** Messages in one body, at most. */
    private const MOST = 50;

    /** What pages and mails put between words, and nobody sees. */
    private const UNSEEN = ["\u{A0}" => ' ', "\u{202F}" => ' ', "\u{2007}" => ' ', "\u{200B}" => '', "\u{FEFF}" => ''];

    /** @var list<Format>|null */
    private static ?array $all = null;

    /** @return list<Format> */
    private static function all(): array
    {
        return self::$all ??= [new JsonFormat, new LineFormat, new EmbeddedJsonFormat, new FormEncodedFormat, new PairsFormat, new SeparatedFormat, new PhraseFormat];
    }

    /**
     * @param  string|null  $contentType  As the sender gave it; only its charset counts, and a byte order mark counts more.
     *
     * @throws ReadingError If there is nothing in it, or too much.
     */
    public static function takeApart(string $body, ?string $contentType = null): TakenApart
    {
        [$text, $notes] = Encoding::decode($body, $contentType);
        $text = trim(preg_match('/[\x80-\xFF]/', $text) === 1 ? strtr($text, self::UNSEEN) : $text);
        if ($text === '') {
            throw ReadingError::missing('message', 'a text, such as {"do": "enter", "side": "long", "symbol": "MARL/USD"}');
        }
        foreach (self::all() as $format) {
            $documents = $format->take($text);
            if ($documents !== null && $documents !== []) {
                return self::bounded($format, $documents, $notes);
            }
        }

        throw ReadingError::at('message', $text, 'a message');
    }

    /**
     * @param  non-empty-list<Document>  $documents
     * @param  list<string>  $notes
     *
     * @throws ReadingError
     */
    private static function bounded(Format $format, array $documents, array $notes): TakenApart
    {
        if (count($documents) > self::MOST) {
            throw ReadingError::at('message', count($documents).' messages in one body', 'at most '.self::MOST.': send the rest separately');
        }

        return TakenApart::of($format->name(), $documents, $notes);
    }
}
