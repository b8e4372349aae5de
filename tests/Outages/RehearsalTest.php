<?php

namespace Tests\Outages;

use App\Models\Position;
use Brick\Math\BigDecimal;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Http;
use PHPUnit\Framework\TestCase;
use Tests\App\Desk;
use Tests\App\RunningPlace;

/** Time runs faster for all stand-ins at once, so this runs by itself. */
final class RehearsalTest extends TestCase
{
    use RunningPlace;

    /** 2026-03-02 17:00 UTC: an hour in which the price goes through the grid's steps fourteen times, each for minutes. */
    private const FROM = 1_772_470_800_000;

    private const HOUR = 3_600_000;

    private const GRID = ['low' => 42.53, 'high' => 43.83, 'steps' => 12];

    public function test_a_grid_script_and_wexon_hold_the_same_after_an_hour_at_sixty_times(): void
    {
        $desk = Desk::make(['size' => ['rule' => 'from_message'], 'entry' => ['type' => 'limit', 'limit' => ['at' => 'own_side']]]);
        $bench = Http::baseUrl(config('wexon.bench_url').'/api')->acceptJson()->asJson()->timeout(30)->throw();
        $bench->put('clock', ['rate' => 60, 'from' => self::FROM]);
        try {
            $script = $bench->post('scripts', ['script' => 'grid', 'parameters' => self::GRID, 'chart' => 'quarrystone:marl_perp', 'candles' => '5s', 'size' => '0.5'])->json('id');
            $grid = collect($bench->get('desk')->json('scripts'))->get('grid');
            $bench->post('alerts', ['name' => 'Grid', 'script_id' => $script, 'message' => $grid['message'], 'address' => $desk->address]);
            Desk::waitFor('an hour of practice time has gone', static fn (): ?bool => $bench->get('clock')->json('now') >= self::FROM + self::HOUR ?: null);
            $bench->put('clock', ['rate' => 1]);

            $held = static fn (): BigDecimal => Position::query()->where('account_id', $desk->account->id)->value('quantity') ?? BigDecimal::zero();
            $events = static fn (string $kind): int => DB::table('bench.script_events')->where(['script_id' => $script, 'kind' => $kind])->count();
            self::assertSame(12, DB::table('bench.script_events')->where(['script_id' => $script, 'kind' => 'placed', 'at' => DB::table('bench.script_events')->where('script_id', $script)->min('at')])->count(), 'the burst of the beginning');
            self::assertGreaterThanOrEqual(10, $events('filled'));
            $theirs = BigDecimal::of(DB::table('bench.script_events')->where('script_id', $script)->orderByDesc('id')->value('position'));
            Desk::waitFor("Wexon holds {$theirs} too", static fn (): ?bool => $theirs->isEqualTo($held()) ?: null);
            usleep(2_000_000);
            self::assertTrue($theirs->isEqualTo($held()), "the script holds {$theirs}, Wexon {$held()}");
            self::assertSame((string) $theirs->stripTrailingZeros(), $desk->heldAtVenue()['marl_perp'] ?? '0', 'and so does the venue');
            $bench->delete("scripts/{$script}");
        } finally {
            $bench->put('clock', ['real' => true]);
        }
    }
}
