<?php

declare(strict_types=1);

namespace Standin\Bench\Demo;

/** What the traders of Kestrel Yard have on their charts. */
final class Lines
{
    private const ODILE = "Odile's charts";

    private const TOMAS = "Tomas's script";

    /** An order message in the shape of Tomas's own script. */
    private const OWN_SHAPE = '{"market": "${symbol}", "order": {"action": "${order_action}", "qty": "${order_size}"}, "held": {"was": "${position_before}", "now": "${position_after}", "size": "${position_size}"}, "why": "${comment}"}';

    /** Charts that nobody draws, but routes trade. */
    public const ALSO_PRICED = ['quarrystone:marl_spot', 'quarrystone:skarn_spot', 'quarrystone:tufa_perp', 'quarrystone:chert_spot'];

    /**
     * Sizes and candles are such that fees and spreads take a small part of the money in a day: it has to last for months.
     *
     * @return list<Line>
     */
    public static function all(): array
    {
        $plain = static fn (string $symbol, string $label): array => [
            'enter long' => self::json(['do' => 'enter', 'side' => 'long', 'symbol' => $symbol, 'label' => $label]), 'enter short' => self::json(['do' => 'enter', 'side' => 'short', 'symbol' => $symbol, 'label' => $label]),
            'exit' => self::json(['do' => 'exit', 'symbol' => $symbol, 'label' => $label]),
        ];

        return [
            new Line('Marl, averages', self::ODILE, 'average_cross', 'quarrystone:marl_perp', '1', ['fast' => 8, 'slow' => 34], ['fast' => 6, 'slow' => 16], ['buy' => 'flip long MARL/USD', 'sell' => 'flip short MARL/USD'], '1min'),
            new Line('Tufa, oversold', self::ODILE, 'oversold', 'quarrystone:tufa_spot', '1', ['length' => 14, 'low' => 34, 'high' => 62], ['length' => 9, 'low' => 40, 'high' => 58], ['buy' => 'enter long TUFA/USD', 'sell' => 'exit long TUFA/USD']),
            new Line('Chert, bands', self::TOMAS, 'band_breakout', 'quarrystone:chert_perp', '0.1', ['length' => 20, 'factor' => 2], ['length' => 16, 'factor' => 1.8], ['*' => 'script CHERT/USD']),
            new Line('Skarn, trend', self::TOMAS, 'trend_flip', 'quarrystone:skarn_perp', '15', ['length' => 10, 'factor' => 2], ['length' => 8, 'factor' => 1.6], ['*' => self::OWN_SHAPE]),
            new Line('Krona, midpoints', self::ODILE, 'midpoint_cross', 'larkmoor:NOK-SEK', '1', ['fast' => 9, 'slow' => 26], ['fast' => 8, 'slow' => 22], ['enter long' => self::json(['do' => 'flip', 'side' => 'long', 'symbol' => 'NOK/SEK', 'label' => 'midpoints']), 'enter short' => self::json(['do' => 'flip', 'side' => 'short', 'symbol' => 'NOK/SEK', 'label' => 'midpoints']), 'exit' => self::json(['do' => 'exit', 'symbol' => 'NOK/SEK', 'label' => 'midpoints'])], '1min'),
            new Line('Alder, oversold', self::ODILE, 'oversold', 'pellam_street:ALDR', '1', ['length' => 7, 'low' => 46, 'high' => 56], ['length' => 9, 'low' => 40, 'high' => 58], ['buy' => 'enter long ALDR', 'sell' => 'exit long ALDR'], silentFor: 150),
            new Line('Quillon, bands', self::ODILE, 'band_breakout', 'pellam_street:QLLN', '1', ['length' => 20, 'factor' => 1.8], ['length' => 16, 'factor' => 1.8], $plain('QLLN', 'bands'), '1min'),
            new Line('Ternholt, dips', self::TOMAS, 'averaging', 'pellam_street:TRNH', '40', ['adds' => 0, 'low' => 36], ['adds' => 0, 'low' => 40], $plain('TRNH', 'dip'), '1min'),
            new Line('Rand, bands', self::TOMAS, 'band_breakout', 'larkmoor:SGD-ZAR', '0.08', ['length' => 20, 'factor' => 2], ['length' => 20, 'factor' => 2], ['*' => '{"do": "${order_action}", "symbol": "${symbol}", "size": {"amount": "${order_size}", "unit": "lots"}, "position": {"before": "${position_before}", "after": "${position_after}", "size": "${position_size}"}, "label": "${comment}"}'], hasPast: false),
            new Line('Marl, grid', self::TOMAS, 'grid', 'quarrystone:marl_spot', '3', [], ['steps' => 12], ['*' => '${order_action} "${symbol}" limit @${order_price} label "${order_id}"'], hasPast: false),
            new Line('Grist, coin', self::TOMAS, 'coin_toss', 'quarrystone:grist_perp', '90', [], ['every' => 1, 'seed' => 4], ['*' => '{"do": "${order_action}", "symbol": "${symbol}", "size": {"amount": "${order_size}", "unit": "units"}, "position": {"before": "${position_before}", "after": "${position_after}", "size": "${position_size}"}, "label": "coin, ${comment}"}'], hasPast: false),
        ];
    }

    /**
     * Alerts that somebody made in a hurry, or forgot: name, inlet, chart, candles, message.
     *
     * @return list<array{string, string, string, string, string}>
     */
    public static function mistakes(): array
    {
        return [
            ['Skarn crossing (old, to be thrown away)', self::ODILE, 'quarrystone:skarn_perp', '15min', 'Skarn crossing up'],
            ['Marl in other money', self::ODILE, 'quarrystone:marl_perp', '15min', '{"do": "enter", "side": "long", "symbol": "QS:MARLEUR"}'],
            ['Chert, which side?', self::TOMAS, 'quarrystone:chert_perp', '5min', '{"do": "enter", "symbol": "CHERT/USD", "price": "${close}", "label": "which side?"}'],
            ['Skarn, too little', self::TOMAS, 'quarrystone:skarn_perp', '15min', '{"do": "buy", "symbol": "SKARN/USD", "size": "0.04"}'],
            ['Marl, mistyped', self::ODILE, 'quarrystone:marl_perp', '5min', '{"do": "enter", "side": "long", "symbol": "${tikcer}"}'],
            ['Marl, curly quotes', self::ODILE, 'quarrystone:marl_perp', '15min', '{“do”: “protect”, “symbol”: “MARL/USD”, “stop”: “2%”,}'],
        ];
    }

    /** @return array<string, string> The evening letter, which comes by mail. */
    public static function letters(): array
    {
        return [
            'buy' => "Good evening,\n\nMarket: TUFA/USD\nA long entry, last \${close}.\n\nYour evening letter",
            'sell' => "Good evening,\n\nMarket: TUFA/USD\nIt is time to take your profit, last \${close}.\n\nYour evening letter",
        ];
    }

    /** @param  array<string, string>  $message */
    private static function json(array $message): string
    {
        return (string) json_encode($message + ['price' => '${close}', 'fired_at' => '${time}'], JSON_UNESCAPED_SLASHES);
    }
}
