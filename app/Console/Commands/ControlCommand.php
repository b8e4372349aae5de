<?php

namespace App\Console\Commands;

use App\Control\ChangeStatesInTime;
use App\Control\ReleaseHeld;
use App\Notify\PlanDeliveries;
use App\Notify\SendDeliveries;
use App\Notify\Summarise;
use Illuminate\Console\Command;
use Illuminate\Support\Sleep;
use Throwable;

/** Runs for ever, apart from what asks the venues: neither a venue that hangs nor a webhook that does holds up the other's work. */
final class ControlCommand extends Command
{
    private const EVERY = 500;

    protected $signature = 'wexon:control {what : held, or told}';

    protected $description = 'Lets waiting signals go on and tells the desks';

    public function handle(ReleaseHeld $held, ChangeStatesInTime $states, Summarise $summarise, PlanDeliveries $plan, SendDeliveries $deliver): int
    {
        $round = $this->argument('what') === 'held'
            ? [$held->look(...), $states->look(...)]
            : [$summarise->look(...), $plan->plan(...), $deliver->send(...)];
        for (; ;) {
            try {
                foreach ($round as $act) {
                    $act();
                }
            } catch (Throwable $trouble) {
                // The database may be starting again.
                report($trouble);
            }
            Sleep::for(self::EVERY)->milliseconds();
        }
    }
}
