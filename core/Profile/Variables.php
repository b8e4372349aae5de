<?php

declare(strict_types=1);

namespace Wexon\Core\Profile;

/** What a charting platform can write into a message, by our names. */
final class Variables
{
    /** @return array<string, string> Name => what it is. */
    public static function all(): array
    {
        return [
            'symbol' => 'the chart\'s ticker',
            'close' => 'the bar\'s closing price, or the price now',
            'time' => 'when the alert fired',
            'bar_time' => 'when the bar began',
            'interval' => 'length of a bar',
            'order_action' => 'buy or sell, from a script',
            'order_size' => 'size of the script\'s order',
            'order_price' => 'price of the script\'s order',
            'order_id' => 'name of the script\'s order',
            'position_before' => 'the script\'s position before the order: long, short or flat',
            'position_after' => 'the script\'s position after the order: long, short or flat',
            'position_size' => 'size of the script\'s position after the order',
            'comment' => 'the script\'s own text for the order',
            'alert_name' => 'name of the alert',
        ];
    }

    /** @return list<string> What one message for every order of a script cannot do without. */
    public static function ofScripts(): array
    {
        return ['order_action', 'position_before', 'position_after'];
    }
}
