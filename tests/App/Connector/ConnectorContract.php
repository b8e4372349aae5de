<?php

namespace Tests\App\Connector;

use App\Connector\Connector;
use App\Connector\Environment;
use App\Connector\OrderStatus;
use App\Connector\TroubleKind;
use App\Connector\VenueTrouble;
use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use Illuminate\Support\Str;
use Wexon\Core\Decision\Ticket;
use Wexon\Core\Order\OrderRole;
use Wexon\Core\Order\OrderTerms;
use Wexon\Core\Order\TimeInForce;
use Wexon\Core\Route\Leverage;
use Wexon\Core\Route\MarginKind;
use Wexon\Core\Signal\OrderSide;

/** What every connector must do, tried on its practice venue. A test of a connector uses this and says how to reach it. */
trait ConnectorContract
{
    /** @param  list<string>  $permissions */
    abstract private function connector(array $permissions = ['read', 'trade'], string $environment = 'practice'): Connector;

    /** One with a wrong secret. */
    abstract private function connectorWithWrongSecret(): Connector;

    /** One whose venue says that it asked too often. */
    abstract private function busyConnector(): Connector;

    /** An instrument that can be held long and short. */
    abstract private function instrument(): string;

    public function test_the_venue_tells_what_the_key_is(): void
    {
        $check = $this->connector(['read', 'trade'], 'live')->check();

        self::assertSame(Environment::Live, $check->environment);
        self::assertSame(['read', 'trade'], $check->permissions);
        self::assertSame(['read'], $this->connector(['read'])->check()->permissions);
        self::assertTrue($check->balance->equity->isPositive());
        self::assertTrue($check->balance->free->isLessThanOrEqualTo($check->balance->equity));
    }

    public function test_instruments_and_quotes_fit_together(): void
    {
        $connector = $this->connector();
        $names = array_map(static fn ($instrument): string => $instrument->name, $connector->instruments());
        $quotes = $connector->quotes($names);

        self::assertContains($this->instrument(), $names);
        self::assertSame($names, array_keys($quotes));
        foreach ($connector->instruments() as $instrument) {
            self::assertTrue($quotes[$instrument->name]->bid->remainder($instrument->tick)->isZero(), $instrument->name);
        }
    }

    public function test_an_order_is_filled_found_again_and_never_doubled(): void
    {
        $connector = $this->connector();
        $id = 'wx'.Str::random(20);
        $ticket = Ticket::market(1, $this->instrument(), OrderSide::Buy, BigDecimal::of('1.5'), false);

        self::assertNull($connector->find($id));
        $placed = $connector->place($ticket, $id);
        $again = $connector->place($ticket, $id);

        self::assertEquals($placed, $again, 'the report of the first');
        self::assertEquals($placed, $connector->find($id));
        self::assertSame('1.5', (string) BigDecimal::sum(...array_map(static fn ($row) => $row->fill->quantity, $placed->fills)));
        self::assertSame([$this->instrument() => '1.5'], array_map(strval(...), $connector->positions()));
        $view = $connector->look($this->instrument());
        self::assertTrue($view->balance->free->isLessThan($view->balance->equity));
        self::assertTrue($view->leverage->isGreaterThanOrEqualTo(1));
    }

    public function test_a_reducing_order_cannot_open_a_position(): void
    {
        $this->expectTrouble(TroubleKind::Refused, fn (Connector $connector) => $connector->place(
            Ticket::market(1, $this->instrument(), OrderSide::Sell, BigDecimal::of('1'), true), 'wx'.Str::random(20),
        ), $this->connector());
    }

