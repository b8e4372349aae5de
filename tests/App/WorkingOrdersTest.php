<?php

namespace Tests\App;

use App\Connector\Connectors;
use App\Models\Order;
use App\Models\OrderState;
use App\Models\Position;
use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\TestCase;

/** Orders that wait at the venue: placed and cancelled by messages and by hand, filled later, and followed. */
final class WorkingOrdersTest extends TestCase
{
    use RunningPlace;

    private const GRID = 40;

    public function test_a_label_is_placed_moved_by_the_chart_and_cancelled(): void
    {
        $desk = Desk::make();
        $first = $this->far($desk, '0.5');
        self::assertSame(['buy 2 working'], Desk::orders($desk->send("place long MARL/USD limit @{$first} label \"step 7\"")));
        self::assertSame(['buy 2 working'], Desk::orders($desk->send('place long MARL/USD limit @'.$this->far($desk, '0.4').' label "step 7"')));
        $twice = $desk->send('place long MARL/USD limit @'.$this->far($desk, '0.4').' label "step 7"');
        self::assertSame(['nothing', []], [$twice->decisions[0]->verdict, Desk::orders($twice)]);
        self::assertSame([$this->far($desk, '0.4')], $this->limitsAtVenue($desk));

        $cancelled = $desk->send('cancel MARL/USD label "STEP 7"');
        self::assertSame('pass', $cancelled->decisions[0]->verdict);
        self::assertSame([[], ['cancelled', 'cancelled']], [$this->limitsAtVenue($desk), $this->states($desk)]);
        $replay = Desk::api($desk->token)->get("decisions/{$cancelled->decisions[0]->id}/replay")->throw()->json();
        self::assertTrue($replay['same']);
    }

    public function test_what_is_filled_while_nobody_looks_comes_into_the_books(): void
    {
        $desk = Desk::make(['size' => ['rule' => 'from_message']]);
        $quote = app(Connectors::class)->for($desk->account)->quotes(['marl_perp'])['marl_perp'];
        [$buy, $sell] = [$quote->bid->minus('0.02'), $quote->ask->plus('0.02')];
        $desk->send("place long MARL/USD size 3 limit @{$buy} label low");
        $desk->send("place short MARL/USD size 3 limit @{$sell} label high");
        // As if they had waited for two days: the price has been at one of the two since.
        DB::table('quarrystone.orders')->whereIn('client_id', Order::query()->where('account_id', $desk->account->id)->pluck('client_id'))
            ->update(['matched_until' => (int) (microtime(true) * 1000) - 172_800_000]);

        $filled = Desk::waitFor('one of them is filled', fn (): ?Order => Order::query()->where('account_id', $desk->account->id)->where('state', OrderState::Filled)->first());
        $fee = $filled->limit_price?->multipliedBy('3')->multipliedBy('0.0002')->toScale(8, RoundingMode::UP);
        self::assertSame((string) $filled->limit_price, (string) $filled->average, 'at its own price');
        self::assertSame((string) $fee?->stripTrailingZeros(), (string) $filled->fee, 'the maker fee');
        Desk::waitFor('our books are the venue\'s', static function () use ($desk): ?bool {
            $ours = Position::query()->where('account_id', $desk->account->id)->value('quantity') ?? '0';

            return ($desk->heldAtVenue()['marl_perp'] ?? '0') === (string) BigDecimal::of($ours)->stripTrailingZeros() ? true : null;
        });
    }

