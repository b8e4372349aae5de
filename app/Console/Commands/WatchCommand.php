<?php

namespace App\Console\Commands;

use App\Dispatch\FollowOrders;
use App\Live\Watch;
use Illuminate\Console\Command;
use Illuminate\Support\Sleep;
use Throwable;

/** Runs for ever: working orders and prices once a second, accounts every fifteen. */
final class WatchCommand extends Command
{
    protected $signature = 'wexon:watch';

    protected $description = 'Keeps the figures on the screens moving';

    private const ACCOUNTS_EVERY = 15;

    public function handle(Watch $watch, FollowOrders $orders): int
    {
        for ($second = 0; ; $second++) {
            $started = microtime(true);
            try {
                if ($second % self::ACCOUNTS_EVERY === 0) {
                    $watch->accounts();
                }
                $orders->follow();
                $watch->prices();
            } catch (Throwable $trouble) {
                // The database may be starting again; the next second tries anew, and supervisor sees a healthy process.
                report($trouble);
            }
            Sleep::for((int) max(0, 1_000_000 * (1 - (microtime(true) - $started))))->microseconds();
        }
    }
}
