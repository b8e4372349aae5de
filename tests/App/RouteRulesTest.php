<?php

namespace Tests\App;

use PHPUnit\Framework\TestCase;

/** Rules that look back: adds so far, entries since arming; and rules that are only being written. */
final class RouteRulesTest extends TestCase
{
    use RunningPlace;

    public function test_ladders_are_compared_and_a_bad_one_is_pointed_out(): void
    {
        $desk = Desk::make();
        $ladder = ['levels' => 2, 'distance' => '1', 'spacing' => '1', 'first' => '1', 'growth' => '1'];
        $asked = ['account_id' => $desk->account->id, 'instrument' => 'marl_perp', 'side' => 'long', 'price' => '40', 'units' => '2', 'fall' => '5'];
        $api = Desk::api($desk->token);
        $answer = $api->post('ladders/compare', $asked + ['ladders' => [$ladder, ['levels' => 4] + $ladder]])->throw()->json('data');

        self::assertSame([2, 4], [$answer[0]['fall']['filled'], $answer[1]['fall']['filled']]);
        self::assertSame(['40', '39.60', '39.20'], array_column($answer[0]['rungs'], 'price'));
        self::assertSame(['ladders.1'], array_keys($api->post('ladders/compare', $asked + ['ladders' => [$ladder, ['first' => '0.0001'] + $ladder]])->json('errors')));
        self::assertSame(404, Desk::api(Desk::make()->token)->post('ladders/compare', $asked + ['ladders' => [$ladder]])->status());
    }

    public function test_adds_are_counted_for_each_position_anew(): void
    {
        $desk = Desk::make(['adds' => ['most' => 2, 'size' => ['rule' => 'fixed_units', 'amount' => '1']]]);
        $story = [
            ['add MARL/USD', [], 'flat: nothing to add to'],
            ['enter long MARL/USD', ['buy 2 filled'], 'Buy 2'],
            ['add MARL/USD', ['buy 1 filled'], 'Buy 1'],
            ['buy MARL/USD size 1 chart long long 4', ['buy 1 filled'], 'Buy 1'],
            ['add long MARL/USD', [], 'This would be add 3 to the long; this route takes at most 2'],
            ['exit MARL/USD share 50%', ['sell 2 filled'], 'reduce only'],
            ['set long MARL/USD size 3', ['buy 1 filled'], 'Buy 1'],
            ['set short MARL/USD size 1.5', ['sell 3 filled', 'sell 1.5 filled'], 'then sell 1.5'],
            ['add MARL/USD', ['sell 1 filled'], 'Sell 1'],
            ['flatten all', ['buy 2.5 filled'], 'reduce only'],
        ];
        foreach ($story as [$body, $orders, $words]) {
            $message = $desk->send($body);
            self::assertSame($orders, Desk::orders($message), "{$body}: {$message->decisions[0]->summary}");
            self::assertStringContainsString($words, (string) $message->decisions[0]->summary, $body);
        }
        self::assertSame([], $desk->heldAtVenue());
    }

    public function test_a_clean_start_waits_for_the_first_entry_after_arming(): void
    {
        $desk = Desk::make(['start_clean' => true]);
        $api = Desk::api($desk->token);
        self::assertSame(['buy 2 filled'], Desk::orders($desk->send('enter long MARL/USD')));
        foreach (['paused', 'armed'] as $state) {
            $api->put("routes/{$desk->route->id}/state", ['state' => $state])->throw();
        }

        self::assertStringContainsString('starts clean', (string) $desk->send('exit MARL/USD')->decisions[0]->summary);
        self::assertSame(['sell 2 filled', 'sell 2 filled'], Desk::orders($desk->send('flip short MARL/USD')));
        self::assertSame(['buy 2 filled'], Desk::orders($desk->send('exit MARL/USD')));
    }

