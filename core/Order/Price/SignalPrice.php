<?php

declare(strict_types=1);

namespace Wexon\Core\Order\Price;

use Brick\Math\BigDecimal;
use Wexon\Core\Order\OrderRefusal;
use Wexon\Core\Signal\Distance;
use Wexon\Core\Signal\DistanceKind;

/** A limit or trigger that the message itself gives: a price, or a distance from the message's price, or else from the quote. */
final class SignalPrice
{
    /**
     * @return BigDecimal|null To the tick; null when the message says nothing.
     *
     * @throws OrderRefusal If the distance means nothing here.
     */
    public static function of(?Distance $distance, PriceInput $input): ?BigDecimal
    {
        if ($distance === null) {
            return null;
        }
        $from = $input->message ?? $input->quote->priceFor($input->side);

        return $input->toTick(match ($distance->kind) {
            DistanceKind::At => $distance->amount,
            DistanceKind::Percent => $input->percentFrom($from, $distance->amount),
            DistanceKind::Price => $input->awayFrom($from, $distance->amount),
            DistanceKind::Ticks => $input->awayFrom($from, $distance->amount->multipliedBy($input->instrument->tick)),
            DistanceKind::Points => throw new OrderRefusal("{$input->instrument->name} is not priced in points: send ticks, percent or a price."),
            DistanceKind::Risk => throw new OrderRefusal('A limit or trigger cannot be a multiple of the distance to the stop.'),
        });
    }
}
