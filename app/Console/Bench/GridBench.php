<?php

namespace App\Console\Bench;

use App\Connector\Connectors;
use App\Models\Inlet;
use App\Models\Order;
use App\Models\OrderState;
use App\Models\Route;
use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use Closure;
use Generator;
use GuzzleHttp\Client;
use GuzzleHttp\Pool;
use GuzzleHttp\Psr7\Request;
use RuntimeException;

/** A grid script that starts: forty messages within a second, each a limit order of its own, until all rest at the venue. */
final readonly class GridBench
{
    private const ROUNDS = 5;

    private const STEPS = 40;

    private const AT_ONCE = 8;

    private const PATIENCE = 30;

    public function __construct(private Connectors $connectors) {}

    /** @return list<array{string, string, string, string}> */
    public function run(): array
    {
        $inlet = Inlet::query()->where('name', 'Bench')->firstOrFail();
        $account = Route::query()->where('inlet_id', $inlet->id)->with('accounts')->firstOrFail()->accounts->firstOrFail();
        $far = $this->connectors->for($account)->quotes(['marl_perp'])['marl_perp']->bid->multipliedBy('0.6')->toScale(1, RoundingMode::DOWN);
        $client = new Client(['timeout' => 20]);
        $whole = [];
        for ($round = 0; $round < self::ROUNDS; $round++) {
            $began = microtime(true);
            (new Pool($client, $this->burst($inlet->address(), $far), ['concurrency' => self::AT_ONCE]))->promise()->wait();
            $this->waitUntil('all rest', fn (): bool => $this->working() === self::STEPS);
            $whole[] = microtime(true) - $began;
            $client->post($inlet->address(), ['body' => 'cancel all MARL/USD']);
            $this->waitUntil('all are taken back', fn (): bool => $this->working() === 0);
            sleep(2);
        }

        return [Timings::of($whole)->row('a grid of '.self::STEPS.' orders, from the first message to the last order resting')];
    }

    /** @return Generator<int, Request> */
    private function burst(string $address, BigDecimal $from): Generator
    {
        for ($step = 0; $step < self::STEPS; $step++) {
            $limit = $from->minus(BigDecimal::of('0.05')->multipliedBy($step));
            yield new Request('POST', $address, [], "place long MARL/USD limit @{$limit} label \"step {$step}\"");
        }
    }

    private function working(): int
    {
        return Order::query()->where('state', OrderState::Working)->count();
    }

    /** @param  Closure(): bool  $isSo */
    private function waitUntil(string $what, Closure $isSo): void
    {
        for ($until = microtime(true) + self::PATIENCE; microtime(true) < $until; usleep(10_000)) {
            if ($isSo()) {
                return;
            }
        }
        throw new RuntimeException("Waited in vain until {$what}; {$this->working()} are working.");
    }
}
