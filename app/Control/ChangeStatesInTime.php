<?php

namespace App\Control;

use App\Models\Route;

/** Brings routes into the state that somebody wanted them in by a time: also when that has passed while nothing ran. */
final readonly class ChangeStatesInTime
{
    public function __construct(private ChangeState $change) {}

    public function look(): void
    {
        foreach (Route::query()->where('next_state_at', '<=', now()->format('Y-m-d H:i:s.u'))->get() as $route) {
            $state = $route->next_state;
            $words = "As {$route->next_state_by} wanted it by {$route->next_state_at?->format('D d M H:i')} UTC.";
            $route->update(['next_state' => null, 'next_state_at' => null, 'next_state_by' => null]);
            $state === null || $this->change->byItself($route, $state, 'the clock', $words);
        }
    }
}
