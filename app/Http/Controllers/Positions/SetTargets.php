<?php

namespace App\Http\Controllers\Positions;

use App\Blotter\PositionDetails;
use App\Models\Position;
use App\Protect\Hand;
use Brick\Math\BigDecimal;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use InvalidArgumentException;
use Wexon\Core\Protection\Event\TargetsSet;
use Wexon\Core\Protection\TargetRule;

/** Sets the targets of a position by price and share; none of them lets it run. */
final class SetTargets
{
    public function __invoke(Request $request, Position $position, Hand $hand, PositionDetails $details): JsonResponse
    {
        $decimal = ['required', 'string', 'regex:/^(?=.*[1-9])\d{1,12}(\.\d{1,12})?$/'];
        $given = $request->validate(['targets' => ['present', 'array', 'max:10'], 'targets.*.price' => $decimal, 'targets.*.share' => $decimal]);
        try {
            $targets = TargetRule::all(array_map(static fn (array $target): array => ['at' => ['at' => $target['price']], 'share' => (string) BigDecimal::of($target['share'])], array_values($given['targets'])));
        } catch (InvalidArgumentException $trouble) {
            throw ValidationException::withMessages(['targets' => $trouble->getMessage()]);
        }
        Refused::orDone('targets', static fn () => $hand->protect($position, new TargetsSet($targets, $hand->mark($position))));

        return new JsonResponse($details->of($position->refresh()));
    }
}
