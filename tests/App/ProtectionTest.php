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

/** Positions that are looked after by running processes, at the venue and here. */
final class ProtectionTest extends TestCase
{
    use RunningPlace;

    private const FAR = ['stop' => ['percent' => '20'], 'targets' => [['at' => ['percent' => '20'], 'share' => '50'], ['at' => ['percent' => '40'], 'share' => '50']]];

    public function test_stop_and_targets_are_at_the_venue_and_gone_when_the_position_is(): void
    {
        $desk = Desk::make(['protection' => self::FAR]);
        $desk->send('enter long MARL/USD');

        self::assertSame(['stop sell 2', 'target 1 sell 1', 'target 2 sell 1'], $this->heldFor($desk, 3));
        $desk->send('exit long MARL/USD share 50%');
        self::assertSame(['stop sell 1', 'target 1 sell 0.5', 'target 2 sell 0.5'], $this->settled($desk, ['stop sell 1', 'target 1 sell 0.5', 'target 2 sell 0.5']), 'they follow a part that is closed');
        $desk->send('exit MARL/USD');
        self::assertSame([], $this->settled($desk, []), 'no order outlives its position');
        self::assertSame([], $desk->heldAtVenue());
        $trade = Trade::query()->where('account_id', $desk->account->id)->sole();
        self::assertSame(['2', '2', 'signal'], [(string) $trade->opened->stripTrailingZeros(), (string) $trade->closed->stripTrailingZeros(), $trade->reason]);
        self::assertTrue($trade->profit->isNegative() && $trade->risk !== null && $trade->closed_at !== null, 'the fees are lost');
    }

    public function test_a_target_that_the_venue_fills_moves_the_stop_to_break_even(): void
    {
        $desk = Desk::make(['protection' => ['break_even' => ['after_target' => 1]] + self::FAR]);
        $desk->send('enter short MARL/USD');
        $this->heldFor($desk, 3);
        $this->moveAtVenue($desk, 'target 1', 'price', '1.2');

        // The market has not moved, so it is beyond the break-even already: what is left is closed at once.
        self::assertSame([], $this->settled($desk, []));
        $row = Desk::waitFor('it is over', static fn (): ?Protection => Protection::query()->where('account_id', $desk->account->id)->whereNotNull('closed_at')->first());
        self::assertSame(['break-even', 'break-even'], [$row->value()->why->value, $row->reason]);
        self::assertTrue($row->value()->stop?->isLessThan($row->value()->average), 'below what was got for it, by the fees');
        self::assertSame(['target 1', 'break-even'], Order::query()->where('account_id', $desk->account->id)->where('reduce_only', true)->where('state', OrderState::Filled)->orderBy('acknowledged_at')->orderBy('id')->pluck('reason')->all());
        self::assertSame([], $desk->heldAtVenue());
    }

    public function test_a_stop_that_the_venue_fills_ends_everything(): void
    {
        $desk = Desk::make(['protection' => self::FAR]);
        $desk->send('enter long MARL/USD');
        $this->heldFor($desk, 3);
        $this->moveAtVenue($desk, 'stop', 'trigger_price', '1.2');

        self::assertSame([], $this->settled($desk, []));
        self::assertSame('stop', Desk::waitFor('the trade is closed', static fn (): ?string => Trade::query()->where('account_id', $desk->account->id)->value('reason')));
        self::assertSame([], $desk->heldAtVenue());
    }

