<?php

namespace App\Jobs;

use App\Dispatch\Intake;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Bus\Dispatchable;

/** Reads every stored message. It has no properties, so that the inlet can queue it without the framework. */
final class ReadMessages implements ShouldQueue
{
    use Dispatchable;

    public function handle(Intake $intake): void
    {
        $intake->work();
    }
}
