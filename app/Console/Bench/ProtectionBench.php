<?php

namespace App\Console\Bench;

use App\Models\Account;
use App\Models\Decision;
use App\Models\Inlet;
use App\Models\Order;
use App\Models\OrderState;
use App\Models\Protection;
use App\Models\Route;
use Carbon\CarbonImmutable;
use Closure;
use GuzzleHttp\Client;
use Illuminate\Support\Facades\DB;
use RuntimeException;
use Wexon\Core\Order\OrderRole;

/**
 * From a price at the venue to the exit order there, while many other positions are looked after; and what looking after
 * very many costs. Prices change every 250 ms and are told at once, so the time of an order at the venue tells how long
 * ago its price was.
 */
final class ProtectionBench
{
    private const ROUNDS = 40;

    /** Milliseconds, at the practice venue. */
    private const PRICES_EVERY = 250;

    private const INSTRUMENTS = ['marl_spot', 'marl_perp', 'tufa_spot', 'tufa_perp', 'chert_spot', 'chert_perp', 'skarn_spot', 'skarn_perp'];

    private const PATIENCE = 30;

    private const SECONDS = 10;

    /** @return list<array{string, string, string, string}> */
    public function run(): array
    {
        $inlet = Inlet::query()->where('name', 'Bench')->firstOrFail();
        $route = Route::query()->where('inlet_id', $inlet->id)->with('accounts')->firstOrFail();
        $this->others($route, 200);
        $reaction = $this->reaction($inlet, $route->accounts->firstOrFail());
        $this->others($route, 2_000);
        $share = $this->processorShare();
        DB::table('protections')->where('reason', 'bench')->delete();

        return [
            Timings::of($reaction)->row('price at the venue → exit order there, beside 200 positions'),
            ['processor used by both watchers for 2,000 positions, four prices a second each: '.number_format(100 * $share, 1).' % of one core', '', '', ''],
        ];
    }

    /** @return list<float> Seconds. */
    private function reaction(Inlet $inlet, Account $account): array
    {
        $client = new Client(['timeout' => 20]);
        $times = [];
        for ($round = 0; $round < self::ROUNDS; $round++) {
            $last = (int) Order::query()->max('id');
            $client->post($inlet->address(), ['body' => 'enter long MARL/USD stop 1ticks']);
            $exit = $this->waitFor('it is closed', static fn (): ?Order => Order::query()->where('id', '>', $last)->where('account_id', $account->id)->where('role', OrderRole::Exit)->where('state', OrderState::Filled)->first());
            $at = CarbonImmutable::parse((string) DB::table('quarrystone.orders')->where('client_id', $exit->client_id)->value('created_at'), 'UTC');
            $times[] = ((int) $at->format('v') % self::PRICES_EVERY) / 1000;
        }

        return $times;
    }

    private function processorShare(): float
    {
        sleep(3);
        $before = $this->ticks();
        sleep(self::SECONDS);

        return ($this->ticks() - $before) / 100 / self::SECONDS;
    }

    /** Hundredths of a second that the watchers have used so far. */
    private function ticks(): int
    {
        $sum = 0;
        foreach (glob('/proc/[0-9]*/cmdline') ?: [] as $file) {
            if (str_contains((string) @file_get_contents($file), "artisan\0wexon:protect")) {
                $fields = explode(' ', (string) preg_replace('/^.*\) /', '', (string) file_get_contents(dirname($file).'/stat')));
                $sum += (int) $fields[11] + (int) $fields[12];
            }
        }

        return $sum;
    }

    /** So many positions with stops that are never reached, on accounts that share one key. */
    private function others(Route $route, int $positions): void
    {
        $account = $route->accounts->firstOrFail();
        $decision = Decision::query()->where('account_id', $account->id)->whereNotNull('decided_at')->firstOrFail();
        $state = ['rules' => ['stop' => ['percent' => '50'], 'trailing' => ['distance' => ['price' => '200000']], 'targets' => [['at' => ['percent' => '90'], 'share' => '50']], 'keeping' => 'watched'], 'side' => 'long', 'message' => null, 'quantity' => '1', 'average' => '0.01', 'break_even' => '0.01', 'best' => '99999', 'risk' => '0.005', 'stop' => '0.001', 'why' => 'stop', 'targets' => [['number' => 1, 'price' => '99999', 'left' => '50', 'sent' => false]], 'exit_at' => null, 'opened_at' => '2026-03-02T00:00:00Z', 'closing' => null];
        for ($made = Protection::query()->where('reason', 'bench')->count(); $made < $positions; $made += count(self::INSTRUMENTS)) {
            $copy = Account::query()->create(['name' => "Beside {$made}"] + $account->only(['desk_id', 'venue', 'environment', 'credentials', 'permissions', 'currency', 'equity', 'free', 'checked_at']));
            // Their money is not asked for: they only have to be watched.
            $copy->update(['checked_at' => now()->addDay()]);
            DB::table('protections')->insert(array_map(static fn (string $instrument): array => [
                'desk_id' => $account->desk_id, 'account_id' => $copy->id, 'decision_id' => $decision->id, 'instrument' => $instrument, 'state' => json_encode($state, JSON_THROW_ON_ERROR),
                'held' => '{"stop": null, "targets": []}', 'is_open' => true, 'is_due' => false, 'reason' => 'bench', 'opened_at' => now(), 'changed_at' => now(),
            ], self::INSTRUMENTS));
        }
    }

    /**
     * @template T
     *
     * @param  Closure(): (T|null)  $look
     * @return T
     */
    private function waitFor(string $what, Closure $look): mixed
    {
        for ($until = microtime(true) + self::PATIENCE; microtime(true) < $until; usleep(10_000)) {
            $seen = $look();
            if ($seen !== null) {
                return $seen;
            }
        }
        throw new RuntimeException("Waited in vain until {$what}.");
    }
}
