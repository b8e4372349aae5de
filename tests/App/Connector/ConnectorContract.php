<?php

namespace Tests\App\Connector;

use App\Connector\Connector;
use App\Connector\Environment;
use App\Connector\TroubleKind;
use App\Connector\VenueTrouble;
use Brick\Math\BigDecimal;
use Illuminate\Support\Str;
use Wexon\Core\Decision\Ticket;
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
        $check = $this->connector(['read', 'trade', 'withdraw'], 'live')->check();

        self::assertSame(Environment::Live, $check->environment);
        self::assertSame(['read', 'trade', 'withdraw'], $check->permissions);
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