    public function test_orders_are_moved_and_taken_back_by_hand(): void
    {
        $desk = Desk::make();
        $api = Desk::api($desk->token);
        foreach (['a' => '0.5', 'b' => '0.6', 'c' => '0.7'] as $label => $share) {
            $desk->send('place long MARL/USD limit @'.$this->far($desk, $share)." label {$label}");
        }
        [$c, $b, $a] = $api->get('orders', ['working' => 'true'])->throw()->json('data');
        $moved = $api->post("orders/{$a['id']}/move", ['price' => $this->far($desk, '0.45')])->throw()->json('data');

        self::assertSame(['working', 'a', $this->far($desk, '0.45')], [$moved['state'], $moved['label'], (string) BigDecimal::of($moved['limit'])->toScale(2)]);
        self::assertSame(409, $api->post("orders/{$a['id']}/move", ['price' => '1'])->status(), 'it is not there any more');
        self::assertSame(['price'], array_keys($api->post("orders/{$b['id']}/move", ['price' => '20.001'])->json('errors')));
        self::assertSame('cancelled', $api->post("orders/{$c['id']}/cancel")->throw()->json('data.state'));
        self::assertSame(409, $api->post("orders/{$c['id']}/cancel")->status());
        self::assertSame(404, Desk::api(Desk::make()->token)->post("orders/{$b['id']}/cancel")->status(), 'another desk\'s');
        self::assertSame(['cancelled' => 2, 'troubles' => []], $api->post('orders/cancel')->throw()->json());
        self::assertSame([], $this->limitsAtVenue($desk));
        self::assertStringContainsString('by Tester', (string) Order::query()->findOrFail($c['id'])->words);
    }

    public function test_an_order_of_limited_time_is_taken_back(): void
    {
        $desk = Desk::make(['entry' => ['type' => 'limit', 'limit' => ['at' => 'own_side', 'offset' => '40', 'unit' => 'percent'], 'cancel_after' => 1]]);
        self::assertSame(['buy 2 working'], Desk::orders($desk->send('enter long MARL/USD')));

        $order = Desk::waitFor('it is taken back', fn (): ?Order => Order::query()->where('account_id', $desk->account->id)->where('state', OrderState::Cancelled)->first());
        self::assertSame('Taken back after 1 seconds, as the route says.', $order->words);
    }

    public function test_planned_adds_rest_with_the_entry_and_go_with_the_exit(): void
    {
        $ladder = ['levels' => 3, 'distance' => '5', 'spacing' => '1', 'first' => '1', 'growth' => '1'];
        $desk = Desk::make(['ladder' => $ladder, 'exit' => ['type' => 'limit', 'limit' => ['at' => 'own_side', 'offset' => '2', 'unit' => 'ticks']]]);
        $entry = $desk->send('enter long MARL/USD');
        self::assertSame(['buy 2 filled', 'buy 2 working', 'buy 2 working', 'buy 2 working'], Desk::orders($entry));
        self::assertCount(4, $entry->decisions[0]->trace['ladder'] ?? []);

        // The first of two exits by signal takes the adds back, and rests itself; it is filled while nobody looks.
        self::assertSame(['sell 2 working'], Desk::orders($desk->send('exit MARL/USD')));
        self::assertCount(1, $this->limitsAtVenue($desk));
        DB::table('quarrystone.orders')->whereIn('client_id', Order::query()->where('account_id', $desk->account->id)->pluck('client_id'))
            ->update(['matched_until' => (int) (microtime(true) * 1000) - 172_800_000]);
        Desk::waitFor('nothing is working any more', fn (): ?bool => Order::query()->where('account_id', $desk->account->id)->where('state', OrderState::Working)->doesntExist() ? true : null);
        self::assertSame([], $this->limitsAtVenue($desk));
    }

