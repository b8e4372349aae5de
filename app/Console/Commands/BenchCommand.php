<?php

namespace App\Console\Commands;

use App\Console\Bench\DecisionBench;
use App\Console\Bench\InletBench;
use App\Console\Bench\MessageToOrderBench;
use Illuminate\Console\Command;

/** Measures the paths that matter, on the running bench place. Medians and ratios of one run; the machine is noisy. */
final class BenchCommand extends Command
{
    protected $signature = 'wexon:bench {part : inlet, decisions or orders}';

    protected $description = 'Measures decisions, the inlet, and the way from message to order';

    public function handle(DecisionBench $decisions, InletBench $inlet, MessageToOrderBench $orders): int
    {
        $parts = ['decisions' => $decisions, 'inlet' => $inlet, 'orders' => $orders];
        $part = $parts[(string) $this->input->getArgument('part')] ?? null;
        if ($part === null) {
            $this->components->error('The parts are '.implode(', ', array_keys($parts)).'.');

            return self::FAILURE;
        }
        $this->table(['what', 'per second', 'median ms', '99th percentile ms'], $part->run());

        return self::SUCCESS;
    }
}
