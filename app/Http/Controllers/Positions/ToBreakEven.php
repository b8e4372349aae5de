<?php

namespace App\Http\Controllers\Positions;

use App\Blotter\PositionDetails;
use App\Models\Position;
use App\Protect\Hand;
use Illuminate\Http\JsonResponse;
use Wexon\Core\Order\OrderRefusal;
use Wexon\Core\Protection\Event\StopMoved;

/** Puts the stop of a position where nothing is lost, fees of both sides included. */
final class ToBreakEven
{
    public function __invoke(Position $position, Hand $hand, PositionDetails $details): JsonResponse
    {
        $instrument = $hand->instrument($position);
        $price = $position->value($instrument->multiplier)->breakEven($instrument->takerFee);
        Refused::orDone('price', static fn () => $price === null ? throw new OrderRefusal('The position is closed already.') : $hand->protect($position, new StopMoved($price, $hand->mark($position))));

        return new JsonResponse($details->of($position->refresh()));
    }
}
