<?php

namespace App\Http\Controllers\Decisions;

use App\Http\Resources\DecisionResource;
use App\Jobs\WorkLane;
use App\Models\Decision;
use App\Models\DecisionState;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Support\Facades\DB;
use Wexon\Core\Guard\LimitGuards;

/** Runs a signal all the same that a limit refused: decided anew, with the market of now, and without that one limit. */
final class Overrule
{
    public function __invoke(Decision $decision, #[CurrentUser] User $user): DecisionResource
    {
        abort_unless($decision->state === DecisionState::Done && $decision->verdict === 'refuse' && in_array($decision->guard, LimitGuards::names(), true), 409, 'Only what one of the limits refused can be run all the same.');
        $again = DB::transaction(function () use ($decision, $user): Decision {
            $one = Decision::query()->whereKey($decision->id)->lockForUpdate()->firstOrFail();
            abort_if($one->overruled !== null && $one->overruled_by === $user->name, 409, 'It was run all the same already.');
            $one->update(['state' => DecisionState::Waiting, 'overruled' => $one->guard, 'overruled_by' => $user->name, 'finished_at' => null]);

            return $one;
        });
        WorkLane::dispatch($again->lane);

        return new DecisionResource($again->load(Decision::SHOWN));
    }
}
