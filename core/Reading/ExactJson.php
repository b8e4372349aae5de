<?php

declare(strict_types=1);

namespace Wexon\Core\Reading;

use JsonException;

/** Reads JSON with every number kept as the text it was written as, so that no price ever passes through a float. */
final class ExactJson
{
    public const DEPTH = 32;

    /** Skips strings, takes numbers. Possessive, so that no input can make it backtrack. */
    private const NUMBER = '/"(?:[^"\\\\]++|\\\\.)*+"(*SKIP)(*F)|-?\d++(?:\.\d++)?+(?:[eE][+-]?\d++)?+/s';

    /** @throws ReadingError If the text is not JSON. */
    public static function decode(string $text): mixed
    {
        $text = trim(str_starts_with($text, "\xEF\xBB\xBF") ? substr($text, 3) : $text);
        if ($text === '') {
            throw ReadingError::missing('message', 'a JSON object such as {"do": "enter", "side": "long", "symbol": "MARL/USD"}');
        }
        try {
            return self::strict($text);
        } catch (JsonException $error) {
            throw ReadingError::at('message', $text, 'JSON ('.lcfirst($error->getMessage()).')');
        }
    }

    /** @throws JsonException If the text is not JSON, or nested deeper than thirty-two levels. */
    public static function strict(string $text): mixed
    {
        json_decode($text, true, self::DEPTH, JSON_THROW_ON_ERROR);
        $quoted = preg_replace(self::NUMBER, '"$0"', $text);
        if ($quoted === null) {
            throw new JsonException('it is too tangled to take apart');
        }

        return json_decode($quoted, true, self::DEPTH, JSON_THROW_ON_ERROR);
    }
}
