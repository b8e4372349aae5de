<?php

namespace App\Dispatch;

use App\Models\Decision;
use App\Models\DecisionState;
use Illuminate\Database\Eloquent\Builder;

/**
 * Everything for one account and instrument, strictly in the order received. Only one worker is in a lane at a time;
 * different lanes run in parallel.
 */
final readonly class Lane
{
    public function __construct(private DecideNow $decide, private SendOrders $send) {}

    public function work(string $lane): void
    {
        do {
            $held = false;
            $mine = NamedLock::run("lane:{$lane}", function () use ($lane, &$held): void {
                while (! $held && ($decision = $this->unfinished($lane)->first()) !== null) {
                    $held = ! $this->finish($decision);
                }
            });
            // What came in between the last look and the release was told to a worker who found the lane taken.
        } while ($mine && ! $held && $this->unfinished($lane)->exists());
    }

    /** @return bool False when the venue leaves us in doubt: the lane waits, and the sweep comes back to it. */
    private function finish(Decision $decision): bool
    {
        $fresh = $decision->state === DecisionState::Waiting;
        if ($fresh) {
            $this->decide->decide($decision);
        }

        return $this->send->send($decision, $fresh);
    }

    /** @return Builder<Decision> */
    private function unfinished(string $lane): Builder
    {
        return Decision::query()->where('lane', $lane)->whereNull('finished_at')->orderBy('id');
    }
}
