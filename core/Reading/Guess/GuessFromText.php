<?php

declare(strict_types=1);

namespace Wexon\Core\Reading\Guess;

use Wexon\Core\Reading\Mapping\Reading;

/**
 * A first reading of a plain text: word rules for what to do, patterns for the rest.
 *
 * @phpstan-import-type ReadingSpec from Reading
 */
final class GuessFromText
{
    /** In the order in which the rules are tried: the longer phrases first. */
    private const PHRASES = [
        'close all' => 'flatten', 'exit all' => 'flatten',
        'exit long' => 'exit long', 'close long' => 'exit long', 'long exit' => 'exit long', 'long close' => 'exit long',
        'exit short' => 'exit short', 'close short' => 'exit short', 'short exit' => 'exit short', 'short close' => 'exit short',
        'enter long' => 'enter long', 'long entry' => 'enter long', 'open long' => 'enter long', 'go long' => 'enter long', 'entry long' => 'enter long',
        'enter short' => 'enter short', 'short entry' => 'enter short', 'open short' => 'enter short', 'go short' => 'enter short', 'entry short' => 'enter short',
        'crossing up' => 'buy', 'crosses up' => 'buy', 'crosses above' => 'buy', 'crossing above' => 'buy',
        'crossing down' => 'sell', 'crosses down' => 'sell', 'crosses below' => 'sell', 'crossing below' => 'sell',
        'exit' => 'exit', 'close' => 'exit', 'buy' => 'buy', 'sell' => 'sell', 'long' => 'enter long', 'short' => 'enter short',
        'bullish' => 'buy', 'bearish' => 'sell', 'oversold' => 'buy', 'overbought' => 'sell',
    ];

    private const COUNTERPARTS = ['long' => 'short', 'short' => 'long', 'up' => 'down', 'down' => 'up', 'above' => 'below', 'below' => 'above', 'buy' => 'sell', 'sell' => 'buy', 'bullish' => 'bearish', 'bearish' => 'bullish', 'oversold' => 'overbought', 'overbought' => 'oversold'];

    /** @return ReadingSpec */
    public static function of(string $text): array
    {
        $fields = [];
        $symbol = self::symbol($text);
        if ($symbol !== null) {
            $fields['symbol'] = ['from' => 'pattern', 'at' => $symbol, 'required' => true];
        }
        if (preg_match('/(?:price|@|\bat)\s*[:=]?\s*(\d+(?:\.\d+)?)/i', $text) === 1) {
            $fields['price'] = ['from' => 'pattern', 'at' => '(?:price|@|\bat)\s*[:=]?\s*(\d+(?:\.\d+)?)'];
        }

        return ['fields' => $fields, 'words' => self::words($text)];
    }

    /** Tickers are in capitals in most texts; the pattern asks for them so. */
    private static function symbol(string $text): ?string
    {
        foreach (['(?-i)\b([A-Z0-9]{2,12}[\/:][A-Z0-9.]{2,16})\b', '(?-i)\b(?!(?:LONG|SHORT|BUY|SELL|ENTER|ENTRY|EXIT|CLOSE|OPEN|ALERT|NEW|SIGNAL|USD)\b)([A-Z]{3,12}(?:\.[A-Z]+)?)\b'] as $pattern) {
            if (preg_match("~{$pattern}~u", $text, $found) === 1 && ! Looks::isAction($found[1])) {
                return $pattern;
            }
        }

        return null;
    }

    /** @return list<array{when: string, text: string, then: array<string, string>}> */
    private static function words(string $text): array
    {
        $text = mb_strtolower((string) preg_replace('/[\s_-]+/u', ' ', $text));
        foreach (self::PHRASES as $phrase => $meant) {
            if (preg_match('/(?<![a-z])'.$phrase.'(?![a-z])/', $text) === 1) {
                $rules = [['when' => 'contains', 'text' => $phrase, 'then' => ['do' => $meant]]];
                $other = strtr($phrase, self::COUNTERPARTS);
                if ($other !== $phrase && isset(self::PHRASES[$other])) {
                    $rules[] = ['when' => 'contains', 'text' => $other, 'then' => ['do' => self::PHRASES[$other]]];
                }

                return $rules;
            }
        }

        return [];
    }
}
