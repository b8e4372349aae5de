<?php

namespace App\Console\Commands;

use App\Console\Bench\DecisionBench;
use App\Console\Bench\GridBench;
use App\Console\Bench\InletBench;
use App\Console\Bench\MessageToOrderBench;
use App\Console\Bench\ProtectionBench;
use App\Console\Bench\ReadingBench;
use App\Console\Bench\StudiesBench;
use App\Models\Message;
use App\Models\MessageState;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;

/** Measures the paths that matter, on the running bench place. Medians and ratios of one run; the machine is noisy. */
final class BenchCommand extends Command
{
    protected $signature = 'wexon:bench {part : reading, decisions, inlet, orders, grid, protection or studies}';

    protected $description = 'Measures decisions, the inlet, and the way from message to order';

    public function handle(DecisionBench $decisions, ReadingBench $reading, InletBench $inlet, MessageToOrderBench $orders, GridBench $grid, ProtectionBench $protection, StudiesBench $studies): int
    {
        $parts = ['reading' => $reading, 'decisions' => $decisions, 'inlet' => $inlet, 'orders' => $orders, 'grid' => $grid, 'protection' => $protection, 'studies' => $studies];
        $part = $parts[(string) $this->input->getArgument('part')] ?? null;
        if ($part === null) {
            $this->components->error('The parts are '.implode(', ', array_keys($parts)).'.');

            return self::FAILURE;
        }
        $this->waitUntilIdle();
        $this->table(['what', 'per second', 'median ms', '99th percentile ms'], $part->run());

        return self::SUCCESS;
    }

    /** What the part before left behind must not be measured with this one. */
    private function waitUntilIdle(): void
    {
        while (Message::query()->where('state', MessageState::Stored)->exists() || DB::table('jobs')->exists()) {
            usleep(100_000);
        }
    }
}
