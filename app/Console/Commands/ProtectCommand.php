<?php

namespace App\Console\Commands;

use App\Connector\VenueTrouble;
use App\Control\CarryOutHalts;
use App\Control\WatchLimits;
use App\Models\Account;
use App\Protect\Feed;
use App\Protect\Leases;
use App\Protect\Reconcile;
use App\Protect\WatchAdds;
use App\Protect\WatchPositions;
use App\Protect\WatchWholes;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\Log;
use Illuminate\Support\Sleep;
use Throwable;

/** Looks after open positions for ever. Several can run, on several machines: each takes its share of the accounts. */
final class ProtectCommand extends Command
{
    private const AFTER_TROUBLE = 500;

    /** Seconds to wait for a price. */
    private const WAITS = 0.05;

    /** Seconds between two looks at one account; longer when there are very many. */
    private const RECONCILED_EVERY = 5;

    /** Seconds between two accounts: a watcher of very many takes longer for the round rather than press the venues. */
    private const GAP = 0.2;

    private float $reconciledAt = 0.0;

    private int $next = 0;

    protected $signature = 'wexon:protect';

    protected $description = 'Looks after open positions';

    public function handle(Feed $feed, WatchPositions $positions, WatchAdds $adds, WatchWholes $wholes, CarryOutHalts $halts, WatchLimits $limits, Reconcile $reconcile): int
    {
        $leases = new Leases(gethostname().':'.getmypid());
        $running = true;
        $this->trap([SIGTERM, SIGINT, SIGQUIT], static function () use (&$running): void {
            $running = false;
        });
        while ($running) {
            try {
                $accounts = $leases->accounts();
                $fresh = $feed->quotes($adds->wanted($accounts, $positions->wanted($accounts)), self::WAITS);
                $positions->look($fresh);
                $adds->look($fresh);
                $wholes->look($accounts);
                $halts->look($accounts);
                $limits->look($accounts);
                $this->reconcile($reconcile, $accounts);
            } catch (Throwable $trouble) {
                // The database may be starting again: all that matters is on disk, and the next look reads it.
                report($trouble);
                Sleep::for(self::AFTER_TROUBLE)->milliseconds();
            }
        }
        $leases->giveUp();

        return self::SUCCESS;
    }

    /**
     * One account at a time, so that prices do not wait; each comes again after some seconds.
     *
     * @param  list<int>  $accounts
     */
    private function reconcile(Reconcile $reconcile, array $accounts): void
    {
        if ($accounts === [] || microtime(true) < $this->reconciledAt + max(self::GAP, self::RECONCILED_EVERY / count($accounts))) {
            return;
        }
        $this->reconciledAt = microtime(true);
        $this->next = ($this->next + 1) % count($accounts);
        $account = Account::query()->find($accounts[$this->next]);
        try {
            $account === null || $reconcile->look($account);
        } catch (VenueTrouble $trouble) {
            Log::info("An account could not be compared: {$trouble->getMessage()}");
        }
    }
}
