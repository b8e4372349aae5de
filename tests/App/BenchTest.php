<?php

namespace Tests\App;

use App\Models\Fill;
use App\Models\Message;
use App\Models\Position;
use App\Models\Route;
use Brick\Math\BigDecimal;
use Illuminate\Http\Client\PendingRequest;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Http;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The bench plays the charting platform: over its own pages' service, against the running place. */
final class BenchTest extends TestCase
{
    use RunningPlace;

    private const CHART = ['chart' => 'quarrystone:marl_perp', 'candles' => '1s'];

    private const ALWAYS = ['left' => ['price' => 'close'], 'is' => 'is_above', 'right' => ['number' => 0.01]];

    public function test_a_chart_with_studies_and_a_condition(): void
    {
        $chart = self::bench()->post('chart', ['candles' => '1min', 'count' => 1440, 'studies' => [['study' => 'bollinger', 'parameters' => ['length' => 10]], ['study' => 'rsi']], 'condition' => self::ALWAYS] + self::CHART)->throw()->json();

        self::assertCount(1440, $chart['at']);
        self::assertSame([1440, 1440], [count($chart['lines'][0]['upper']), count($chart['lines'][1]['rsi'])]);
        self::assertNotNull($chart['lines'][0]['upper'][0], 'it has learned from the candles before the first');
        self::assertEqualsWithDelta(1440, $chart['condition']['per_day'], 2, 'true all the time');
        self::assertSame(0, (int) $chart['condition']['begins_per_day'], 'and became true before');
    }

    public function test_an_alert_fires_and_wexon_trades(): void
    {
        $desk = Desk::make();
        $text = "Wexon alert slip\nName: Marl\nSymbol: MARL/USD\nFire: Once, at the close of the bar.\nAddress: {$desk->address}\nMessage:\n{\"do\": \"enter\", \"side\": \"long\", \"symbol\": \"\${symbol}\", \"price\": \"\${close}\", \"fired_at\": \"\${time}\"}";
        $slip = self::bench()->post('slips', ['text' => $text])->throw()->json();
        self::assertSame(['at_the_close', ['quarrystone:marl_spot', 'quarrystone:marl_perp']], [$slip['firing'], $slip['charts']]);

        $alert = self::bench()->post('alerts', ['firing' => 'only_once', 'condition' => self::ALWAYS] + self::CHART + $slip)->throw()->json();
        $fired = self::fired($alert['id'], 'delivered');
        $message = $desk->finished(json_decode($fired['answer'], true)['id']);
        self::assertSame(['buy 2 filled'], Desk::orders($message));
        $fill = Fill::query()->where('order_id', $message->decisions[0]->orders[0]->id)->sole();
        self::assertLessThanOrEqual(0.03, abs($fill->price->toFloat() - (float) $fired['price']), 'within the spread of two ticks, and one that the price may have gone meanwhile');
        self::assertSame('over', self::alert($alert['id'])['state']);
        self::assertLessThan(3, abs($message->received_at->getPreciseTimestamp(3) - $fired['at']) / 1000);
    }

    public function test_nobody_there_is_tried_again_and_an_alert_ends_at_its_expiry(): void
    {
        $alert = self::bench()->post('alerts', ['name' => 'Nobody', 'message' => 'x', 'address' => 'http://127.0.0.1:9/in/nobody', 'firing' => 'only_once', 'condition' => self::ALWAYS] + self::CHART)->throw()->json();
        Desk::waitFor('it was tried three times', static function () use ($alert): ?bool {
            DB::table('bench.firings')->where('alert_id', $alert['id'])->where('state', 'waiting')->update(['due_at' => 0]);

            return DB::table('bench.firings')->where('alert_id', $alert['id'])->where(['state' => 'failed', 'tries' => 3])->exists() ?: null;
        });

        $expiring = self::bench()->post('alerts', ['name' => 'Short', 'message' => 'x', 'address' => 'http://127.0.0.1:9/in/nobody', 'expires' => now()->addDay()->format('Y-m-d'), 'condition' => self::ALWAYS] + self::CHART)->throw()->json();
        DB::table('bench.alerts')->where('id', $expiring['id'])->update(['expires_at' => 1]);
        Desk::waitFor('it has expired', static fn (): ?bool => self::alert($expiring['id'])['state'] === 'expired' ?: null);
        self::assertStringContainsString('has expired', self::bench()->put("alerts/{$expiring['id']}/state", ['state' => 'active'])->json('message'));
        array_map(static fn (int $id) => self::bench()->delete("alerts/{$id}")->throw(), [$alert['id'], $expiring['id']]);
    }

