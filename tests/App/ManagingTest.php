<?php

namespace Tests\App;

use App\Models\Message;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Uid\Ulid;

/** Making, changing and removing what a desk has; and what is put right by itself. */
final class ManagingTest extends TestCase
{
    use RunningPlace;

    /** @param  array<string, mixed>  $changes */
    #[DataProvider('mistakes')]
    public function test_a_route_with_a_mistake_is_refused_at_the_field(array $changes, string $field, string $words): void
    {
        $desk = Desk::make(armed: false);
        $right = ['name' => 'Another', 'inlet_id' => $desk->inlet->id, 'account_ids' => [$desk->account->id], 'rules' => $desk->route->rules];
        $rules = [...$right['rules'], ...($changes['rules'] ?? [])];

        $answer = Desk::api($desk->token)->post('routes', [...$right, ...$changes, 'rules' => $rules]);

        self::assertSame(422, $answer->status(), $answer->body());
        self::assertSame([$field], array_keys($answer->json('errors')));
        self::assertStringContainsString($words, implode(' ', $answer->json("errors.{$field}") ?? current($answer->json('errors'))));
    }

    /** @return array<string, array{array<string, mixed>, string, string}> */
    public static function mistakes(): array
    {
        $leg = ['symbol' => 'MARL/USD', 'instrument' => 'marl_perp'];

        return [
            'no name' => [['name' => ''], 'name', 'required'],
            'a name that is taken' => [['name' => 'Line'], 'name', 'Another route of this desk has this name'],
            'no account' => [['account_ids' => []], 'account_ids', 'at least one account'],
            'no leg' => [['rules' => ['legs' => []]], 'rules.legs', 'at least 1'],
            'a symbol twice' => [['rules' => ['legs' => [$leg, $leg]]], 'rules', 'Two legs take the symbol'],
            'an instrument that is not listed' => [['rules' => ['legs' => [['symbol' => 'X', 'instrument' => 'x_perp']]]], 'rules.legs.0.instrument', 'is not listed at quarrystone'],
            'a size of nothing' => [['rules' => ['size' => ['rule' => 'fixed_units', 'amount' => '0']]], 'rules', 'above zero'],
            'sides that are none' => [['rules' => ['sides' => 'up']], 'rules.sides', 'one of long, short, both'],
            'a rule too many' => [['rules' => ['speed' => '20']], 'rules', 'There is no speed here'],
        ];
    }

    public function test_what_has_a_history_cannot_vanish(): void
    {
        $desk = Desk::make();
        $api = Desk::api($desk->token);
        $desk->send('{"do": "enter", "side": "long", "symbol": "MARL/USD"}');
        $route = "routes/{$desk->route->id}";

        self::assertStringContainsString('is armed: pause it first', $api->delete($route)->json('message'));
        self::assertStringContainsString('feeds a route', $api->delete("inlets/{$desk->inlet->id}")->json('message'));
        self::assertStringContainsString('is used by a route', $api->delete("accounts/{$desk->account->id}")->json('message'));
        $api->put("{$route}/state", ['state' => 'paused'])->throw();
        self::assertSame(204, $api->delete($route)->status());
        self::assertStringContainsString('has messages in the journal', $api->delete("inlets/{$desk->inlet->id}")->json('message'));
        self::assertStringContainsString('has a history', $api->delete("accounts/{$desk->account->id}")->json('message'));
        self::assertNull($api->get('messages')->json('data.0.decisions.0.route'), 'the journal outlives the route');
        self::assertSame('Buy 2 marl_perp at market.', $api->get('messages')->json('data.0.decisions.0.summary'));

        $unused = $api->post('inlets', ['name' => 'Unused'])->json('data.id');
        self::assertSame(204, $api->delete("inlets/{$unused}")->status());
    }

    public function test_a_paused_or_winding_route_keeps_its_word(): void
    {
        $desk = Desk::make();
        $api = Desk::api($desk->token);
        $state = static fn (string $state) => $api->put("routes/{$desk->route->id}/state", ['state' => $state])->throw();
        $desk->send('{"do": "enter", "side": "long", "symbol": "MARL/USD"}');

        $state('paused');
        self::assertStringContainsString('paused', (string) $desk->send('{"do": "exit", "symbol": "MARL/USD"}')->decisions[0]->summary);
        $state('winding_down');
        self::assertSame(['sell 2 filled'], Desk::orders($desk->send('{"do": "exit", "symbol": "MARL/USD"}')));
        self::assertStringContainsString('starts nothing new', (string) $desk->send('{"do": "enter", "side": "long", "symbol": "MARL/USD"}')->decisions[0]->summary);
        self::assertSame(422, $api->put("routes/{$desk->route->id}/state", ['state' => 'draft'])->status());
    }

    public function test_pages_follow_each_other_without_gap_or_overlap(): void
    {
        $desk = Desk::make();
        $ids = [];
        for ($i = 0; $i < 54; $i++) {
            $ids[] = $desk->post("number {$i}")->throw()->json('id');
        }
        $desk->finished((string) end($ids));
        $api = Desk::api($desk->token);
        $first = array_column($api->get('messages')->json('data'), 'id');
        $second = array_column($api->get('messages', ['before' => end($first)])->json('data'), 'id');

        self::assertSame([50, 4], [count($first), count($second)]);
        self::assertEqualsCanonicalizing($ids, [...$first, ...$second]);
    }

    public function test_a_position_is_valued_as_by_hand(): void
    {
        $desk = Desk::make(['size' => ['rule' => 'fixed_units', 'amount' => '3.5']]);
        $desk->send('{"do": "enter", "side": "short", "symbol": "MARL/USD"}');
        $row = Desk::waitFor('a price is known', static function () use ($desk): ?array {
            $row = Desk::api($desk->token)->get('positions')->json('data.0');

            return $row['mark'] === null ? null : $row;
        });
        [$average, $mark] = [(float) $row['average'], (float) $row['mark']];
        $fee = 3.5 * $average * 0.0005;

        self::assertSame(['short', '3.5'], [$row['side'], $row['quantity']]);
        self::assertEqualsWithDelta(3.5 * ($average - $mark) - $fee, (float) $row['profit'], 0.011);
        self::assertEqualsWithDelta((3.5 * $average - $fee) / (3.5 * 1.0005), (float) $row['break_even'], 0.001);
        self::assertEqualsWithDelta(3.5 * $mark, (float) $row['value'], 0.011);
    }

    public function test_a_message_whose_job_was_lost_is_found_by_the_sweep(): void
    {
        $desk = Desk::make();
        DB::table('messages')->insert([
            'ulid' => $ulid = (string) new Ulid, 'desk_id' => $desk->user->desk_id, 'inlet_id' => $desk->inlet->id, 'headers' => '{}', 'sender' => '127.0.0.1',
            'body' => '{"do": "enter", "side": "long", "symbol": "MARL/USD"}', 'state' => 'stored', 'received_at' => now()->format('Y-m-d H:i:s.u'),
        ]);

        self::assertSame(['buy 2 filled'], Desk::orders($desk->finished($ulid)));
        self::assertSame(1, Message::query()->where('inlet_id', $desk->inlet->id)->count());
    }

    public function test_signing_out_makes_a_token_worthless(): void
    {
        $api = Desk::api(Desk::make()->token);
        $made = $api->post('tokens', ['name' => 'script'])->throw()->json('token');

        self::assertSame(200, Desk::api($made)->get('me')->status());
        self::assertSame(204, Desk::api($made)->delete('session')->status());
        self::assertSame(401, Desk::api($made)->get('me')->status());
        self::assertSame(200, $api->get('me')->status());
    }
}
