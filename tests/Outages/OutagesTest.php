<?php

namespace Tests\Outages;

use App\Connector\Connectors;
use App\Models\Decision;
use App\Models\Message;
use App\Models\Order;
use App\Models\OrderState;
use App\Models\Protection;
use App\Models\Trade;
use App\Protect\WatchPositions;
use Brick\Math\RoundingMode;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\App\Brackets;
use Tests\App\Desk;
use Tests\App\RunningPlace;
use Throwable;
use Wexon\Core\Order\OrderRole;

/** What all processes share fails, so these run by themselves, one after the other. */
final class OutagesTest extends TestCase
{
    use Brackets;
    use RunningPlace;

    private const STOP = 19;

    private const GO_ON = 18;

    private const KILL = 9;

    #[DataProvider('moments')]
    public function test_the_database_is_killed_while_a_bracket_is_placed(int $milliseconds): void
    {
        $desk = Desk::make(['protection' => self::BRACKET]);
        $ulid = $desk->post('enter long MARL/USD')->throw()->json('id');
        usleep($milliseconds * 1000);
        $this->killDatabase();

        Desk::waitFor('the message was read', static fn (): ?bool => Message::query()->where('ulid', $ulid)->sole()->decisions->every(static fn (Decision $one): bool => $one->finished_at !== null) ?: null);
        $this->expectBracket($desk, '2', ['1', '1']);
        self::assertSame(1, Order::query()->where('account_id', $desk->account->id)->where('role', OrderRole::Entry)->where('state', OrderState::Filled)->count(), 'entered once');
        $desk->send('exit MARL/USD');
        $this->expectNothing($desk);
    }

    /** @return iterable<string, array{int}> */
    public static function moments(): iterable
    {
        foreach ([0, 40, 90, 160] as $milliseconds) {
            yield "after {$milliseconds} ms" => [$milliseconds];
        }
    }

    public function test_a_watcher_that_hangs_loses_its_accounts_and_does_no_harm_when_it_goes_on(): void
    {
        $desk = Desk::make(['protection' => ['keeping' => 'watched'] + self::BRACKET]);
        $desk->send('enter long MARL/USD');
        $row = Protection::query()->where('account_id', $desk->account->id)->sole();
        $holder = Desk::waitFor('somebody looks after the account', fn (): ?string => $this->holder($desk));
        $hung = (int) substr($holder, strrpos($holder, ':') + 1);
        posix_kill($hung, self::STOP);
        try {
            // The market goes through the stop meanwhile.
            $beyond = (string) $row->value()->average->multipliedBy('1.1')->toScale(2, RoundingMode::UP);
            $row->refresh()->update(['state' => ['stop' => $beyond] + $row->state, 'changed_at' => now()]);
            $this->expectNothing($desk);
            self::assertNotSame($holder, $this->holder($desk), 'another one has taken the account');
        } finally {
            posix_kill($hung, self::GO_ON);
        }
        usleep(2_000_000);
        self::assertSame([], $desk->heldAtVenue());
        self::assertSame(['stop'], Trade::query()->where('account_id', $desk->account->id)->pluck('reason')->all());
        self::assertSame(1, Order::query()->where('account_id', $desk->account->id)->where('role', OrderRole::Exit)->count(), 'closed once');
    }

    public function test_a_halt_and_the_end_of_a_window_are_carried_out_by_a_watcher_that_comes_later(): void
    {
        $halted = Desk::make();
        $halted->send('enter long MARL/USD');
        $window = Desk::make();
        $window->send('enter long MARL/USD');
        Desk::waitFor('both are looked after', fn (): ?bool => $this->holder($halted) !== null && $this->holder($window) !== null ? true : null);
        $this->whileNobodyWatches(static function () use ($halted, $window): void {
            Desk::api($halted->token)->post('halts', ['cancels' => true, 'flattens' => true])->throw();
            $guards = ['window' => ['zone' => 'UTC', 'days' => [strtolower(now()->subDays(2)->format('D'))], 'from' => '09:00', 'to' => '10:00', 'close_at_end' => true]];
            $window->route->update(['rules' => ['guards' => $guards] + $window->route->rules]);
            usleep(2_000_000);
            self::assertSame([['marl_perp' => '2'], ['marl_perp' => '2']], [$halted->heldAtVenue(), $window->heldAtVenue()], 'nobody is there to do it');
        });
        Desk::waitFor('both are closed', static fn (): ?bool => $halted->heldAtVenue() === [] && $window->heldAtVenue() === [] ? true : null);
        $reasons = static fn (): array => [Trade::query()->where('account_id', $halted->account->id)->value('reason'), Trade::query()->where('account_id', $window->account->id)->value('reason')];
        Desk::waitFor('the books say so', static fn (): ?bool => $reasons() === ['halt, Tester', 'window'] ? true : null);
    }

    public function test_a_watcher_does_not_miss_a_change_that_others_have_seen_to_already(): void
    {
        $desk = Desk::make(['protection' => ['keeping' => 'watched'] + self::BRACKET]);
        $desk->send('enter long MARL/USD');
        $row = Protection::query()->where('account_id', $desk->account->id)->sole();
        $this->whileNobodyWatches(function () use ($desk, $row): void {
            $row->refresh()->update(['is_due' => true, 'changed_at' => now()]);
            $watch = app(WatchPositions::class);
            $watch->wanted([$desk->account->id]);

            // The stop is moved through the price between the watcher's reading and its seeing to what was due.
            $beyond = (string) $row->value()->average->multipliedBy('1.1')->toScale(2, RoundingMode::UP);
            $row->update(['state' => ['stop' => $beyond] + $row->state, 'is_due' => false, 'changed_at' => now()]);
            $watch->look([]);
            $watch->wanted([$desk->account->id]);
            $watch->look(['quarrystone:marl_perp' => app(Connectors::class)->for($desk->account)->quotes(['marl_perp'])['marl_perp']]);
            self::assertSame([], $desk->heldAtVenue());
        });
    }

    /** @param  callable(): void  $do */
    private function whileNobodyWatches(callable $do): void
    {
        $watchers = DB::table('watchers')->where('seen_at', '>', now()->subSeconds(4)->format('Y-m-d H:i:s'))->pluck('holder')->map(static fn (mixed $holder): int => (int) substr((string) $holder, (int) strrpos((string) $holder, ':') + 1))->unique()->all();
        array_map(static fn (int $watcher): bool => posix_kill($watcher, self::STOP), $watchers);
        try {
            $do();
        } finally {
            array_map(static fn (int $watcher): bool => posix_kill($watcher, self::GO_ON), $watchers);
        }
    }

    private function holder(Desk $desk): ?string
    {
        return DB::table('account_leases')->where('account_id', $desk->account->id)->value('holder');
    }

    private function killDatabase(): void
    {
        $file = dirname((string) config('wexon.crash_at')).'/run/mariadb.pid';
        $before = (int) file_get_contents($file);
        posix_kill($before, self::KILL);
        Desk::waitFor('the database is there again', static function () use ($before, $file): ?bool {
            try {
                DB::reconnect();
                DB::select('select 1');

                return (int) @file_get_contents($file) !== $before ?: null;
            } catch (Throwable) {
                return null;
            }
        });
    }
}
