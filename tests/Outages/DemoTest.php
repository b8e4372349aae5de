<?php

namespace Tests\Outages;

use App\Demo\KestrelYard;
use App\Models\Account;
use App\Models\Difference;
use App\Models\Fill;
use App\Models\Message;
use App\Models\Position;
use App\Models\User;
use Brick\Math\BigDecimal;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\TestCase;
use Tests\App\Desk;
use Tests\App\RunningPlace;

/** The demo as bin/wexon up sets it up, with a short past. It keeps the bench busy, so it runs by itself. */
final class DemoTest extends TestCase
{
    use RunningPlace;

    private const DAYS = 2;

    public function test_the_demo_has_a_past_that_hangs_together_and_goes_on_by_itself(): void
    {
        $file = (string) getenv('WEXON_VAR').'/demo-test.json';
        self::done("php artisan wexon:demo > {$file}");
        $desk = User::query()->with('desk')->where('email', KestrelYard::EMAIL)->sole()->desk;
        Desk::alsoClear($desk->id);
        self::done('php standins/bin/bench-demo past '.self::DAYS." {$file} > {$file}.past");
        self::done("php artisan wexon:demo-past {$file}.past");

        $told = json_decode((string) file_get_contents("{$file}.past"), true, flags: JSON_THROW_ON_ERROR)['messages'];
        $past = Message::query()->where('desk_id', $desk->id)->where('received_at', '<', now()->subMinutes(14)->format('Y-m-d H:i:s'))->whereNull('parent_id');
        self::assertSame(count(array_filter($told, static fn (array $message): bool => $message['at'] < (time() - 840) * 1000)), $past->count(), 'every message once, at its own time');
        self::assertSame(0, DB::table('decisions')->where('desk_id', $desk->id)->whereNull('finished_at')->count());
        self::assertGreaterThanOrEqual(3, DB::table('decisions')->where('desk_id', $desk->id)->where('verdict', 'refuse')->distinct()->count('summary'), 'refusals of many kinds');
        self::assertGreaterThan(5, DB::table('trades')->where('desk_id', $desk->id)->whereNotNull('closed_at')->count());
        $this->expectBooksInOrder($desk->id);
        self::assertSame([], Position::query()->where('desk_id', $desk->id)->where('quantity', '!=', 0)->pluck('instrument')->all(), 'flat, as the venues are');

        // What other tests have left at the bench would pass for a bench that is set up.
        self::clearBench();
        self::done("php standins/bin/bench-demo live {$file}");
        try {
            $heard = Message::query()->where('desk_id', $desk->id)->count();
            Desk::waitFor('ten messages more came by themselves', static fn (): ?bool => Message::query()->where('desk_id', $desk->id)->count() >= $heard + 10 ?: null);
            Desk::waitFor('what Tomas bought by hand is told', static fn (): ?bool => Difference::query()->where('subject', 'hulver_perp')->where('is_there', true)->exists() ?: null);
        } finally {
            self::clearBench();
        }
        Desk::waitFor('all is decided', static fn (): ?bool => DB::table('decisions')->where('desk_id', $desk->id)->whereNull('finished_at')->where('state', '!=', 'held')->doesntExist() ?: null);
        $this->expectBooksInOrder($desk->id);
    }

    private function expectBooksInOrder(int $deskId): void
    {
        foreach (Account::query()->where('desk_id', $deskId)->get() as $account) {
            $held = Position::query()->where('account_id', $account->id)->get()->mapWithKeys(static fn (Position $position): array => [$position->instrument => $position->quantity]);
            $traded = Fill::query()->where('account_id', $account->id)->get()->groupBy('instrument')
                ->map(static fn ($fills): BigDecimal => BigDecimal::sum(BigDecimal::zero(), ...$fills->map(static fn (Fill $fill): BigDecimal => $fill->quantity->multipliedBy($fill->side->sign()))->all()));
            foreach ($traded as $instrument => $sum) {
                self::assertTrue($sum->isEqualTo($held[$instrument] ?? 0), "{$account->name} holds {$held[$instrument]} of {$instrument}, its fills make {$sum}");
            }
        }
    }

    private static function clearBench(): void
    {
        array_map(static fn (string $table) => DB::table("bench.{$table}")->delete(), ['alerts', 'scripts', 'script_events', 'firings']);
    }

    private static function done(string $command): void
    {
        exec("{$command} 2>&1", $said, $status);
        self::assertSame(0, $status, "{$command}: ".implode("\n", $said));
    }
}
