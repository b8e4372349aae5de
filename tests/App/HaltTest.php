<?php

namespace Tests\App;

use App\Models\Order;
use App\Models\OrderState;
use App\Models\Position;
use PHPUnit\Framework\TestCase;
use Wexon\Core\Order\OrderRole;
use Wexon\Core\Route\RouteState;

/** Stopping an account or everything, and the states of a route, with who did it and why. */
final class HaltTest extends TestCase
{
    use RunningPlace;

    public function test_no_new_orders_until_somebody_with_the_password_lifts_it(): void
    {
        $desk = Desk::make(['protection' => ['stop' => ['percent' => '20']]]);
        $api = Desk::api($desk->token);
        $desk->send('enter long MARL/USD');
        $halt = $api->post('halts', ['reason' => 'the feed is wrong', 'cancels' => false, 'flattens' => false])->throw()->json('data');

        $exit = $desk->send('exit MARL/USD')->decisions[0];
        self::assertStringStartsWith('Everything is halted since ', (string) $exit->summary);
        self::assertStringEndsWith('by Tester: the feed is wrong. No new orders until it is lifted; stops and targets go on, and positions can be closed by hand.', (string) $exit->summary);
        $position = Position::query()->where('account_id', $desk->account->id)->value('id');
        self::assertStringContainsString('lift that first', (string) $api->post("positions/{$position}/add", ['units' => '1'])->json('errors.units.0'));
        self::assertSame(['marl_perp' => '2'], $desk->heldAtVenue(), 'what is held stays');
        self::assertSame(1, Order::query()->where('account_id', $desk->account->id)->where('role', OrderRole::Stop)->where('state', OrderState::Working)->count(), 'with its stop');

        self::assertSame('That is not your password.', $api->post("halts/{$halt['id']}/lift", ['password' => 'a guess'])->json('errors.password.0'));
        $api->post("halts/{$halt['id']}/lift", ['password' => 'a long password'])->throw();
        self::assertSame(409, $api->post("halts/{$halt['id']}/lift", ['password' => 'a long password'])->status());
        self::assertSame(404, Desk::api(Desk::make()->token)->post("halts/{$halt['id']}/lift", ['password' => 'a long password'])->status(), 'another desk\'s');
        self::assertSame(['sell 2 filled'], Desk::orders($desk->send('exit MARL/USD')));
    }

    public function test_a_halt_that_flattens_takes_back_and_closes_and_cannot_become_softer(): void
    {
        $desk = Desk::make(['size' => ['rule' => 'from_message'], 'protection' => ['stop' => ['percent' => '20']]]);
        $api = Desk::api($desk->token);
        $desk->send('enter long MARL/USD size 2');
        $desk->send('place long MARL/USD size 1 limit @5 label low');
        $api->post('halts', ['account_id' => $desk->account->id, 'cancels' => true, 'flattens' => true])->throw();
        $again = $api->post('halts', ['account_id' => $desk->account->id, 'cancels' => false, 'flattens' => false])->throw()->json('data');

        self::assertTrue($again['flattens']);
        Desk::waitFor('nothing is held or works', static fn (): ?bool => $desk->heldAtVenue() === [] && app(\App\Connector\Connectors::class)->for($desk->account)->working() === [] ? true : null);
        Desk::waitFor('the books say so', static fn (): ?bool => Order::query()->where('account_id', $desk->account->id)->whereIn('state', OrderState::open())->doesntExist() ?: null);
        self::assertSame(['halt, Tester', 'Taken back by the halt of Tester.'], [
            Order::query()->where('account_id', $desk->account->id)->where('role', OrderRole::Exit)->sole()->reason,
            Order::query()->where('account_id', $desk->account->id)->where('role', OrderRole::Placed)->sole()->words,
        ]);
        self::assertStringStartsWith('This account is halted since ', (string) $desk->send('enter long MARL/USD size 2')->decisions[0]->summary);
    }

    public function test_who_brought_a_route_into_which_state_and_why_is_kept(): void
    {
        $desk = Desk::make();
        $api = Desk::api($desk->token);
        $paused = $api->put("routes/{$desk->route->id}/state", ['state' => 'paused', 'reason' => 'holiday'])->throw()->json('data');
        $api->put("routes/{$desk->route->id}/state", ['state' => 'paused', 'reason' => 'again'])->throw();

        self::assertSame(['paused', 'Tester', 'holiday'], [$paused['state'], $paused['state_by'], $paused['state_reason']]);
        self::assertSame(['at'], array_keys($api->put("routes/{$desk->route->id}/next-state", ['state' => 'winding_down', 'at' => '2020-01-01T00:00:00Z'])->json('errors')));
        $later = $api->put("routes/{$desk->route->id}/next-state", ['state' => 'winding_down', 'at' => now()->addSecond()->format('Y-m-d\TH:i:s.v\Z')])->throw()->json('data');
        self::assertSame(['paused', 'winding_down'], [$later['state'], $later['next_state']]);
        Desk::waitFor('the clock does it', static fn (): ?bool => $desk->route->refresh()->state === RouteState::WindingDown ? true : null);
        self::assertSame(['the clock', null], [$desk->route->state_by, $desk->route->next_state_at]);
        self::assertStringStartsWith('As Tester wanted it by ', (string) $desk->route->state_reason);

        self::assertSame([['paused', 'winding_down', $desk->route->state_reason], ['armed', 'paused', 'holiday'], ['draft', 'armed', null]], array_map(static fn (array $one): array => [$one['from'], $one['to'], $one['reason']], $api->get("routes/{$desk->route->id}/states")->throw()->json('data')));
    }
}
