<?php

namespace App\Http\Controllers\Positions;

use App\Blotter\PositionDetails;
use App\Models\Position;
use Illuminate\Http\JsonResponse;

/** One position with everything around it: what looks after it, its fills, and its figures. */
final class ShowPosition
{
    public function __invoke(Position $position, PositionDetails $details): JsonResponse
    {
        return new JsonResponse($details->of($position));
    }
}
