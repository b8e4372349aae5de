<?php

declare(strict_types=1);

namespace Standin\Exchange;

/** Venues and the bench forget what is long over, so that a demo can run for months. */
final class Prune
{
    private const DAY = 86_400_000;

    private const KEEPS = 14;

    private const AT_ONCE = 2_000;

    public static function run(): void
    {
        $before = Clock::milliseconds() - self::KEEPS * self::DAY;
        foreach (['quarrystone', 'larkmoor', 'pellam_street'] as $venue) {
            $database = Database::of($venue);
            $old = $database->table('orders')->where('status', '!=', 'working')->where('created_at', '<', Clock::stampOf($before))->limit(self::AT_ONCE)->pluck('id');
            $database->table('fills')->whereIn('order_id', $old)->delete();
            $database->table('orders')->whereIn('id', $old)->delete();
        }
        $bench = Database::of('bench');
        $bench->table('firings')->where('state', '!=', 'waiting')->where('due_at', '<', $before)->limit(self::AT_ONCE)->delete();
        // The newest of each script says what it holds.
        $bench->table('script_events')->where('created_at', '<', $before)->whereNotIn('id', $bench->table('script_events')->selectRaw('MAX(id) newest')->groupBy('script_id')->pluck('newest'))->limit(self::AT_ONCE)->delete();
    }
}
