<?php

namespace Tests\App;

use App\Connector\Connectors;
use App\Dispatch\RefreshAccount;
use App\Models\Account;
use App\Models\Order;
use App\Models\OrderState;
use App\Models\Position;
use Illuminate\Support\Facades\Http;
use PHPUnit\Framework\TestCase;

/** One signal on accounts of different kinds, and what only some venues have: hours, tokens that end, other money. */
final class ThreeVenuesTest extends TestCase
{
    use RunningPlace;

    public function test_one_signal_trades_another_instrument_in_another_way_on_each_account(): void
    {
        $desk = Desk::make();
        $api = Desk::api($desk->token);
        $moor = $this->connect($desk, 'Moor', 'larkmoor', array_diff_key(Desk::login(), ['read_password' => 1]));
        $street = $this->connect($desk, 'Street', 'pellam_street', Desk::token());
        $change = [
            'name' => 'Line', 'inlet_id' => $desk->inlet->id, 'account_ids' => [$desk->account->id, $moor, $street],
            'account_scales' => [$moor => '0.1'], 'rules' => $desk->route->rules,
        ];
        $missing = $api->put("routes/{$desk->route->id}", $change);
        self::assertStringContainsString('“marl_perp” is not listed at larkmoor', (string) json_encode($missing->json('errors'), JSON_UNESCAPED_UNICODE));

        $own = [
            $moor => ['instruments' => ['MARL/USD' => 'CHF-PLN']],
            $street => ['instruments' => ['MARL/USD' => 'ALDR'], 'entry' => ['type' => 'limit', 'limit' => ['at' => 'own_side', 'offset' => '20', 'unit' => 'percent'], 'time_in_force' => 'day']],
        ];
        self::assertSame(422, $api->put("routes/{$desk->route->id}", $change + ['account_rules' => [$street => ['entry' => ['type' => 'limit']]]])->status());
        $saved = $api->put("routes/{$desk->route->id}", $change + ['account_rules' => $own])->throw()->json('data.accounts');
        self::assertSame(['MARL/USD' => 'CHF-PLN'], $saved[1]['own']['instruments']);

        $orders = $desk->send('enter long MARL/USD')->decisions->flatMap->orders->keyBy('account_id');
        self::assertSame(['marl_perp', 'CHF-PLN', 'ALDR'], $orders->pluck('instrument')->all());
        self::assertSame(['2', '0.2', '2'], array_map(strval(...), $orders->pluck('quantity')->all()));
        self::assertSame([OrderState::Filled, OrderState::Filled, OrderState::Working], $orders->pluck('state')->all());
        self::assertSame('day', $orders[$street]->time_in_force->value);
        self::assertTrue($orders[$moor]->rate->isLessThan('0.3'), 'PLN in EUR');

        self::assertSame(['sell 2 filled', 'sell 0.2 filled'], Desk::orders($desk->send('exit MARL/USD')));
        self::assertSame([OrderState::Cancelled], Order::query()->where('account_id', $street)->pluck('state')->all(), 'the entry that waited is taken back');
        self::assertTrue(Position::query()->where('account_id', $moor)->sole()->quantity->isZero());
    }

    public function test_what_may_wait_goes_out_at_the_opening(): void
    {
        $desk = Desk::make();
        Http::throw()->post(config('wexon.pellam_street_url').'/closings', ['symbol' => 'TRNH', 'from' => time() - 5, 'to' => time() + 6]);
        $street = $this->connect($desk, 'Street', 'pellam_street', Desk::token());
        Desk::api($desk->token)->put("routes/{$desk->route->id}", [
            'name' => 'Line', 'inlet_id' => $desk->inlet->id, 'account_ids' => [$street],
            'rules' => ['legs' => [['symbol' => 'TRNH', 'instrument' => 'TRNH']], 'when_closed' => 'queue', 'sides' => 'long'] + $desk->route->rules,
        ])->throw();

        $order = $desk->send('enter long TRNH')->decisions[0]->orders[0];
        self::assertSame(OrderState::Scheduled, $order->state, (string) $order->decision->summary);
        Desk::waitFor('it is filled at the opening', static fn (): ?Order => $order->refresh()->state === OrderState::Filled ? $order : null);
    }

    public function test_a_token_is_renewed_and_kept_before_it_ends(): void
    {
        $desk = Desk::make();
        $street = Account::query()->findOrFail($this->connect($desk, 'Street', 'pellam_street', $first = Desk::token(['lasts' => 4])));
        $renewed = Desk::waitFor('the watcher has renewed it', function () use ($street, $first): ?Account {
            app(RefreshAccount::class)->refresh($street, app(Connectors::class)->for($street), listing: false);

            return $street->refresh()->credentials['token'] === $first['token'] ? null : $street;
        });

        self::assertTrue(app(Connectors::class)->for($renewed)->check()->balance->equity->isPositive());
        self::assertStringNotContainsString($renewed->credentials['token'], (string) $renewed->getRawOriginal('credentials'), 'kept encrypted');
        $api = Desk::api($desk->token);
        self::assertSame(422, $api->put("accounts/{$street->id}/credentials", ['credentials' => ['token' => 'wrong'] + $first])->status());
        $other = $api->put("accounts/{$street->id}/credentials", ['credentials' => Desk::token()]);
        self::assertStringContainsString("is {$first['account']} at Pellam Street", (string) json_encode($other->json('errors')));
        $live = $api->put("accounts/{$desk->account->id}/credentials", ['credentials' => Desk::keyAtVenue('live')]);
        self::assertStringContainsString('for another account than this practice one', (string) $live->json('errors.credentials.0'));
        $new = Http::throw()->post(config('wexon.pellam_street_url').'/tokens/again', ['account' => $first['account']])->json();
        $api->put("accounts/{$street->id}/credentials", ['credentials' => $new])->throw();
        self::assertSame($new, $street->refresh()->credentials);
    }

    /** @param  array<string, string>  $credentials */
    private function connect(Desk $desk, string $name, string $venue, array $credentials): int
    {
        return Desk::api($desk->token)->post('accounts', ['name' => $name, 'venue' => $venue, 'credentials' => $credentials])->throw()->json('data.id');
    }
}
