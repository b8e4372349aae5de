<?php

declare(strict_types=1);

namespace Wexon\Core\Intent;

use Wexon\Core\Order\WorkingOrder;
use Wexon\Core\Signal\Action;
use Wexon\Core\Signal\Signal;

/** A signal that closes while there is no position yet, but an entry is still working for one: the entry is what it closes. */
final class TakeBackEntry
{
    /**
     * @param  ResolvedIntent  $intent  As the position alone gives it.
     * @param  list<WorkingOrder>  $working
     */
    public static function unless(ResolvedIntent $intent, Signal $signal, array $working): ResolvedIntent
    {
        $entries = array_filter($working, static fn (WorkingOrder $order): bool => $order->role->opens() && self::closes($signal, $order));
        if ($intent->intent !== Intent::Nothing || $entries === []) {
            return $intent;
        }
        $entry = reset($entries);

        return ResolvedIntent::of(Intent::Cancel, null, "The position is flat, but an entry is still working: {$entry}. It is taken back.");
    }

    private static function closes(Signal $signal, WorkingOrder $entry): bool
    {
        $against = $signal->action->leaning() ?? $signal->side;

        return match ($signal->action) {
            Action::Exit, Action::Flatten => $against === null || $against === $entry->side->position(),
            Action::Set => $signal->side === null,
            Action::Buy, Action::Sell => $against !== $entry->side->position(),
            default => false,
        };
    }
}
