<?php

declare(strict_types=1);

namespace Wexon\Core\Protection;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use Wexon\Core\Decision\Ticket;
use Wexon\Core\Instrument\Instrument;
use Wexon\Core\Market\Abilities;
use Wexon\Core\Order\OrderRole;
use Wexon\Core\Order\OrderTerms;
use Wexon\Core\Order\OrderType;

/** The orders that should be working at the venue for a protection as it stands. */
final class AtVenue
{
    /** How much further the venue's stop lies than the watched one, as a part of the distance to it. */
    private const BEHIND = '0.5';

    /** @return array<string, Ticket> By "stop" and "target 2". */
    public static function orders(Protection $protection, Instrument $instrument, Abilities $abilities): array
    {
        if ($protection->quantity->isZero() || $protection->rules->keeping === Keeping::Watched) {
            return [];
        }
        $closing = $protection->side->closing();
        $orders = [];
        $stop = self::stop($protection, $instrument);
        $units = $instrument->roundSizeDown($protection->quantity);
        if ($stop !== null && $units->isPositive() && $abilities->takes(OrderType::Stop)) {
            $orders['stop'] = Ticket::of(OrderRole::Stop, $instrument->name, $closing, $units, self::terms($protection, $instrument, $stop, $abilities), reduceOnly: true, label: 'stop');
        }
        if ($protection->rules->keeping === Keeping::Both || ! $abilities->takes(OrderType::Limit)) {
            return $orders;
        }
        $quantities = $protection->quantities($instrument);
        foreach ($quantities as $number => $quantity) {
            $target = $protection->target($number);
            if ($target !== null && ! $target->sent) {
                $orders["target {$number}"] = Ticket::of(OrderRole::Target, $instrument->name, $closing, $quantity, OrderTerms::of($target->price, null), reduceOnly: true, label: "target {$number}");
            }
        }
        // Only a target that closes everything may take the stop with it.
        $isPair = count($orders) === 2 && isset($orders['stop']) && count($quantities) === 1 && reset($quantities)->isEqualTo($units);

        return $isPair && $abilities->cancelsOthers ? array_map(static fn (Ticket $ticket): Ticket => $ticket->exclusive(), $orders) : $orders;
    }

    /** A stop that trails is moved by the venue itself, where it can do that. */
    private static function terms(Protection $protection, Instrument $instrument, BigDecimal $stop, Abilities $abilities): OrderTerms
    {
        $trails = $abilities->follows && $protection->why === StopReason::Trail && $protection->rules->keeping === Keeping::Venue;
        $by = $trails ? $protection->rules->trail?->followsBy(Levels::of($protection->side, $instrument), $protection->average, $protection->risk) : null;
        $ticks = $by?->dividedBy($instrument->tick, 0, RoundingMode::DOWN);

        return $ticks === null || ! $ticks->isPositive() ? OrderTerms::of(null, $stop) : OrderTerms::following($stop, $ticks->multipliedBy($instrument->tick));
    }

    private static function stop(Protection $protection, Instrument $instrument): ?BigDecimal
    {
        if ($protection->stop === null || $protection->rules->keeping === Keeping::Venue) {
            return $protection->stop;
        }
        $levels = Levels::of($protection->side, $instrument);
        $further = BigDecimal::max($protection->average->minus($protection->stop)->abs()->multipliedBy(self::BEHIND), $instrument->tick);
        $stop = $levels->toTick($levels->gained($protection->stop, $further->negated()->toScale(max(0, $instrument->tick->getScale()), RoundingMode::UP)));

        return $stop->isPositive() ? $stop : null;
    }
}
