<?php

namespace Tests\App\Connector;

use App\Connector\Connector;
use App\Connector\Connectors;
use App\Connector\Larkmoor\LarkmoorConnector;
use App\Connector\TroubleKind;
use Brick\Math\BigDecimal;
use Illuminate\Support\Facades\Http;
use Illuminate\Support\Str;
use PHPUnit\Framework\TestCase;
use Tests\App\Desk;
use Tests\App\RunningPlace;
use Wexon\Core\Decision\Ticket;
use Wexon\Core\Order\OrderRole;
use Wexon\Core\Order\OrderTerms;
use Wexon\Core\Signal\OrderSide;

final class LarkmoorConnectorTest extends TestCase
{
    use ConnectorContract;
    use RunningPlace;

    private function connector(array $permissions = ['read', 'trade'], string $environment = 'practice'): Connector
    {
        $login = Desk::login(['environment' => $environment]);

        return $this->with($login, in_array('trade', $permissions, true) ? [] : ['password' => $login['read_password']]);
    }

    private function connectorWithWrongSecret(): Connector
    {
        return $this->with(Desk::login(), ['password' => 'wrong']);
    }

    private function busyConnector(): Connector
    {
        $login = Desk::login();
        Http::throw()->post(config('wexon.larkmoor_url').'/faults', ['kind' => 'busy', 'key' => $login['login']]);

        return $this->with($login);
    }

    private function instrument(): string
    {
        return 'CHF-PLN';
    }

    public function test_the_read_only_password_is_told_apart(): void
    {
        self::assertStringContainsString('read-only password', (string) $this->connector(['read'])->check()->words);
        self::assertNull($this->connector()->check()->words);
    }

    public function test_connecting_takes_a_while_and_says_how_far_it_is(): void
    {
        $connector = $this->connector();
        self::assertInstanceOf(LarkmoorConnector::class, $connector);
        $heard = [];
        $connector->connect(static function (int $percent, string $doing) use (&$heard): void {
            $heard[$doing] = $percent;
        });

        self::assertGreaterThanOrEqual(2, count($heard), implode(', ', array_keys($heard)));
        self::assertSame($heard, array_unique($heard));
        $this->expectTrouble(TroubleKind::KeyRejected, static fn (Connector $wrong) => $wrong->check(), $this->with(Desk::login(), ['server' => 'Larkmoor-Two']));
    }

    /** Where long and short are held side by side, an order that closes must not open the other side. */
    public function test_both_sides_are_held_and_closed_apart(): void
    {
        $connector = $this->with(Desk::login(['holds' => 'both_sides']));
        $order = static fn (OrderSide $side, string $lots, bool $closes) => $connector->place(Ticket::market(1, 'NOK-SEK', $side, BigDecimal::of($lots), $closes), 'wx'.Str::random(20));

        $order(OrderSide::Buy, '0.5', false);
        $order(OrderSide::Sell, '0.2', false);
        self::assertSame('0.3', (string) $connector->positions()['NOK-SEK'], 'both are held, the sum is told');
        $order(OrderSide::Sell, '0.5', true);
        self::assertSame('-0.2', (string) $connector->positions()['NOK-SEK'], 'the long is closed, the short is not touched');
        $this->expectTrouble(TroubleKind::Refused, static fn () => $order(OrderSide::Sell, '0.1', true), $connector);
    }

    public function test_a_price_too_near_is_refused_in_the_venues_words(): void
    {
        $connector = $this->connector();
        $ask = $connector->quotes(['NOK-SEK'])['NOK-SEK']->ask;
        $near = Ticket::of(OrderRole::Placed, 'NOK-SEK', OrderSide::Buy, BigDecimal::of('0.1'), OrderTerms::of($ask->minus('0.00005'), null));

        $this->expectTrouble(TroubleKind::Refused, static fn (Connector $connector) => $connector->place($near, 'wx'.Str::random(20)), $connector);
        self::assertSame('0.0002', (string) $connector->instruments()[0]->leastDistance->stripTrailingZeros());
    }

    /**
     * @param  array<string, string>  $login
     * @param  array<string, string>  $change
     */
    private function with(array $login, array $change = []): Connector
    {
        return app(Connectors::class)->make('larkmoor', $change + array_diff_key($login, ['read_password' => 1]));
    }
}
