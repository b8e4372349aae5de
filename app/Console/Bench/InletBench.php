<?php

namespace App\Console\Bench;

use App\Models\Inlet;
use Illuminate\Support\Facades\Process;
use RuntimeException;

/** The inlet's answers, against a bare route of the framework in the same run. The messages are unreadable, so that no order follows. */
final class InletBench
{
    private const SECONDS = 5;

    private const AT_ONCE = 8;

    /** @return list<array{string, string, string, string}> */
    public function run(): array
    {
        $bare = config('wexon.public_url').'/api/v1/bare';
        $inlet = Inlet::query()->where('name', 'Bench')->firstOrFail()->address();
        $this->hit($bare, 1);
        $this->hit($inlet, 1);
        [$bareRate, $bareRow] = $this->measure('a bare route of the framework, '.self::AT_ONCE.' at once', $bare);
        [$inletRate, $inletRow] = $this->measure('the inlet, stored on disk, '.self::AT_ONCE.' at once', $inlet);

        return [$bareRow, $inletRow, ['the inlet answers more by', number_format($inletRate / $bareRate, 1).' ×', '', '']];
    }

    /** @return array{float, array{string, string, string, string}} */
    private function measure(string $what, string $address): array
    {
        $said = $this->hit($address, self::SECONDS);
        if (preg_match('/50%\s+([\d.]+)(us|ms|s)\b.*99%\s+([\d.]+)(us|ms|s)\b.*Requests\/sec:\s+(\S+)/s', $said, $found) !== 1 || str_contains($said, 'Non-2xx')) {
            throw new RuntimeException("The load tool did not report as expected:\n{$said}");
        }

        $milliseconds = static fn (string $number, string $unit): string => number_format((float) $number * ['us' => 0.001, 'ms' => 1, 's' => 1000][$unit], 1);

        return [(float) $found[5], [$what, number_format((float) $found[5]), $milliseconds($found[1], $found[2]), $milliseconds($found[3], $found[4])]];
    }

    private function hit(string $address, int $seconds): string
    {
        return Process::run(['wrk', '-t1', '-c'.self::AT_ONCE, "-d{$seconds}s", '--latency', '-s', app_path('Console/Bench/post.lua'), $address])->throw()->output();
    }
}
