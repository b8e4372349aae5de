<?php

namespace Tests\App;

use App\Connector\Connectors;
use App\Models\Decision;
use App\Models\Message;
use Illuminate\Support\Facades\Http;
use PHPUnit\Framework\TestCase;

/** Money set aside for a route, and leverage set before its orders. */
final class AllocationsTest extends TestCase
{
    use RunningPlace;

    private const LEGS = [['symbol' => 'MARL/USD', 'instrument' => 'marl_perp'], ['symbol' => 'CHERT/USD', 'instrument' => 'chert_perp'], ['symbol' => 'SKARN/USD', 'instrument' => 'skarn_perp'], ['symbol' => 'TUFA/USD', 'instrument' => 'tufa_perp']];

    public function test_first_come_first_served_even_when_all_come_at_once(): void
    {
        $desk = Desk::make(['legs' => self::LEGS, 'size' => ['rule' => 'fixed_money', 'amount' => '900']]);
        $this->setAside($desk, '2000');
        $entries = array_map(static fn (array $leg): string => "enter long {$leg['symbol']}", self::LEGS);
        $message = $desk->finished($desk->post(implode("\n", $entries))->throw()->json('id'));
        $decisions = Desk::waitFor('all four are decided', static function () use ($message) {
            $all = Decision::query()->whereIn('message_id', Message::query()->where('parent_id', $message->id)->pluck('id'))->whereNotNull('finished_at')->get();

            return $all->count() === 4 ? $all : null;
        });

        self::assertSame(['pass' => 2, 'refuse' => 2], $decisions->countBy('verdict')->sortKeys()->all());
        self::assertStringContainsString('set aside for this route', (string) $decisions->firstWhere('verdict', 'refuse')?->summary);
        $account = Desk::api($desk->token)->get('accounts')->throw()->json('data.0');
        self::assertSame('2000.00', $account['set_aside']);
        self::assertGreaterThan(1790, (float) $account['in_use']);
        self::assertLessThan(1810, (float) $account['in_use']);
    }

    public function test_leverage_is_set_at_the_venue_before_the_order(): void
    {
        $desk = Desk::make(['leverage' => ['times' => '5', 'margin' => 'cross'], 'size' => ['rule' => 'fixed_money', 'amount' => '100000']]);
        $sent = $desk->send('enter long MARL/USD');
        $view = app(Connectors::class)->for($desk->account)->look('marl_perp');

        self::assertSame('filled', $sent->decisions[0]->orders[0]->state->value);
        self::assertSame(['5', 'cross'], [(string) $view->leverage, $view->margin?->value]);
        self::assertStringStartsWith('Set leverage to 5 times, cross; then buy', (string) $sent->decisions[0]->summary);
        self::assertStringStartsWith('Sell', (string) $desk->send('exit MARL/USD')->decisions[0]->summary);
        self::assertStringStartsWith('Buy', (string) $desk->send('enter long MARL/USD')->decisions[0]->summary, 'it is set already');
    }

    public function test_a_venue_that_does_not_set_it_gets_no_order(): void
    {
        $desk = Desk::make(['leverage' => ['times' => '5', 'margin' => 'cross']]);
        Http::throw()->post(config('wexon.quarrystone_url').'/faults', ['kind' => 'refuse', 'path' => 'POST /v1/leverage', 'key' => $desk->key['key']]);
        $sent = $desk->send('enter long MARL/USD');

        self::assertSame(['buy 2 lapsed'], Desk::orders($sent));
        self::assertStringContainsString('the leverage could not be set', (string) $sent->decisions[0]->orders[0]->words);
    }

    private function setAside(Desk $desk, string $money): void
    {
        Desk::api($desk->token)->put("routes/{$desk->route->id}", [
            'name' => 'Line', 'inlet_id' => $desk->inlet->id, 'account_ids' => [$desk->account->id], 'account_allocations' => [$desk->account->id => $money], 'rules' => $desk->route->rules,
        ])->throw();
    }
}
