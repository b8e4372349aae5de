<?php

namespace App\Console\Commands;

use App\Protect\Leases;
use App\Protect\WatchPositions;
use Illuminate\Console\Command;
use Illuminate\Support\Sleep;
use Throwable;

/** Looks after open positions for ever. Several can run, on several machines: each takes its share of the accounts. */
final class ProtectCommand extends Command
{
    private const AFTER_TROUBLE = 500;

    protected $signature = 'wexon:protect';

    protected $description = 'Looks after open positions';

    public function handle(WatchPositions $watch): int
    {
        $leases = new Leases(gethostname().':'.getmypid());
        $running = true;
        $this->trap([SIGTERM, SIGINT, SIGQUIT], static function () use (&$running): void {
            $running = false;
        });
        while ($running) {
            try {
                $watch->look($leases->accounts());
            } catch (Throwable $trouble) {
                // The database may be starting again: all that matters is on disk, and the next look reads it.
                report($trouble);
                Sleep::for(self::AFTER_TROUBLE)->milliseconds();
            }
        }
        $leases->giveUp();

        return self::SUCCESS;
    }
}
