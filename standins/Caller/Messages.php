<?php

declare(strict_types=1);

namespace Standin\Caller;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use Standin\Exchange\Clock;
use Standin\Quarrystone\Market;

/** What the demo's charts, script and letter say, by the fall of a dice. */
final class Messages
{
    /** Of the grid below the market and above it. */
    private const STEPS = 6;

    /** @return array{int, string} Which inlet, and the body. */
    public static function message(int $dice): array
    {
        $side = ($dice >> 8) % 2 === 0 ? 'long' : 'short';

        return match ($dice % 24) {
            0, 1, 2 => [0, self::json(['do' => 'flip', 'side' => $side, 'symbol' => 'MARL/USD', 'label' => 'average cross'])],
            3, 4 => [0, 'enter long TUFA/USD label oversold'],
            5, 6 => [0, 'exit long TUFA/USD label overbought'],
            7, 8 => [1, self::json(['do' => 'enter', 'side' => $side, 'symbol' => 'CHERT/USD', 'size' => ['amount' => '600', 'unit' => 'money'], 'label' => 'breakout'])],
            9 => [1, self::json(['do' => 'exit', 'symbol' => 'CHERT/USD', 'label' => 'back in the band'])],
            10, 11 => [1, self::script($side)],
            12 => [1, self::json(['do' => 'exit', 'symbol' => 'SKARN/USD'])],
            13, 14 => [1, self::grid(1 + ($dice >> 9) % self::STEPS)],
            16, 17 => [0, self::json(['do' => 'flip', 'side' => $side, 'symbol' => 'NOK/SEK', 'label' => 'midpoint cross'])],
            18 => [1, self::json(['do' => 'enter', 'side' => $side, 'symbol' => 'SGD/ZAR', 'size' => ['amount' => '0.08', 'unit' => 'lots'], 'label' => 'band edge'])],
            19 => [1, self::json(['do' => 'exit', 'symbol' => 'SGD/ZAR', 'label' => 'back inside'])],
            20 => [0, self::json(['do' => 'enter', 'side' => $side, 'symbol' => ($dice >> 9) % 2 === 0 ? 'ALDR' : 'QLLN', 'label' => 'opening range'])],
            21 => [0, self::json(['do' => 'exit', 'symbol' => ($dice >> 9) % 2 === 0 ? 'ALDR' : 'QLLN', 'label' => 'out'])],
            22 => [1, 'enter long TRNH label "dip"'],
            23 => [1, 'exit long TRNH label "bounce"'],
            default => self::mistake($dice >> 5),
        };
    }

    public static function letter(int $dice): string
    {
        $says = $dice % 2 === 0 ? 'A long entry' : 'It is time to take your profit';

        return "Good evening,\n\nMarket: TUFA/USD\n{$says}, last 0.2951.\n\nYour evening letter";
    }

    /** An order message as a strategy script sends it, in a shape of its own, with its position. */
    private static function script(string $side): string
    {
        return self::json([
            'market' => 'SKARN/USD',
            'order' => ['action' => $side === 'long' ? 'b' : 's', 'qty' => '45'],
            'held' => ['was' => '0', 'now' => $side === 'long' ? '45' : '-45'],
            'why' => 'trend flip',
        ]);
    }

    /** A step of the grid, placed anew around the price of now: a buy below it, and the sell above it that answers the buy. */
    private static function grid(int $step): string
    {
        $quote = (new Market)->depth('marl_spot', Clock::milliseconds())->quote;
        $away = BigDecimal::of('0.0015')->multipliedBy($step);
        $buy = $quote->bid->multipliedBy(BigDecimal::one()->minus($away))->toScale(2, RoundingMode::DOWN);
        $sell = $quote->ask->multipliedBy(BigDecimal::one()->plus($away))->toScale(2, RoundingMode::UP);

        return "place short MARL/USD limit @{$sell} label \"step {$step} up\"\nplace long MARL/USD limit @{$buy} label \"step {$step}\"";
    }

    /** @return array{int, string} */
    private static function mistake(int $dice): array
    {
        return match ($dice % 7) {
            0 => [0, 'Skarn crossing up'],
            1 => [0, '{"do": "enter", "side": "long", "symbol": "QS:MARLEUR"}'],
            2 => [1, '{"do": "enter", "symbol": "CHERT/USD", "label": "which side?"}'],
            3 => [1, '{"do": "buy", "symbol": "SKARN/USD", "size": "0.04"}'],
            4 => [0, '{"do": "enter", "side": "long", "symbol": "[#ticker]"}'],
            5 => [0, '{“do”: “flip”, “side”: “long”, “symbol”: “MARL/USD”,}'],
            default => [0, 'protect MARL/USD stop 2%'],
        };
    }

    /** @param  array<string, mixed>  $message */
    private static function json(array $message): string
    {
        return (string) json_encode($message, JSON_UNESCAPED_SLASHES);
    }
}