    /** @param  array<string, mixed>  $rules */
    #[DataProvider('watched')]
    public function test_what_is_watched_is_closed_here(array $rules, string $reason): void
    {
        $desk = Desk::make(['protection' => ['keeping' => 'watched'] + $rules]);
        $desk->send('enter long MARL/USD');
        $trade = Desk::waitFor("it is closed: {$reason}", static fn (): ?Trade => Trade::query()->where('account_id', $desk->account->id)->whereNotNull('closed_at')->first());

        self::assertSame($reason, $trade->reason);
        self::assertSame([], $desk->heldAtVenue());
        self::assertSame(1, Order::query()->where('account_id', $desk->account->id)->where('role', OrderRole::Exit)->count(), 'once');
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function watched(): iterable
    {
        // The spread of two ticks is enough to hit a stop that is one tick away.
        yield 'a stop' => [['stop' => ['ticks' => '1']], 'stop'];
        yield 'a time' => [['times' => ['after' => 2]], 'clock'];
        yield 'a trail' => [['trailing' => ['distance' => ['ticks' => '1']]], 'trail'];
    }

    public function test_a_signal_moves_the_stop_and_starts_a_protection_where_there_was_none(): void
    {
        $desk = Desk::make();
        $desk->send('enter long MARL/USD');
        self::assertSame([], $this->heldFor($desk, 0));
        $desk->send('protect MARL/USD stop 30%');
        self::assertSame(['stop sell 2'], $this->heldFor($desk, 1));
        $first = $this->stops($desk);
        $desk->send('protect MARL/USD stop 25% targets 50%');

        self::assertSame(['stop sell 2', 'target 1 sell 2'], $this->settled($desk, ['stop sell 2', 'target 1 sell 2']));
        self::assertNotSame($first, $this->stops($desk));
        self::assertSame('There is no position of marl_perp whose stop or targets could be moved.', Desk::make()->send('protect MARL/USD stop 5%')->decisions[0]->summary);
    }

    public function test_with_both_a_wider_stop_is_at_the_venue(): void
    {
        $desk = Desk::make(['protection' => ['keeping' => 'both', 'stop' => ['percent' => '20'], 'targets' => [['at' => ['percent' => '20'], 'share' => '100']]]]);
        $desk->send('enter long MARL/USD');

        self::assertSame(['stop sell 2'], $this->heldFor($desk, 1));
        $row = Protection::query()->where('account_id', $desk->account->id)->sole();
        $ratio = $row->value()->average->minus($this->stops($desk)[0])->dividedBy($row->value()->average->minus($row->value()->stop ?? 0), 2, \Brick\Math\RoundingMode::HALF_UP);
        self::assertSame('1.50', (string) $ratio, 'half as far again');
    }

    public function test_the_venue_takes_the_stop_with_the_target_and_follows_a_trail_by_itself(): void
    {
        $desk = Desk::make(['protection' => ['stop' => ['percent' => '20'], 'targets' => [['at' => ['percent' => '20'], 'share' => '100']]]]);
        $desk->send('enter long MARL/USD');
        $this->heldFor($desk, 2);
        $this->moveAtVenue($desk, 'target 1', 'price', '0.9');
        self::assertSame([], app(Connectors::class)->for($desk->account)->working(), 'the venue has cancelled the stop before anybody looked');
        self::assertSame([[], []], [$this->settled($desk, []), $desk->heldAtVenue()]);

        $trailing = Desk::make(['protection' => ['trailing' => ['distance' => ['percent' => '30']]]]);
        $trailing->send('enter long MARL/USD');
        $this->heldFor($trailing, 1);
        $stop = Desk::waitFor('the stop is known to be working', static fn (): ?Order => Order::query()->where('account_id', $trailing->account->id)->where('role', OrderRole::Stop)->where('state', OrderState::Working)->first());
        self::assertNotNull($stop->follows_by);
        // As if the price had come up all the way while nobody looked: the venue has the trigger where it belongs, and we follow.
        DB::table('quarrystone.orders')->where('client_id', $stop->client_id)->update(['trigger_price' => '1', 'matched_until' => DB::raw('matched_until - 1000')]);
        DB::table('protections')->where('account_id', $trailing->account->id)->update(['state' => DB::raw("json_set(state, '$.stop', '1.00')"), 'changed_at' => now()->format('Y-m-d H:i:s.u')]);
        Desk::waitFor('our stop is the venue\'s', static fn (): ?bool => Protection::query()->where('account_id', $trailing->account->id)->sole()->value()->stop?->isGreaterThan('20') ?: null);
        self::assertTrue($stop->refresh()->trigger_price?->isGreaterThan('20'));
        self::assertSame(1, Order::query()->where('account_id', $trailing->account->id)->where('role', OrderRole::Stop)->count(), 'it is never replaced');
    }

    public function test_a_limit_is_filled_with_what_the_market_has_at_that_price(): void
    {
        $desk = Desk::make(['size' => ['rule' => 'from_message'], 'protection' => self::FAR]);
        $first = $desk->send('enter long MARL/USD size 400 limit @1')->decisions[0]->orders[0];
        // The market is a little below the limit, with the value of a few levels: less than the whole.
        $ask = app(Connectors::class)->for($desk->account)->quotes(['marl_perp'])['marl_perp']->ask;
        DB::table('quarrystone.orders')->where('client_id', $first->client_id)->update(['quantity' => '400000', 'price' => (string) $ask->plus('0.10'), 'matched_until' => DB::raw('matched_until - 250')]);
        DB::table('quarrystone.accounts')->where('id', DB::table('quarrystone.api_keys')->where('key', $desk->key['key'])->value('account_id'))->update(['cash' => '90000000']);
        $venue = app(Connectors::class)->for($desk->account);
        $venue->working();
        $filled = $venue->find($first->client_id)?->filled();

        self::assertTrue($filled?->isPositive() && $filled->isLessThan(400_000), "a part: {$filled}");
    }

    public function test_a_route_as_a_whole_is_closed_when_its_loss_is_reached(): void
    {
        $desk = Desk::make([
            'legs' => [['symbol' => 'MARL/USD', 'instrument' => 'marl_perp'], ['symbol' => 'CHERT/USD', 'instrument' => 'chert_perp']],
            'size' => ['rule' => 'fixed_money', 'amount' => '100'], 'whole' => ['stop' => '0.14'],
        ]);
        // The fee and the spread of one leg are a tenth of a percent: that is not enough, and with the second it is.
        $desk->post('enter long MARL/USD');
        $desk->post('enter long CHERT/USD');
        Desk::waitFor('both are closed', static fn (): ?bool => Trade::query()->where('account_id', $desk->account->id)->whereNotNull('closed_at')->count() === 2 ? true : null);

        self::assertSame(['route stop'], Trade::query()->where('account_id', $desk->account->id)->distinct()->pluck('reason')->all());
        self::assertSame([], $desk->heldAtVenue());
    }

    public function test_everything_by_hand(): void
    {
        $desk = Desk::make(['protection' => self::FAR]);
        $desk->send('enter long MARL/USD');
        $this->heldFor($desk, 3);
        $api = Desk::api($desk->token);
        self::assertSame(0, $api->post('orders/cancel', [])->throw()->json('cancelled'), 'stops and targets stay with their position');
        self::assertSame(409, $api->post('orders/'.Order::query()->where('account_id', $desk->account->id)->where('role', OrderRole::Stop)->value('id').'/cancel')->status());
        $position = $api->get('positions')->json('data.0.id');
        $mark = \Brick\Math\BigDecimal::of($api->get("positions/{$position}")->json('protection.stop'))->multipliedBy('1.1')->toScale(2, \Brick\Math\RoundingMode::DOWN);

        self::assertSame((string) $mark, $api->put("positions/{$position}/stop", ['price' => (string) $mark])->throw()->json('protection.stop'));
        self::assertStringContainsString('would be hit at once', (string) $api->put("positions/{$position}/stop", ['price' => '900'])->json('errors.price.0'));
        $api->put("positions/{$position}/targets", ['targets' => [['price' => '900', 'share' => '25']]])->throw();
        self::assertSame(['stop sell 2', 'target 1 sell 0.5'], $this->settled($desk, ['stop sell 2', 'target 1 sell 0.5']));
        self::assertSame(422, $api->put("positions/{$position}/targets", ['targets' => [['price' => '1', 'share' => '25']]])->status());
        self::assertSame(422, $api->put("positions/{$position}/targets", ['targets' => [['price' => '900', 'share' => '60'], ['price' => '901', 'share' => '60']]])->status());
        $api->put("positions/{$position}/targets", ['targets' => []])->throw();
        $api->post("positions/{$position}/add", ['units' => '1'])->throw();
        self::assertSame(422, $api->post("positions/{$position}/add", ['units' => '0.001'])->status());
        self::assertSame(['stop sell 3'], $this->settled($desk, ['stop sell 3']));
        $order = $api->post("positions/{$position}/close", ['share' => '50'])->throw()->json('data');
        self::assertSame(['1.5', 'by hand, Tester'], [$order['filled'], $order['reason']]);
        self::assertSame(['stop sell 1.5'], $this->settled($desk, ['stop sell 1.5']));
        self::assertSame(['closed' => 1, 'troubles' => []], $api->post('positions/flatten', [])->throw()->json());
        self::assertSame([], $this->settled($desk, []));
        self::assertSame('by hand, Tester', $api->get('trades')->json('data.0.reason'));
        self::assertSame(1, $api->get('trades/tally?by=reason&days=1')->json('data.0.all.count'));
        self::assertSame('The position is closed already.', $api->post("positions/{$position}/close", ['share' => '100'])->json('errors.share.0'));
    }

    /** @return list<string> "stop sell 2", once there are so many at the venue. */
    private function heldFor(Desk $desk, int $orders): array
    {
        return Desk::waitFor("{$orders} orders look after it", function () use ($desk, $orders): ?array {
            $there = $this->atVenue($desk);

            return count($there) === $orders ? $there : null;
        });
    }

    /**
     * @param  list<string>  $wanted
     * @return list<string>
     */
    private function settled(Desk $desk, array $wanted): array
    {
        return Desk::waitFor('the orders at the venue are '.implode(', ', $wanted), function () use ($desk, $wanted): ?array {
            $there = $this->atVenue($desk);

            return $there === $wanted ? $there : null;
        });
    }

    /** @return list<string> */
    private function atVenue(Desk $desk): array
    {
        $working = app(Connectors::class)->for($desk->account)->working();
        $orders = Order::query()->whereIn('client_id', array_keys($working))->get();

        return array_values($orders->map(static fn (Order $order): string => "{$order->label} {$order->side->value} {$order->quantity->minus($order->filled)->stripTrailingZeros()}")->sort()->all());
    }

    /** @return list<string> */
    private function stops(Desk $desk): array
    {
        return Desk::waitFor('one stop is known to be working', static function () use ($desk): ?array {
            $stops = Order::query()->where('account_id', $desk->account->id)->where('role', OrderRole::Stop)->where('state', OrderState::Working)->pluck('trigger_price')->all();

            return count($stops) === 1 ? array_map(strval(...), $stops) : null;
        });
    }

    /** Moves an order at the venue, behind our back, to so many times the market: it is reached there at the next look. */
    private function moveAtVenue(Desk $desk, string $label, string $field, string $times): void
    {
        $quote = app(Connectors::class)->for($desk->account)->quotes(['marl_perp'])['marl_perp'];
        $order = Order::query()->where('account_id', $desk->account->id)->where('label', $label)->where('state', OrderState::Working)->sole();
        DB::table('quarrystone.orders')->where('client_id', $order->client_id)->update([$field => (string) $quote->bid->multipliedBy($times)->toScale(2, \Brick\Math\RoundingMode::UP), 'matched_until' => DB::raw('matched_until - 1000')]);
    }
}
