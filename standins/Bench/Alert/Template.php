<?php

declare(strict_types=1);

namespace Standin\Bench\Alert;

/** A message text with placeholders, such as ${symbol}, that are filled in when the alert fires. */
final class Template
{
    /** What every alert can fill in; a script's also what is its order's. */
    public const OF_CHARTS = ['symbol', 'open', 'high', 'low', 'close', 'volume', 'time', 'bar_time', 'interval', 'alert_name'];

    public const OF_ORDERS = ['order_action', 'order_size', 'order_price', 'order_id', 'position_before', 'position_after', 'position_size', 'comment'];

    private const PLACEHOLDER = '/\$\{(\w+)\}/';

    /**
     * What is not known stays as it was typed, as a slip of the pen does.
     *
     * @param  array<string, string>  $values
     */
    public static function fill(string $text, array $values): string
    {
        return (string) preg_replace_callback(self::PLACEHOLDER, static fn (array $found): string => $values[$found[1]] ?? $found[0], $text);
    }

    /**
     * Placeholders that will be left as they are.
     *
     * @return list<string>
     */
    public static function unknown(string $text, bool $isScript): array
    {
        preg_match_all(self::PLACEHOLDER, $text, $found);
        $known = $isScript ? [...self::OF_CHARTS, ...self::OF_ORDERS] : self::OF_CHARTS;

        return array_values(array_unique(array_filter($found[1], static fn (string $name): bool => ! in_array($name, $known, true))));
    }
}