    public function test_watched_adds_go_out_when_the_price_is_there_and_not_after_the_position(): void
    {
        $ladder = ['levels' => 3, 'distance' => '20', 'spacing' => '1', 'first' => '1', 'growth' => '1', 'watched' => true];
        $desk = Desk::make(['ladder' => $ladder, 'protection' => ['stop' => ['percent' => '70'], 'keeping' => 'watched']]);
        $entry = $desk->send('enter long MARL/USD');
        self::assertSame(['buy 2 filled', 'buy 2 scheduled', 'buy 2 scheduled', 'buy 2 scheduled'], Desk::orders($entry));
        self::assertSame([], $this->limitsAtVenue($desk), 'the venue knows nothing of them');

        // The market comes to the first of them: its limit is raised above the price instead.
        [, $first, $second] = $entry->decisions[0]->orders;
        $first->update(['limit_price' => $this->far($desk, '1.2')]);
        Desk::waitFor('the first is filled', static fn (): ?bool => $first->refresh()->state === OrderState::Filled ? true : null);
        self::assertSame([['marl_perp' => '4'], 'scheduled'], [$desk->heldAtVenue(), $second->refresh()->state->value]);

        // A stop that is watched closes the position, and what is left of the ladder goes with it.
        $position = Position::query()->where('account_id', $desk->account->id)->firstOrFail();
        $price = app(Connectors::class)->for($desk->account)->quotes(['marl_perp'])['marl_perp']->bid->minus('0.03');
        Desk::api($desk->token)->put("positions/{$position->id}/stop", ['price' => (string) $price])->throw();
        DB::table('protections')->where('account_id', $desk->account->id)->update(['state' => DB::raw("json_set(state, '$.stop', '{$this->far($desk, '1.2')}')"), 'changed_at' => now()->format('Y-m-d H:i:s.u')]);
        Desk::waitFor('the rest is taken back', static fn (): ?bool => $second->refresh()->state === OrderState::Cancelled ? true : null);
        self::assertSame([[], 'Taken back: its position is closed.'], [$desk->heldAtVenue(), $second->words]);
    }

    public function test_adds_do_not_outlive_a_position_that_its_resting_exit_closes(): void
    {
        $desk = Desk::make();
        $desk->send('enter long MARL/USD');
        $add = $desk->send('place long MARL/USD limit @'.$this->far($desk, '0.5').' label left')->decisions[0]->orders[0];
        $exit = $desk->send('exit MARL/USD limit @'.$this->far($desk, '1.5'))->decisions[0]->orders[0];
        $add->update(['role' => 'add']);
        DB::table('quarrystone.orders')->where('client_id', $exit->client_id)->update(['price' => $this->far($desk, '0.5')]);

        Desk::waitFor('the add is taken back', static fn (): ?bool => $add->refresh()->state === OrderState::Cancelled ? true : null);
        self::assertSame('Taken back: its position is closed.', $add->words);
    }

    public function test_an_order_goes_after_the_market_until_it_has_it(): void
    {
        $desk = Desk::make(['entry' => ['type' => 'limit', 'limit' => ['at' => 'own_side', 'offset' => '40', 'unit' => 'percent'], 'chase' => ['times' => 1, 'every' => 1, 'then' => 'market']]]);
        $desk->send('enter long MARL/USD');
        Desk::waitFor('it is filled at market', fn (): ?Order => Order::query()->where('account_id', $desk->account->id)->where('state', OrderState::Filled)->where('type', 'market')->first());

        self::assertSame(['marl_perp' => '2'], $desk->heldAtVenue());
        self::assertSame([], $this->limitsAtVenue($desk));
    }

    public function test_an_entry_that_is_filled_while_it_is_taken_back_is_closed_whole(): void
    {
        $desk = Desk::make(['entry' => ['type' => 'limit', 'limit' => ['at' => 'own_side', 'offset' => '40', 'unit' => 'percent']]]);
        $entry = $desk->send('enter long MARL/USD')->decisions[0]->orders[0];
        // The venue fills it at the next look, which is that of the cancel; nobody has told us.
        DB::table('quarrystone.orders')->where('client_id', $entry->client_id)->update(['price' => $this->far($desk, '1.5'), 'matched_until' => DB::raw('matched_until - 1000')]);
        $exit = $desk->send('exit MARL/USD');

        self::assertSame('exit', $exit->decisions[0]->intent, 'decided again with the position that there is');
        self::assertSame(['sell 2 filled'], Desk::orders($exit));
        self::assertSame([], $desk->heldAtVenue());
    }

    public function test_an_order_that_was_never_sent_because_the_process_died_is_not_left_in_doubt(): void
    {
        $desk = Desk::make();
        $order = $desk->send('place long MARL/USD limit @'.$this->far($desk, '0.5').' label x')->decisions[0]->orders[0];
        $id = DB::table('orders')->insertGetId(['number' => 2, 'client_id' => 'wxnever'.$order->id, 'state' => 'committed', 'created_at' => now()->subMinutes(5), 'venue_id' => null]
            + collect($order->getAttributes())->except('id')->all());
        DB::table('decisions')->where('id', $order->decision_id)->update(['finished_at' => now()->subMinutes(5)]);

        $lapsed = Desk::waitFor('it is looked into', static fn (): ?Order => Order::query()->where('state', OrderState::Lapsed)->find($id));
        self::assertSame('Not sent: Wexon was stopped at that moment.', $lapsed->words);
    }

