<?php

namespace Tests\App\Connector;

use App\Connector\Connector;
use App\Connector\Connectors;
use App\Connector\PellamStreet\PellamStreetConnector;
use App\Connector\TroubleKind;
use Brick\Math\BigDecimal;
use Illuminate\Support\Facades\Http;
use Illuminate\Support\Str;
use PHPUnit\Framework\TestCase;
use Tests\App\Desk;
use Tests\App\RunningPlace;
use Wexon\Core\Decision\Ticket;
use Wexon\Core\Signal\OrderSide;

final class PellamStreetConnectorTest extends TestCase
{
    use ConnectorContract;
    use RunningPlace;

    private function connector(array $permissions = ['read', 'trade'], string $environment = 'practice'): Connector
    {
        return $this->with(Desk::token(['environment' => $environment, 'may' => implode(',', str_replace('read', 'look', $permissions))]));
    }

    private function connectorWithWrongSecret(): Connector
    {
        return $this->with(['token' => str_repeat('0', 40)] + Desk::token());
    }

    private function busyConnector(): Connector
    {
        $token = Desk::token();
        Http::throw()->post(config('wexon.pellam_street_url').'/faults', ['kind' => 'busy', 'key' => $token['account']]);

        return $this->with($token);
    }

    private function instrument(): string
    {
        return 'ALDR';
    }

    public function test_a_token_is_renewed_when_half_its_time_is_over_and_the_old_one_ends(): void
    {
        $fresh = $this->with(Desk::token(['lasts' => 600]));
        self::assertInstanceOf(PellamStreetConnector::class, $fresh);
        self::assertNull($fresh->renewed(), 'it is good for long enough');

        $token = Desk::token(['lasts' => 2]);
        $old = $this->with($token);
        self::assertInstanceOf(PellamStreetConnector::class, $old);
        usleep(1_100_000);
        $renewed = $old->renewed();
        self::assertNotNull($renewed);
        self::assertNotSame($token['token'], $renewed['token']);
        self::assertTrue($old->check()->balance->equity->isPositive(), 'taken a little longer, so that nobody is cut off');
        usleep(1_000_000);
        $this->expectTrouble(TroubleKind::KeyRejected, static fn (Connector $connector) => $connector->check(), $old);
        self::assertTrue($this->with($renewed)->check()->balance->equity->isPositive());
    }

    public function test_shares_come_whole_or_in_fractions_and_are_lent_or_not(): void
    {
        $connector = $this->connector();
        $order = static fn (string $share, OrderSide $side, string $shares) => $connector->place(Ticket::market(1, $share, $side, BigDecimal::of($shares), false), 'wx'.Str::random(20));

        $order('ALDR', OrderSide::Sell, '1.25');
        self::assertSame('-1.25', (string) $connector->positions()['ALDR']);
        foreach (['half a share' => ['TRNH', OrderSide::Buy, '1.5'], 'not lent' => ['TRNH', OrderSide::Sell, '1']] as $refused) {
            $this->expectTrouble(TroubleKind::Refused, static fn () => $order(...$refused), $connector);
        }
        $listed = array_column($connector->instruments(), null, 'name');
        self::assertSame([true, false], [$listed['ALDR']->shortable, $listed['TRNH']->shortable]);
        self::assertSame(['0.001', '1'], [(string) $listed['ALDR']->lotStep, (string) $listed['TRNH']->lotStep]);
    }

    public function test_while_closed_nothing_is_taken(): void
    {
        Http::throw()->post(config('wexon.pellam_street_url').'/closings', ['symbol' => 'QLLN', 'from' => time() - 60, 'to' => time() + 3_600]);
        $connector = $this->connector();
        $hours = array_column($connector->instruments(), null, 'name')['QLLN']->hours;

        $this->expectTrouble(TroubleKind::Refused, static fn (Connector $connector) => $connector->place(Ticket::market(1, 'QLLN', OrderSide::Buy, BigDecimal::of('1'), false), 'wx'.Str::random(20)), $connector);
        self::assertFalse($hours?->isOpen(now()->toDateTimeImmutable()));
        self::assertEqualsWithDelta(3_600, ($hours?->opensAt(now()->toDateTimeImmutable())?->getTimestamp() ?? 0) - time(), 5);
    }

    /** @param  array<string, string>  $token */
    private function with(array $token): Connector
    {
        return app(Connectors::class)->make('pellam_street', $token);
    }
}
