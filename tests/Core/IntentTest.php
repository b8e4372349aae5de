<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Wexon\Core\Intent\Intents;
use Wexon\Core\Reading\WexonMessage;
use Wexon\Core\Signal\Side;

/** What a signal means: message × position held × the route's choice. Every expectation is written by hand. */
final class IntentTest extends TestCase
{
    #[DataProvider('table')]
    public function test_a_signal_means(string $message, string $held, string $sides, string $opposite, string $expected): void
    {
        $signal = WexonMessage::read('{"symbol": "MARL/USD", '.$message.'}');
        $resolved = Intents::resolve($signal, Worlds::rules($sides, $opposite), Side::tryFrom($held));

        self::assertSame($expected, (string) $resolved, $resolved->why);
    }

    /** @return iterable<string, array{string, string, string, string, string}> */
    public static function table(): iterable
    {
        $rows = <<<'TABLE'
            "do": "enter", "side": "long"   | flat  | both  | close_only        | enter long
            "do": "enter", "side": "long"   | long  | both  | close_only        | nothing
            "do": "enter", "side": "long"   | short | both  | close_only        | nothing
            "do": "enter", "side": "short"  | flat  | both  | close_only        | enter short
            "do": "enter", "side": "short"  | flat  | long  | close_only        | enter short
            "do": "exit"                    | flat  | both  | close_only        | nothing
            "do": "exit"                    | long  | both  | close_only        | exit long
            "do": "exit"                    | short | long  | close_only        | exit short
            "do": "exit", "side": "long"    | short | both  | close_only        | nothing
            "do": "exit", "side": "short"   | short | both  | close_only        | exit short
            "do": "flip", "side": "short"   | long  | both  | close_only        | flip short
            "do": "flip", "side": "short"   | flat  | both  | close_only        | enter short
            "do": "flip", "side": "short"   | short | both  | close_only        | nothing
            "do": "buy"                     | flat  | both  | close_only        | enter long
            "do": "buy"                     | long  | both  | close_only        | nothing
            "do": "buy"                     | short | both  | close_only        | exit short
            "do": "buy"                     | short | both  | close_and_reverse | flip long
            "do": "buy"                     | short | both  | ignore            | nothing
            "do": "buy"                     | short | short | close_and_reverse | exit short
            "do": "buy"                     | flat  | short | close_only        | nothing
            "do": "buy"                     | flat  | short | close_and_reverse | nothing
            "do": "sell"                    | flat  | both  | close_only        | nothing
            "do": "sell"                    | flat  | both  | close_and_reverse | enter short
            "do": "sell"                    | flat  | both  | ignore            | enter short
            "do": "sell"                    | flat  | short | close_only        | enter short
            "do": "sell"                    | flat  | long  | close_and_reverse | nothing
            "do": "sell"                    | long  | both  | close_only        | exit long
            "do": "sell"                    | long  | both  | close_and_reverse | flip short
            "do": "sell"                    | long  | long  | close_and_reverse | exit long
            "do": "sell"                    | long  | both  | ignore            | nothing
            "do": "buy", "position": {"before": "flat", "after": "long"}   | flat  | both | close_only | enter long
            "do": "buy", "position": {"before": "flat", "after": "long"}   | long  | both | close_only | nothing
            "do": "buy", "position": {"before": "flat", "after": "long"}   | short | both | close_only | flip long
            "do": "sell", "position": {"before": "long", "after": "flat"}  | long  | both | ignore     | exit long
            "do": "sell", "position": {"before": "long", "after": "flat"}  | flat  | both | ignore     | nothing
            "do": "sell", "position": {"before": "long", "after": "flat"}  | short | both | ignore     | nothing
            "do": "sell", "position": {"before": "long", "after": "short"} | long  | both | close_only | flip short
            "do": "sell", "position": {"before": "long", "after": "short"} | flat  | both | close_only | enter short
            "do": "sell", "position": {"before": "long", "after": "short"} | short | both | close_only | nothing
            "do": "buy", "position": {"before": "short", "after": "flat"}  | short | both | close_only | exit short
            "do": "buy", "position": {"before": "long", "after": "long"}   | long  | both | close_only | add long
            "do": "sell", "position": {"before": "long", "after": "long"}  | long  | both | close_only | reduce long
            "do": "sell", "position": {"before": "long", "after": "long"}  | flat  | both | close_only | nothing
            "do": "sell", "position": {"before": "short", "after": "short"} | short | both | close_only | add short
            "do": "buy", "position": {"before": "flat", "after": "flat"}   | long  | both | close_only | nothing
            "do": "buy", "position": {"before": "long", "after": "short"}  | long  | both | close_only | nothing
            TABLE;
        foreach (explode("\n", $rows) as $row) {
            $cells = array_map(trim(...), explode('|', $row));
            yield preg_replace('/\s+/', ' ', $row) => [$cells[0], $cells[1], $cells[2], $cells[3], $cells[4]];
        }
    }
}
