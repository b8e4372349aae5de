<?php

use App\Dispatch\Sweep;
use App\Keeping\Prune;
use App\Slips\Remind;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\Schedule;

// Whatever a worker or a venue left half done is taken up again.
Schedule::call(static fn (Sweep $sweep) => $sweep->run(olderThan: 3))->everyFiveSeconds()->name('sweep');

Schedule::command('queue:prune-failed --hours=336')->daily();
Schedule::command('sanctum:prune-expired --hours=24')->daily();

Schedule::call(static fn (Prune $prune) => $prune->run(CarbonImmutable::now()))->hourlyAt(17)->name('prune');

Schedule::call(static fn (Remind $remind) => $remind->run(CarbonImmutable::now()))->everyMinute()->name('remind');
