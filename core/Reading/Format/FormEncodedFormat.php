<?php

declare(strict_types=1);

namespace Wexon\Core\Reading\Format;

/** What a web form sends: action=buy&symbol=MARL%2FUSD. */
final readonly class FormEncodedFormat implements Format
{
    private const SHAPE = '/^[\w.\[\]%-]++=[^\s&=]*+(?:&[\w.\[\]%-]++=[^\s&=]*+)++&?$/';

    public function name(): string
    {
        return 'form';
    }

    public function take(string $text): ?array
    {
        if (preg_match(self::SHAPE, $text) !== 1) {
            return null;
        }
        $values = [];
        foreach (explode('&', rtrim($text, '&')) as $pair) {
            [$key, $value] = [...explode('=', $pair, 2), ''];
            $values[mb_scrub(urldecode($key), 'UTF-8')] = mb_scrub(urldecode($value), 'UTF-8');
        }

        return [Document::of($text, $values)];
    }
}
