<?php

namespace App\Console\Commands;

use App\Demo\BenchDesk;
use App\Demo\KestrelYard;
use Illuminate\Console\Command;

/** Sets up the demo's desk if it is not there, and prints what a newcomer needs: the login, and the inlets' addresses. */
final class DemoCommand extends Command
{
    protected $signature = 'wexon:demo {--bench : Set up the desk that the benchmark uses instead}';

    protected $description = 'Sets up the desk Kestrel Yard';

    public function handle(KestrelYard $yard, BenchDesk $bench): int
    {
        if ($this->option('bench')) {
            $bench->setUp();

            return self::SUCCESS;
        }
        $this->line((string) json_encode($yard->setUp(), JSON_UNESCAPED_SLASHES));

        return self::SUCCESS;
    }
}
