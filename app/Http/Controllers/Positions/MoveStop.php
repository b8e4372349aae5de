<?php

namespace App\Http\Controllers\Positions;

use App\Blotter\PositionDetails;
use App\Models\Position;
use App\Protect\Hand;
use Brick\Math\BigDecimal;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Wexon\Core\Protection\Event\StopMoved;

/** Puts the stop of a position at a price, or takes it away. */
final class MoveStop
{
    public function __invoke(Request $request, Position $position, Hand $hand, PositionDetails $details): JsonResponse
    {
        $given = $request->validate(['price' => ['present', 'nullable', 'string', 'regex:/^\d{1,12}(\.\d{1,12})?$/']], ['price.regex' => 'A price is a number such as 38.20.']);
        Refused::orDone('price', static fn () => $hand->protect($position, new StopMoved($given['price'] === null ? null : BigDecimal::of($given['price']), $hand->mark($position))));

        return new JsonResponse($details->of($position->refresh()));
    }
}