    /** @param  array<string, mixed>  $given */
    #[DataProvider('mistakes')]
    public function test_mistakes_are_told(string $what, array $given, string $words): void
    {
        $answer = self::bench()->post($what, $given);
        self::assertSame([422, true], [$answer->status(), str_contains((string) $answer->json('message'), $words)], (string) $answer->json('message'));
    }

    /** @return iterable<string, array{string, array<string, mixed>, string}> */
    public static function mistakes(): iterable
    {
        $alert = ['name' => 'A', 'message' => 'x', 'address' => 'http://a/b', 'condition' => self::ALWAYS] + self::CHART;
        yield 'no name' => ['alerts', ['name' => ' '] + $alert, 'Give the alert a name.'];
        yield 'nowhere to go' => ['alerts', ['address' => ''] + $alert, 'Say where the message goes'];
        yield 'an address with a blank' => ['alerts', ['address' => 'http://a /b'] + $alert, 'no web address'];
        yield 'two reasons to fire' => ['alerts', ['script_id' => 1] + $alert, 'Choose one.'];
        yield 'yesterday' => ['alerts', ['expires' => '2020-01-01'] + $alert, 'no day to come'];
        yield 'a chart that is not there' => ['alerts', ['chart' => 'quarrystone:gold'] + $alert, 'There is no chart of “quarrystone:gold”'];
        yield 'half a lot step' => ['scripts', ['script' => 'coin_toss', 'size' => '0.005'] + self::CHART, 'a multiple of 0.01, above 0; found 0.005'];
        yield 'a grid upside down' => ['scripts', ['script' => 'grid', 'size' => '1', 'parameters' => ['low' => 50, 'high' => 40]] + self::CHART, 'The lower price of a grid lies below the upper one'];
        yield 'columns' => ['imports', ['name' => 'x', 'csv' => "time,open,high,low\n1,2,3,4"], 'Missing: close.'];
        yield 'a number' => ['imports', ['name' => 'x', 'csv' => "time,open,high,low,close\n2026-01-01 00:00,1,2,1,1\n2026-01-01 00:01,1,two,1,1"], 'Line 3: high is a number; found “two”.'];
        yield 'a high that is not' => ['imports', ['name' => 'x', 'csv' => "time,open,high,low,close\n2026-01-01,3,2,1,1"], 'Line 2: the high is not the highest price'];
        yield 'no interval' => ['imports', ['name' => 'x', 'csv' => "time,open,high,low,close\n2026-01-01 00:00,1,1,1,1\n2026-01-01 00:07,1,1,1,1"], 'The shortest time between two candles'];
        yield 'a clock that runs away' => ['preview', self::CHART + ['script' => 'coin_toss', 'size' => 'lots'], 'The size is a number'];
    }

    public function test_candles_of_ones_own_can_be_looked_at_and_tried(): void
    {
        $lines = ['time,open,high,low,close,volume'];
        for ($i = 0; $i < 60; $i++) {
            $close = 10 + ($i % 20 < 10 ? $i % 20 : 20 - $i % 20);
            $lines[] = gmdate('Y-m-d H:i', 1_772_445_600 + 60 * $i).",{$close},".($close + 1).','.($close - 1).",{$close},5";
        }
        $key = self::bench()->post('imports', ['name' => 'Waves', 'csv' => implode("\n", $lines)])->throw()->json('key');
        $chart = self::bench()->post('chart', ['chart' => $key, 'candles' => '1min', 'count' => 100])->throw()->json();
        self::assertSame([60, 1_772_445_600_000, 5], [count($chart['at']), $chart['at'][0], $chart['volume'][0]]);

        $pair = ['enter' => ['left' => ['price' => 'close'], 'is' => 'crosses_up', 'right' => ['number' => 15]], 'exit' => ['left' => ['price' => 'close'], 'is' => 'turns_down', 'right' => null], 'side' => 'long'];
        $preview = self::bench()->post('preview', ['chart' => $key, 'candles' => '1min', 'size' => '2'] + $pair)->throw()->json();
        // Each wave: in at 16, out at 19, where it turns down.
        self::assertSame([3, '18.00'], [$preview['summary']['count'], $preview['summary']['profit']]);
        self::assertStringContainsString('of the past', self::bench()->post('alerts', ['name' => 'A', 'message' => 'x', 'address' => 'http://a/b', 'condition' => self::ALWAYS, 'chart' => $key, 'candles' => '1min'])->json('message'));
    }

