<?php

namespace App\Jobs;

use App\Dispatch\Lane;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Bus\Dispatchable;

/** Decides and sends everything that waits in one lane. */
final class WorkLane implements ShouldQueue
{
    use Dispatchable;

    public function __construct(public readonly string $lane) {}

    public function handle(Lane $lane): void
    {
        $lane->work($this->lane);
    }
}