    public function test_slices_go_out_in_their_time_and_an_exit_takes_the_rest_back(): void
    {
        $desk = Desk::make(['size' => ['rule' => 'fixed_units', 'amount' => '6'], 'entry' => ['type' => 'market', 'slices' => ['count' => 3, 'over' => 120]]]);
        $entry = $desk->send('enter long MARL/USD');
        self::assertSame(['buy 2 filled', 'buy 2 scheduled', 'buy 2 scheduled'], Desk::orders($entry));
        Order::query()->whereKey($entry->decisions[0]->orders[1]->id)->update(['due_at' => now()]);
        Desk::waitFor('the second is filled', static fn (): ?bool => $desk->heldAtVenue() === ['marl_perp' => '4'] ? true : null);

        self::assertSame(['sell 4 filled'], Desk::orders($desk->send('exit MARL/USD')));
        self::assertSame('cancelled', $entry->decisions[0]->orders[2]->refresh()->state->value);
        self::assertSame([], $desk->heldAtVenue());
    }

    public function test_a_flip_waits_between_its_halves_and_can_be_called_off(): void
    {
        $desk = Desk::make(['flip_pause' => 2]);
        $desk->send('enter long MARL/USD');
        self::assertSame(['sell 2 filled', 'sell 2 scheduled'], Desk::orders($desk->send('flip short MARL/USD')));
        Desk::waitFor('the second half is filled', static fn (): ?bool => $desk->heldAtVenue() === ['marl_perp' => '-2'] ? true : null);

        $desk->send('flip long MARL/USD');
        self::assertSame('cancel', $desk->send('exit MARL/USD')->decisions[0]->intent, 'before its time');
        self::assertSame([], $desk->heldAtVenue());
    }

    /** A script that starts: all at once, each with its own price, faster than the venue takes orders. */
    public function test_a_burst_of_a_grid_rests_whole_in_order_and_exactly(): void
    {
        $desk = Desk::make(['size' => ['rule' => 'from_message']]);
        $prices = array_map(fn (int $step): string => $this->far($desk, '0.7', $step), range(0, self::GRID - 1));
        $body = implode("\n", array_map(static fn (string $price, int $step): string => "place long MARL/USD size 0.5 limit @{$price} label \"step {$step}\"", $prices, array_keys($prices)));
        $desk->finished($desk->post($body)->throw()->json('id'));

        Desk::waitFor('all rest', static fn (): ?bool => Order::query()->where('account_id', $desk->account->id)->where('state', OrderState::Working)->count() === self::GRID ? true : null);
        self::assertSame($prices, $this->limitsAtVenue($desk));
        self::assertSame(array_fill(0, self::GRID, 'working'), $this->states($desk));
    }

    /** A price far below the market: a share of what it was when the test began, and so many steps below. */
    private function far(Desk $desk, string $share, int $step = 0): string
    {
        static $bid;
        $bid ??= app(Connectors::class)->for($desk->account)->quotes(['marl_perp'])['marl_perp']->bid;

        return (string) $bid->multipliedBy($share)->minus(BigDecimal::of('0.05')->multipliedBy($step))->toScale(2, RoundingMode::DOWN);
    }

    /** @return list<string> In the order in which the venue took them. */
    private function limitsAtVenue(Desk $desk): array
    {
        return DB::table('quarrystone.orders')->where('status', 'working')->whereIn('client_id', Order::query()->where('account_id', $desk->account->id)->pluck('client_id'))
            ->orderBy('id')->pluck('price')->map(static fn (string $price): string => (string) BigDecimal::of($price)->toScale(2))->values()->all();
    }

    /** @return list<string> */
    private function states(Desk $desk): array
    {
        return Order::query()->where('account_id', $desk->account->id)->orderBy('id')->get()->map(static fn (Order $order): string => $order->state->value)->all();
    }
}
