<?php

namespace App\Console\Commands;

use App\Dispatch\FollowOrders;
use App\Dispatch\SendDue;
use App\Live\Watch;
use Illuminate\Console\Command;
use Illuminate\Support\Sleep;
use Throwable;

/** Runs for ever: working orders and prices once a second, each account every fifteen. */
final class WatchCommand extends Command
{
    protected $signature = 'wexon:watch';

    protected $description = 'Keeps the figures on the screens moving';

    public function handle(Watch $watch, FollowOrders $orders, SendDue $due): int
    {
        for (; ;) {
            $started = microtime(true);
            try {
                $due->send();
                $orders->follow();
                $watch->prices();
                $watch->accounts();
            } catch (Throwable $trouble) {
                // The database may be starting again; the next second tries anew, and supervisor sees a healthy process.
                report($trouble);
            }
            Sleep::for((int) max(0, 1_000_000 * (1 - (microtime(true) - $started))))->microseconds();
        }
    }
}