    public function test_trade_these_in_wexon_makes_all_of_it_after_showing_it(): void
    {
        $desk = Desk::make();
        self::bench()->put('wexon', ['url' => config('wexon.public_url'), 'token' => $desk->token])->throw();
        $what = ['script' => 'coin_toss', 'parameters' => ['every' => 2, 'seed' => 7], 'size' => '0.5', 'name' => 'Coin', 'account_id' => $desk->account->id, 'arm' => true] + self::CHART;

        $shown = self::bench()->post('handovers', $what)->throw()->json();
        self::assertSame([null, 'from_message', 'Coin, from the bench', 1], [$shown['made'], $shown['route']['rules']['size']['rule'], $shown['inlet'], count($shown['alerts'])]);
        self::assertSame(0, Route::query()->where('desk_id', $desk->account->desk_id)->where('name', 'Coin')->count(), 'only shown so far');
        $made = self::bench()->post('handovers', ['confirmed' => true] + $what)->throw()->json('made');
        self::assertStringContainsString('another', strtolower((string) self::bench()->post('handovers', ['confirmed' => true] + $what)->json('message')), 'twice is not twice');

        $route = Route::query()->findOrFail($made['route_id']);
        $script = DB::table('bench.scripts')->orderByDesc('id')->first();
        $firings = static fn (string $state) => DB::table('bench.firings')->whereIn('alert_id', DB::table('bench.alerts')->where('script_id', $script?->id)->select('id'))->where('state', $state);
        Desk::waitFor('the coin has fallen three times, and was told', static fn (): ?bool => $firings('delivered')->count() >= 3 && $firings('waiting')->doesntExist() && $firings('sending')->doesntExist() ?: null);
        // What it holds is worked out anew by the next process, which tells nothing twice, nor what may have arrived.
        $last = (array) $firings('delivered')->orderByDesc('id')->first();
        $sending = DB::table('bench.firings')->insertGetId(['id' => null, 'state' => 'sending'] + $last);
        posix_kill(self::runner(), SIGKILL);
        Desk::waitFor('that is told', static fn (): ?bool => str_contains((string) DB::table('bench.firings')->where(['id' => $sending, 'state' => 'failed'])->value('answer'), 'whether it arrived is not known') ?: null);
        Desk::waitFor('the coin has fallen eight times', static fn (): ?bool => DB::table('bench.script_events')->where('script_id', $script?->id)->count() >= 8 ?: null);
        self::bench()->delete("scripts/{$script?->id}")->throw();
        Desk::waitFor('Wexon has read all of it', static fn (): ?bool => DB::table('bench.firings')->where('state', 'waiting')->doesntExist()
            && Message::query()->where('inlet_id', $route->inlet_id)->with('decisions')->get()->every(static fn (Message $message): bool => $message->decisions->isNotEmpty() && $message->decisions->every(static fn ($decision): bool => $decision->finished_at !== null)) ? true : null);
        self::assertSame(DB::table('bench.script_events')->where('script_id', $script?->id)->count(), Message::query()->where('inlet_id', $route->inlet_id)->count(), 'each order told once');
        $ours = Position::query()->where('account_id', $desk->account->id)->value('quantity') ?? BigDecimal::zero();
        $theirs = BigDecimal::of(DB::table('bench.script_events')->where('script_id', $script?->id)->orderByDesc('id')->value('position'));
        self::assertTrue($theirs->isEqualTo($ours), "the script holds {$theirs}, Wexon {$ours}");
    }

    /** The process that keeps this place's alerts and scripts going. */
    private static function runner(): int
    {
        return Desk::waitFor('the bench runs', static function (): ?int {
            foreach (glob('/proc/[0-9]*') ?: [] as $process) {
                $isOurs = str_contains((string) @file_get_contents("{$process}/environ"), 'WEXON_VAR='.getenv('WEXON_VAR')."\0");
                if ($isOurs && str_contains((string) @file_get_contents("{$process}/cmdline"), "standins/bin/bench\0")) {
                    return (int) basename($process);
                }
            }

            return null;
        });
    }

    private static function bench(): PendingRequest
    {
        return Http::baseUrl(config('wexon.bench_url').'/api')->acceptJson()->asJson()->timeout(30);
    }

    /** @return array<string, mixed> */
    private static function alert(int $id): array
    {
        return collect(self::bench()->get('alerts')->throw()->json('alerts'))->firstWhere('id', $id);
    }

    /** @return array<string, mixed> */
    private static function fired(int $id, string $state): array
    {
        return Desk::waitFor("alert {$id} is {$state}", static fn (): ?array => collect(self::bench()->get("alerts/{$id}/firings")->throw()->json('firings'))->firstWhere('state', $state));
    }
}
