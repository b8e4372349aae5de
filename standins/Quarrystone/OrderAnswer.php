<?php

declare(strict_types=1);

namespace Standin\Quarrystone;

use Standin\Exchange\Plain;
use stdClass;

/** An order as the venue tells it. */
final class OrderAnswer
{
    /** @return array<string, mixed> */
    public static function of(stdClass $order): array
    {
        return [
            'order_id' => "Q{$order->id}",
            'client_id' => $order->client_id,
            'instrument' => $order->instrument,
            'side' => $order->side,
            'type' => $order->type,
            'quantity' => self::plain($order->quantity),
            'filled' => self::plain($order->filled),
            'price' => self::plain($order->price),
            'trigger_price' => self::plain($order->trigger_price),
            'follows_by' => self::plain($order->follows_by),
            'cancel_group' => $order->cancel_group,
            'status' => $order->status,
            'accepted_at' => str_replace(' ', 'T', $order->created_at).'Z',
            'fills' => array_map(static fn (stdClass $fill): array => [
                'fill_id' => "QF{$fill->id}",
                'quantity' => self::plain($fill->quantity),
                'price' => self::plain($fill->price),
                'fee' => self::plain($fill->fee),
                'at' => str_replace(' ', 'T', $fill->created_at).'Z',
            ], $order->fills),
        ];
    }

    private static function plain(?string $decimal): ?string
    {
        return $decimal === null ? null : Plain::number($decimal);
    }
}
