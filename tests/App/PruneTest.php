<?php

namespace Tests\App;

use App\Keeping\Prune;
use App\Models\Decision;
use App\Models\Message;
use App\Models\Notice;
use App\Notify\Kind;
use Carbon\CarbonImmutable;
use PHPUnit\Framework\TestCase;

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
}
