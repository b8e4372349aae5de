<?php

namespace Tests\App;

use App\Keeping\Prune;
use App\Models\Decision;
use App\Models\Message;
use App\Models\Notice;
use App\Notify\Kind;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\TestCase;
use Standin\Exchange\Prune as StandinPrune;

/** Tables that do not grow for ever. */
final class PruneTest extends TestCase
{
    use RunningPlace;

    public function test_what_led_to_nothing_goes_and_what_was_traded_stays(): void
    {
        $desk = Desk::make();
        $traded = $desk->send('enter long MARL/USD');
        $refused = $desk->send('exit MARL/USD size 0.000001');
        $unread = $desk->send('not a message at all');
        $split = $desk->send("exit short MARL/USD\nexit short MARL/USD");
        $young = $desk->send('nor is this');
        Desk::waitFor('the parts are decided too', static fn (): ?bool => Decision::query()->where('account_id', $desk->account->id)->whereNotNull('finished_at')->count() === 4 ?: null);
        $longAgo = now()->subDays(61)->format('Y-m-d H:i:s.u');
        Message::query()->where('desk_id', $desk->account->desk_id)->where('id', '!=', $young->id)->update(['received_at' => $longAgo]);
        foreach ([$longAgo, null] as $readAt) {
            Notice::query()->create(['desk_id' => $desk->account->desk_id, 'kind' => Kind::Refused->value, 'words' => $readAt ?? 'unread', 'link' => '/', 'created_at' => $longAgo, 'read_at' => $readAt]);
        }

        app(Prune::class)->run(CarbonImmutable::now());
        $left = Message::query()->where('desk_id', $desk->account->desk_id)->orderBy('id')->pluck('id')->all();
        self::assertSame([$traded->id, $young->id], array_values(array_diff($left, [$split->id])), 'without '.implode(', ', [$refused->id, $unread->id]));
        self::assertSame(1, Decision::query()->where('account_id', $desk->account->id)->count());
        self::assertSame(['unread'], Notice::query()->where('desk_id', $desk->account->desk_id)->where('created_at', '<=', $longAgo)->pluck('words')->all());

        app(Prune::class)->run(CarbonImmutable::now());
        self::assertNotContains($split->id, Message::query()->pluck('id')->all(), 'a body goes after its parts');
    }

    public function test_the_bench_forgets_but_for_what_each_script_holds(): void
    {
        $old = (int) (microtime(true) * 1000) - 15 * 86_400_000;
        $event = ['script_id' => 4_000_000_000, 'kind' => 'order', 'side' => 'buy', 'size' => 1, 'price' => 1, 'label' => 'x', 'position' => 1, 'money' => 0, 'created_at' => $old];
        $ids = array_map(static fn (int $at): int => DB::table('bench.script_events')->insertGetId(['at' => $at] + $event), [1, 2]);
        $firing = DB::table('bench.firings')->insertGetId(['alert_id' => 4_000_000_000, 'at' => $old, 'price' => 1, 'body' => 'x', 'way' => 'web', 'target' => 'http://a/b', 'state' => 'delivered', 'due_at' => $old]);

        StandinPrune::run();
        self::assertSame([$ids[1]], DB::table('bench.script_events')->where('script_id', 4_000_000_000)->pluck('id')->all());
        self::assertFalse(DB::table('bench.firings')->where('id', $firing)->exists());
        DB::table('bench.script_events')->where('script_id', 4_000_000_000)->delete();
    }
}
