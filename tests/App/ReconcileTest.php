<?php

namespace Tests\App;

use App\Connector\Connectors;
use App\Models\Difference;
use App\Models\Notice;
use App\Models\Order;
use App\Models\OrderState;
use App\Models\Position;
use App\Models\Protection;
use Brick\Math\BigDecimal;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use PHPUnit\Framework\TestCase;
use Wexon\Core\Decision\Ticket;
use Wexon\Core\Order\OrderRole;
use Wexon\Core\Order\OrderTerms;
use Wexon\Core\Route\RouteState;
use Wexon\Core\Signal\OrderSide;

/** Somebody trades at the venue behind our back; the watcher finds it, and each answer does what it says. */
final class ReconcileTest extends TestCase
{
    use RunningPlace;

    public function test_a_position_that_was_opened_at_the_venue_is_shown_left_alone_and_closed_there(): void
    {
        $desk = Desk::make(['pause_on_difference' => true]);
        $this->tradeThere($desk, OrderSide::Buy, '3', false);
        $one = $this->difference($desk);

        self::assertSame('The venue holds long 3 of marl_perp that Wexon did not open.', $one->words);
        Desk::waitFor('the route is paused, as it says', static fn (): ?bool => $desk->route->refresh()->state === RouteState::Paused ? true : null);
        self::assertTrue(Notice::query()->where('desk_id', $desk->user->desk_id)->where('kind', 'difference')->exists());
        $api = Desk::api($desk->token);
        self::assertSame('ignored', $api->post("differences/{$one->id}", ['answer' => 'ignore'])->throw()->json('data.state'));
        self::assertSame(['marl_perp' => '3'], $desk->heldAtVenue());
        self::assertSame('closed', $api->post("differences/{$one->id}", ['answer' => 'close'])->throw()->json('data.state'));
        self::assertSame([], $desk->heldAtVenue());
        self::assertSame(409, $api->post("differences/{$one->id}", ['answer' => 'close'])->status());
    }

    public function test_a_position_that_was_closed_at_the_venue_is_taken_over(): void
    {
        $desk = Desk::make(['protection' => ['stop' => ['percent' => '20']]]);
        $desk->send('enter long MARL/USD');
        $this->tradeThere($desk, OrderSide::Sell, '2', true);
        $one = $this->difference($desk);

        self::assertSame("Wexon's books hold long 2 of marl_perp, but the venue holds nothing: it was closed there.", $one->words);
        $api = Desk::api($desk->token);
        self::assertStringContainsString('nothing to close there', (string) $api->post("differences/{$one->id}", ['answer' => 'close'])->json('errors.answer.0'));
        self::assertSame('adopted', $api->post("differences/{$one->id}", ['answer' => 'adopt'])->throw()->json('data.state'));
        self::assertTrue(Position::query()->where('account_id', $desk->account->id)->sole()->quantity->isZero());
        self::assertSame(0, Protection::query()->where('account_id', $desk->account->id)->where('is_open', true)->count());
        Desk::waitFor('its stop is taken back', static fn (): ?bool => app(Connectors::class)->for($desk->account)->working() === [] ? true : null);
        self::assertSame('at the venue', $api->get('trades')->json('data.0.reason'));
    }

    public function test_a_part_that_was_closed_at_the_venue_is_taken_over_with_its_stop(): void
    {
        $desk = Desk::make(['protection' => ['stop' => ['percent' => '20']]]);
        $desk->send('enter long MARL/USD');
        $this->tradeThere($desk, OrderSide::Sell, '0.5', true);
        Desk::api($desk->token)->post("differences/{$this->difference($desk)->id}", ['answer' => 'adopt'])->throw();

        $sizes = static fn (): array => array_map(strval(...), Order::query()->where('account_id', $desk->account->id)->where('role', OrderRole::Stop)->where('state', OrderState::Working)->get()->map(static fn (Order $stop) => $stop->quantity->stripTrailingZeros())->all());
        self::assertSame(['1.5'], Desk::waitFor('the stop is as large as the position', static fn (): ?array => $sizes() === ['1.5'] ? $sizes() : null));
    }

    public function test_a_position_that_the_venue_closes_for_want_of_margin_is_found_and_nothing_is_left_there(): void
    {
        $desk = Desk::make(['leverage' => ['times' => '10', 'margin' => 'isolated'], 'protection' => ['stop' => ['percent' => '50']]]);
        $desk->send('enter long MARL/USD');
        // As if it had been bought a quarter dearer: ten percent of that no longer cover the loss.
        DB::table('quarrystone.holdings')->where('instrument', 'marl_perp')->where('account_id', DB::table('quarrystone.api_keys')->where('key', $desk->key['key'])->value('account_id'))->update(['cost' => DB::raw('cost * 1.25')]);

        self::assertSame("Wexon's books hold long 2 of marl_perp, but the venue holds nothing: it was closed there.", $this->difference($desk)->words);
        Desk::waitFor('its stop is gone', static fn (): ?bool => app(Connectors::class)->for($desk->account)->working() === [] ? true : null);
        self::assertSame([], $desk->heldAtVenue());
    }

    public function test_an_order_that_nobody_here_sent_is_taken_back_and_a_difference_that_goes_is_gone(): void
    {
        $desk = Desk::make();
        $venue = app(Connectors::class)->for($desk->account);
        $venue->place(Ticket::of(OrderRole::Placed, 'marl_perp', OrderSide::Buy, BigDecimal::of('1'), OrderTerms::of(BigDecimal::of('5'), null)), 'byhand1');
        $one = $this->difference($desk);
        Desk::api($desk->token)->post("differences/{$one->id}", ['answer' => 'close'])->throw();
        self::assertSame([], $venue->working());

        $this->tradeThere($desk, OrderSide::Sell, '1', false);
        $second = $this->difference($desk);
        $this->tradeThere($desk, OrderSide::Buy, '1', true);
        Desk::waitFor('it is gone', static fn (): ?bool => $second->refresh()->state === 'gone' ? true : null);
    }

    private function tradeThere(Desk $desk, OrderSide $side, string $units, bool $closes): void
    {
        app(Connectors::class)->for($desk->account)->place(Ticket::market(1, 'marl_perp', $side, BigDecimal::of($units), $closes), 'byhand'.Str::random(10));
    }

    private function difference(Desk $desk): Difference
    {
        return Desk::waitFor('the difference is told', static fn (): ?Difference => Difference::query()->where('account_id', $desk->account->id)->where('is_there', true)->first());
    }
}
