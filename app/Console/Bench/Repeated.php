<?php

namespace App\Console\Bench;

/** The same work over and over, in rounds: the rate is that of the middle round. */
final class Repeated
{
    private const ROUNDS = 5;

    private const EACH = 4_000;

    /** @return array{string, string, string, string} */
    public static function measure(string $what, callable $work): array
    {
        $rates = $times = [];
        for ($round = 0; $round < self::ROUNDS; $round++) {
            $began = microtime(true);
            for ($i = 0; $i < self::EACH; $i++) {
                $started = microtime(true);
                $work();
                $times[] = microtime(true) - $started;
            }
            $rates[] = self::EACH / (microtime(true) - $began);
        }
        sort($rates);

        return Timings::of($times)->row($what, $rates[intdiv(self::ROUNDS, 2)]);
    }
}
