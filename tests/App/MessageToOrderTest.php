<?php

namespace Tests\App;

use App\Models\Position;
use Illuminate\Support\Facades\Http;
use PHPUnit\Framework\TestCase;

/** Through the real address, the real queue and the real venue service. */
final class MessageToOrderTest extends TestCase
{
    use RunningPlace;

    public function test_each_kind_of_message_ends_in_its_order_or_its_reason(): void
    {
        $desk = Desk::make();
        $story = [
            ['{"do": "sell", "symbol": "MARL/USD"}', [], 'closes a long here (opposite signal: close only)', []],
            ['{"do": "enter", "side": "long", "symbol": "MARL/USD"}', ['buy 2 filled'], 'Buy 2 marl_perp at market.', ['marl_perp' => '2']],
            ['{"do": "flip", "side": "short", "symbol": "MARL/USD"}', ['sell 2 filled', 'sell 2 filled'], 'Sell 2 marl_perp at market, reduce only; then sell 2', ['marl_perp' => '-2']],
            ['{"do": "exit", "symbol": "MARL/USD"}', ['buy 2 filled'], 'reduce only', []],
            ['{"do": "enter", "side": "short", "symbol": "MARL/USD"}', ['sell 2 filled'], 'Sell 2', ['marl_perp' => '-2']],
            ['{"do": "buy", "symbol": "MARL/USD", "position": {"before": "short", "after": "flat"}}', ['buy 2 filled'], 'reduce only', []],
        ];
        foreach ($story as [$body, $orders, $words, $held]) {
            $message = $desk->send($body);
            self::assertSame($orders, Desk::orders($message), $body);
            self::assertStringContainsString($words, (string) $message->decisions[0]->summary);
            self::assertSame($held, $desk->heldAtVenue(), $body);
        }
        $ours = Position::query()->where('account_id', $desk->account->id)->sole();
        $equity = Desk::api($desk->token)->post("accounts/{$desk->account->id}/check")->json('data.equity');
        self::assertTrue($ours->quantity->isZero());
        self::assertTrue($ours->realised->minus($ours->fees)->plus('50000')->isEqualTo($equity), 'our books and the venue agree to the last digit');
    }

    public function test_a_message_that_is_not_understood_or_not_wanted_is_kept_with_the_reason(): void
    {
        $desk = Desk::make();

        self::assertStringContainsString('teach Wexon this shape', (string) $desk->send("Marl up \xff\xfe")->outcome);
        self::assertStringContainsString('the nearest is MARL/USD, taken by “Line”', (string) $desk->send('{"do": "buy", "symbol": "MARL/EUR"}')->outcome);

        $shown = Desk::api($desk->token)->get('messages')->throw()->json('data');
        self::assertSame(['unmatched', 'unreadable'], array_column($shown, 'state'));
    }

    public function test_signals_for_one_instrument_are_handled_in_the_order_received(): void
    {
        $desk = Desk::make(['opposite' => 'close_and_reverse']);
        $ids = [];
        for ($i = 0; $i < 24; $i++) {
            $ids[] = $desk->post(['do' => $i % 2 === 0 ? 'buy' : 'sell', 'symbol' => 'MARL/USD'])->throw()->json('id');
        }
        $messages = array_map($desk->finished(...), $ids);

        self::assertSame(['buy 2 filled'], Desk::orders($messages[0]));
        foreach (array_slice($messages, 1) as $i => $message) {
            $side = $i % 2 === 0 ? 'sell' : 'buy';
            self::assertSame(["{$side} 2 filled", "{$side} 2 filled"], Desk::orders($message), "message {$i}");
        }
        self::assertSame(['marl_perp' => '-2'], $desk->heldAtVenue());
    }

    public function test_a_dry_run_shows_the_ticket_and_sends_nothing(): void
    {
        $desk = Desk::make();
        $answer = Desk::api($desk->token)->post("inlets/{$desk->inlet->id}/test", ['body' => '{"do": "buy", "symbol": "MARL/USD"}', 'dry' => true])->throw();
        $message = $desk->finished($answer->json('id'));

        self::assertSame('pass', $message->decisions[0]->verdict);
        self::assertSame('2', $message->decisions[0]->trace['tickets'][0]['quantity']);
        self::assertSame([], Desk::orders($message));
        self::assertSame([], $desk->heldAtVenue());
    }

    public function test_one_message_serves_several_accounts_and_a_broken_one_holds_up_none(): void
    {
        $desk = Desk::make();
        $api = Desk::api($desk->token);
        $key = Desk::keyAtVenue(cash: '60');
        $poor = $api->post('accounts', ['name' => 'Poor', 'venue' => 'quarrystone', 'credentials' => $key])->throw()->json('data.id');
        $api->put("routes/{$desk->route->id}", ['name' => 'Line', 'inlet_id' => $desk->inlet->id, 'account_ids' => [$desk->account->id, $poor], 'rules' => $desk->route->rules])->throw();

        $message = $desk->send('{"do": "enter", "side": "long", "symbol": "MARL/USD"}');

        self::assertSame(['buy 2 filled'], Desk::orders($message));
        self::assertStringContainsString('at most 1.', (string) $message->decisions->firstWhere('account_id', $poor)?->summary);
    }

    public function test_any_decision_can_be_replayed(): void
    {
        $desk = Desk::make(['size' => ['rule' => 'percent_of_equity', 'amount' => '7.3']]);
        $decision = $desk->send('{"do": "enter", "side": "short", "symbol": "MARL/USD", "price": 38.123456789}')->decisions[0];

        self::assertTrue(Desk::api($desk->token)->get("decisions/{$decision->id}/replay")->throw()->json('same'));
    }

    public function test_what_the_inlet_refuses(): void
    {
        $desk = Desk::make();

        self::assertSame(404, Http::withBody('{}')->post(config('wexon.public_url').'/in/'.str_repeat('x', 40))->status());
        self::assertSame(405, Http::get($desk->address)->status());
        self::assertSame(413, $desk->post(str_repeat('a', 65_537))->status());
        self::assertSame(202, $desk->post(str_repeat('a', 65_536))->status());
        self::assertSame(202, Http::withBody('{}')->post($desk->address.'%20')->status(), 'a blank copied with the address is forgiven');

        $desk->inlet->update(['per_minute' => 3]);
        $answers = array_map(static fn () => $desk->post('x'), range(1, 8));
        $refused = array_filter($answers, static fn ($answer): bool => $answer->status() === 429);
        self::assertGreaterThanOrEqual(2, count($refused), 'two minutes at most hold six');
        self::assertContains((int) current($refused)->header('Retry-After'), range(1, 60));
    }
}