    public function test_a_preview_decides_by_rules_that_are_not_saved_and_sends_nothing(): void
    {
        $desk = Desk::make(armed: false);
        $api = Desk::api($desk->token);
        $ask = static fn (array $rules, string $body): array => $api->post('routes/preview', ['inlet_id' => $desk->inlet->id, 'account_ids' => [$desk->account->id], 'rules' => [...$desk->route->rules, ...$rules], 'body' => $body])->throw()->json();

        $now = $ask(['size' => ['rule' => 'fixed_units', 'amount' => '7', 'multiplier' => '2']], 'enter long MARL/USD');
        self::assertSame(['enter long MARL/USD', 'pass', 'Buy 14 marl_perp at market.'], [$now['signal'], $now['accounts'][0]['verdict'], $now['accounts'][0]['steps'][5]['sentence'] ?? null]);
        self::assertStringContainsString('trades short only', $ask(['sides' => 'short'], 'enter long MARL/USD')['accounts'][0]['steps'][3]['sentence']);
        self::assertStringContainsString('does not take TUFA/USD', $ask([], 'buy TUFA/USD')['accounts'][0]['trouble']);
        self::assertStringContainsString('teach Wexon', $ask([], 'what?')['trouble']);
        self::assertSame(422, $api->post('routes/preview', ['inlet_id' => $desk->inlet->id, 'account_ids' => [$desk->account->id], 'rules' => ['legs' => []], 'body' => 'x'])->status());
        self::assertSame([], $api->get('messages')->json('data'));
        self::assertSame([], $desk->heldAtVenue());
    }

    public function test_each_account_trades_its_own_multiple(): void
    {
        $desk = Desk::make(['adds' => ['most' => 1], 'size' => ['rule' => 'fixed_units', 'amount' => '2', 'multiplier' => '1.5']]);
        $api = Desk::api($desk->token);
        $second = $api->post('accounts', ['name' => 'Second', 'venue' => 'quarrystone', 'credentials' => Desk::keyAtVenue()])->throw()->json('data.id');
        $change = ['name' => 'Line', 'inlet_id' => $desk->inlet->id, 'account_ids' => [$desk->account->id, $second], 'rules' => $desk->route->rules];
        self::assertSame(422, $api->put("routes/{$desk->route->id}", $change + ['account_scales' => [$second => '0']])->status());
        $api->put("routes/{$desk->route->id}", $change + ['account_scales' => [$second => '0.5']])->throw();
        $sizes = static fn (string $body): array => $desk->send($body)->decisions->sortBy('account_id')->flatMap->orders->map(static fn ($order): string => "{$order->side->value} {$order->quantity}")->values()->all();

        self::assertSame(['buy 3', 'buy 1.5'], $sizes('enter long MARL/USD'));
        self::assertSame(['buy 3', 'buy 1.5'], $sizes('add MARL/USD'));
        self::assertSame(['buy 9', 'buy 4.5'], $sizes('set long MARL/USD size 10'), '10 × 1.5 × scale, less what is held');
        self::assertSame('0.5', collect($api->get("routes/{$desk->route->id}")->json('data.accounts'))->firstWhere('id', $second)['scale']);
    }

    public function test_every_version_of_a_route_is_kept_with_who_and_when(): void
    {
        $desk = Desk::make();
        $api = Desk::api($desk->token);
        $change = ['name' => 'Line', 'inlet_id' => $desk->inlet->id, 'account_ids' => [$desk->account->id], 'rules' => [...$desk->route->rules, 'sides' => 'long']];
        $api->put("routes/{$desk->route->id}", $change)->throw();
        $versions = $api->get("routes/{$desk->route->id}/versions")->throw()->json('data');

        self::assertSame([['Tester', 'long'], ['Tester', 'both']], array_map(static fn (array $version): array => [$version['by'], $version['draft']['rules']['sides']], $versions));
        $api->put("routes/{$desk->route->id}", $versions[1]['draft'])->throw();
        self::assertSame('both', $api->get("routes/{$desk->route->id}")->json('data.rules.sides'), 'back to the first');
    }
}
