<?php

namespace Tests\App;

use App\Connector\Connectors;
use App\Models\Order;
use App\Models\OrderState;
use App\Models\Protection;
use App\Models\Trade;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Wexon\Core\Order\OrderRole;

/** Processes are killed, and the venue misbehaves, at each step of a bracket: afterwards there is exactly one stop of the right size, and nothing is left over. */
final class ProtectionFaultsTest extends TestCase
{
    use Brackets;
    use RunningPlace;

    #[DataProvider('moments')]
    public function test_a_process_killed_while_it_looks_after_a_position(string $moment): void
    {
        $desk = Desk::make(['protection' => self::BRACKET]);
        $desk->crashAt($moment);
        $desk->post('enter long MARL/USD');
        $this->expectBracket($desk, '2', ['1', '1']);
        $desk->send('exit MARL/USD');
        $this->expectNothing($desk);
    }

    /** @return iterable<string, array{string}> */
    public static function moments(): iterable
    {
        foreach (['the stop' => 2, 'the first target' => 3, 'the second target' => 4] as $what => $number) {
            yield "{$what} is on disk, not sent" => ["kept-{$number}"];
            yield "{$what} is sent, the answer not kept" => ["sent-{$number}"];
        }
    }

    #[DataProvider('closings')]
    public function test_a_watcher_killed_while_it_closes(string $moment): void
    {
        $desk = Desk::make(['protection' => ['stop' => ['ticks' => '1'], 'keeping' => 'watched']]);
        $desk->crashAt($moment);
        $desk->send('enter long MARL/USD');
        $this->expectNothing($desk);

        self::assertSame(['stop'], Trade::query()->where('account_id', $desk->account->id)->pluck('reason')->all());
        self::assertSame(1, Order::query()->where('account_id', $desk->account->id)->where('role', OrderRole::Exit)->where('state', OrderState::Filled)->count(), 'once');
    }

    /** @return iterable<string, array{string}> */
    public static function closings(): iterable
    {
        yield 'the exit is on disk, not sent' => ['kept-2'];
        yield 'the exit is sent, the answer not kept' => ['sent-2'];
    }

    #[DataProvider('faults')]
    public function test_a_venue_that_misbehaves_towards_the_bracket(string $fault, int $times, int $delay): void
    {
        $desk = Desk::make(['protection' => self::BRACKET]);
        $desk->send('enter long MARL/USD');
        $this->expectBracket($desk, '2', ['1', '1']);
        $desk->fault($fault, $times, $delay);
        $desk->send('protect MARL/USD stop 25%');
        $this->expectBracket($desk, '2', ['1', '1']);
        $desk->fault($fault, 1, $delay, 'DELETE /v1/orders');
        $desk->send('exit long MARL/USD share 50%');
        $this->expectBracket($desk, '1', ['0.5', '0.5']);
        $desk->send('exit MARL/USD');
        $this->expectNothing($desk);
    }

    /** @return iterable<string, array{string, int, int}> */
    public static function faults(): iterable
    {
        yield 'it times out after accepting' => ['timeout_after_accepting', 1, 5_000];
        yield 'it drops the connection after accepting' => ['drop_after_accepting', 1, 0];
        yield 'it fails after accepting' => ['error_after_accepting', 2, 0];
        yield 'it fails before' => ['error', 2, 0];
        yield 'it is busy' => ['busy', 2, 0];
    }

    public function test_a_stop_that_should_have_fired_while_nobody_watched_fires_at_once(): void
    {
        $desk = Desk::make(['protection' => ['stop' => ['percent' => '20'], 'keeping' => 'watched']]);
        $desk->send('enter long MARL/USD');
        $row = Protection::query()->where('account_id', $desk->account->id)->sole();
        // As after an outage: the market has gone through the stop meanwhile.
        $beyond = (string) $row->value()->average->multipliedBy('1.1')->toScale(2, \Brick\Math\RoundingMode::UP);
        $row->update(['state' => ['stop' => $beyond] + $row->state, 'changed_at' => now()]);

        $this->expectNothing($desk);
        self::assertSame('stop', Trade::query()->where('account_id', $desk->account->id)->value('reason'));
    }

    public function test_what_was_filled_at_the_venue_while_nobody_watched_is_booked_before_anything_is_done(): void
    {
        $desk = Desk::make(['protection' => self::BRACKET]);
        $desk->send('enter long MARL/USD');
        $this->expectBracket($desk, '2', ['1', '1']);
        $quote = app(Connectors::class)->for($desk->account)->quotes(['marl_perp'])['marl_perp'];
        $target = Order::query()->where('account_id', $desk->account->id)->where('target', 1)->sole();
        DB::table('quarrystone.orders')->where('client_id', $target->client_id)->update(['price' => (string) $quote->bid->multipliedBy('0.9')->toScale(2, \Brick\Math\RoundingMode::DOWN), 'matched_until' => DB::raw('matched_until - 1000')]);

        $this->expectBracket($desk, '1', ['1']);
    }

    public function test_a_stop_that_the_venue_has_lost_is_placed_again(): void
    {
        $desk = Desk::make(['protection' => self::BRACKET]);
        $desk->send('enter long MARL/USD');
        $this->expectBracket($desk, '2', ['1', '1']);
        $lost = Order::query()->where('account_id', $desk->account->id)->where('role', OrderRole::Stop)->sole();
        DB::table('quarrystone.orders')->where('client_id', $lost->client_id)->delete();

        Desk::waitFor('it is known to be lost', static fn (): ?bool => $lost->refresh()->state === OrderState::Cancelled ? true : null);
        $this->expectBracket($desk, '2', ['1', '1']);
    }
}