    public function test_an_order_rests_is_listed_and_taken_back(): void
    {
        $connector = $this->connector();
        $quote = $connector->quotes([$this->instrument()])[$this->instrument()];
        $far = $quote->bid->dividedBy(2, 2, RoundingMode::DOWN);
        foreach (['limit' => OrderTerms::of($far, null), 'stop' => OrderTerms::of(null, $far->multipliedBy(4))] as $kind => $terms) {
            $ticket = Ticket::of(OrderRole::Placed, $this->instrument(), OrderSide::Buy, BigDecimal::of('1.5'), $terms);
            $id = 'wx'.Str::random(20);
            $free = $connector->check()->balance->free;
            $placed = $connector->place($ticket, $id);

            self::assertSame([OrderStatus::Working, []], [$placed->status, $placed->fills], $kind);
            self::assertEquals([$id => $placed], $connector->working(), $kind);
            self::assertTrue($connector->check()->balance->free->isLessThan($free), "{$kind}: it keeps money aside");
            self::assertSame(OrderStatus::Cancelled, $connector->cancel($id)->status, $kind);
            self::assertSame(OrderStatus::Cancelled, $connector->cancel($id)->status, "{$kind}: twice is not twice");
            self::assertSame([], $connector->working(), $kind);
        }
        self::assertTrue($connector->check()->balance->free->isEqualTo($free));
        $this->expectTrouble(TroubleKind::Refused, static fn (Connector $connector) => $connector->cancel('wxneverseen'), $connector);
    }

    public function test_leverage_and_margin_are_set_and_seen(): void
    {
        $connector = $this->connector();
        $before = $connector->look($this->instrument());
        $sets = $connector->abilities()->setsLeverage;
        $connector->setLeverage($this->instrument(), Leverage::of(['times' => $sets ? '7' : (string) $before->leverage, 'margin' => 'cross']));
        $view = $connector->look($this->instrument());

        self::assertSame($sets ? ['7', MarginKind::Cross] : [(string) $before->leverage, null], [(string) $view->leverage, $view->margin]);
        $this->expectTrouble(TroubleKind::Refused, fn (Connector $connector) => $connector->setLeverage($this->instrument(), Leverage::of(['times' => '1000', 'margin' => 'cross'])), $connector);
    }

    public function test_orders_for_this_moment_and_orders_that_only_wait(): void
    {
        $connector = $this->connector();
        $quote = $connector->quotes([$this->instrument()])[$this->instrument()];
        $order = fn (OrderTerms $terms) => $connector->place(Ticket::of(OrderRole::Entry, $this->instrument(), OrderSide::Buy, BigDecimal::of('1'), $terms), 'wx'.Str::random(20));
        $through = $quote->ask->multipliedBy('1.05')->toScale(2, RoundingMode::UP);
        $short = $quote->bid->multipliedBy('0.95')->toScale(2, RoundingMode::DOWN);
        $ends = [TimeInForce::Gtc->value => OrderStatus::Working, TimeInForce::Day->value => OrderStatus::Working, TimeInForce::Ioc->value => OrderStatus::Cancelled, TimeInForce::Fok->value => OrderStatus::Cancelled];

        self::assertSame(OrderStatus::Filled, $order(OrderTerms::of($through, null))->status, 'a limit through the market');
        foreach ($connector->abilities()->timesInForce as $time) {
            self::assertSame($ends[$time->value], $order(OrderTerms::of($short, null, $time))->status, $time->value);
        }
        if ($connector->abilities()->postOnly) {
            $this->expectTrouble(TroubleKind::Refused, static fn () => $order(OrderTerms::of($through, null, postOnly: true)), $connector);
        }
    }

    public function test_troubles_are_sorted(): void
    {
        $order = fn (Connector $connector) => $connector->place(Ticket::market(1, $this->instrument(), OrderSide::Buy, BigDecimal::of('1'), false), 'wx'.Str::random(20));
        $this->expectTrouble(TroubleKind::KeyRejected, static fn (Connector $connector) => $connector->check(), $this->connectorWithWrongSecret());
        $this->expectTrouble(TroubleKind::KeyRejected, $order, $this->connector(['read']));
        $this->expectTrouble(TroubleKind::Busy, $order, $this->busyConnector());
    }

    private function expectTrouble(TroubleKind $kind, callable $act, Connector $connector): void
    {
        try {
            $act($connector);
            self::fail("No trouble; expected {$kind->value}.");
        } catch (VenueTrouble $trouble) {
            self::assertSame($kind, $trouble->kind, $trouble->getMessage());
            self::assertSame($kind === TroubleKind::Busy, $trouble->retryAfter !== null);
        }
    }
}
