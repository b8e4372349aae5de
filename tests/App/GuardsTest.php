<?php

namespace Tests\App;

use App\Models\Decision;
use App\Models\DecisionState;
use App\Models\Halt;
use App\Models\Order;
use App\Models\OrderState;
use App\Models\Trade;
use PHPUnit\Framework\TestCase;
use Wexon\Core\Order\OrderRole;
use Wexon\Core\Route\RouteState;

/** Limits, waiting and asking with running workers: counts that many at once cannot pass, and what is done by itself. */
final class GuardsTest extends TestCase
{
    use RunningPlace;

    private const COINS = ['marl', 'tufa', 'chert', 'skarn', 'grist', 'wold', 'pelm', 'ostra', 'brack', 'hulver'];

    public function test_two_hundred_messages_at_once_for_more_symbols_than_places(): void
    {
        $instruments = [...array_map(static fn (string $coin): string => "{$coin}_perp", self::COINS), ...array_map(static fn (string $coin): string => "{$coin}_spot", self::COINS)];
        $desk = Desk::make([
            'legs' => array_map(static fn (string $name): array => ['symbol' => strtoupper($name), 'instrument' => $name], $instruments),
            'sides' => 'long', 'size' => ['rule' => 'fixed_money', 'amount' => '100'], 'guards' => ['positions' => 10],
        ]);
        $body = implode("\n", array_map(static fn (int $i): string => 'enter long '.strtoupper($instruments[$i % 20]).' label "'.$i.'"', range(0, 199)));
        foreach (array_chunk(explode("\n", $body), 10) as $lines) {
            $desk->post(implode("\n", $lines))->throw();
        }
        Desk::waitFor('all are decided', static fn (): ?bool => Decision::query()->where('account_id', $desk->account->id)->whereNotNull('finished_at')->count() === 200 ? true : null);

        self::assertCount(10, $desk->heldAtVenue());
        self::assertSame(10, Order::query()->where('account_id', $desk->account->id)->where('role', OrderRole::Entry)->where('state', OrderState::Filled)->count());
        $refused = Decision::query()->where('account_id', $desk->account->id)->where('guard', 'positions');
        self::assertSame(100, $refused->count(), 'the other ten symbols, ten times each');
        self::assertSame(['All 10 places of this route are taken: 10 positions are open or being entered.'], $refused->distinct()->pluck('summary')->all());
        $tally = Desk::api($desk->token)->get("routes/{$desk->route->id}/guards")->throw()->json('data.0');
        self::assertSame([['guard' => 'positions', 'passed' => 10, 'refused' => 100]], $tally['guards']);
    }

    public function test_an_entry_waits_for_a_place_and_gets_it_or_is_overtaken(): void
    {
        $desk = $this->twoSymbols(['positions' => 1, 'queue_for' => 600]);
        $desk->send('enter long MARL/USD');
        $waiting = $desk->send('enter long CHERT/USD')->decisions[0];
        self::assertSame([DecisionState::Held, 'hold', 'place'], [$waiting->state, $waiting->verdict, $waiting->held_for]);
        self::assertSame(1, count(Desk::api($desk->token)->get('decisions/held')->throw()->json('data')));
        $desk->send('exit CHERT/USD');
        self::assertSame('It waited, and was given up: a later signal came for the same position.', $waiting->refresh()->summary);

        $second = $desk->send('enter long CHERT/USD')->decisions[0];
        $desk->send('exit MARL/USD');
        Desk::waitFor('it gets the place', static fn (): ?bool => array_keys($desk->heldAtVenue()) === ['chert_perp'] ? true : null);
        self::assertSame('pass', $second->refresh()->verdict);
        $third = $desk->send('enter long MARL/USD')->decisions[0];
        $third->update(['held_until' => now()]);
        Desk::waitFor('its time is up', static fn (): ?bool => $third->refresh()->state === DecisionState::Done ? true : null);
        self::assertStringStartsWith('It waited for a place in vain. The one place of this route is taken', (string) $third->summary);
    }

    public function test_somebody_is_asked_first_and_says_yes_to_a_part_no_or_nothing(): void
    {
        $desk = Desk::make(['ask' => ['for' => 600]]);
        $api = Desk::api($desk->token);
        $asked = $desk->send('enter long MARL/USD')->decisions[0];
        self::assertSame(['hold', 'approval', []], [$asked->verdict, $asked->held_for, $desk->heldAtVenue()]);
        self::assertSame(422, $api->post("decisions/{$asked->id}/approve", ['share' => '0'])->status());
        $api->post("decisions/{$asked->id}/approve", ['share' => '50'])->throw();
        Desk::waitFor('half of it is sent', static fn (): ?bool => $desk->heldAtVenue() === ['marl_perp' => '1'] ? true : null);
        self::assertSame(409, $api->post("decisions/{$asked->id}/approve", [])->status(), 'once');
        $told = $api->get("messages/{$asked->message->ulid}")->throw()->json('data.decisions.0');
        self::assertSame(['Tester', '50', '2', '1'], [$told['approved_by'], $told['approved_share'], $told['asked'][0]['quantity'], $told['tickets'][0]['quantity']]);

        self::assertSame(['sell 1 filled'], Desk::orders($desk->send('exit MARL/USD')), 'what closes is not asked about');
        $no = $desk->send('enter long MARL/USD')->decisions[0];
        $api->post("decisions/{$no->id}/turn-down")->throw();
        self::assertSame(['Tester said no.', 'refuse'], [$no->refresh()->summary, $no->verdict]);
        $nobody = $desk->send('enter short MARL/USD')->decisions[0];
        $nobody->update(['held_until' => now()]);
        Desk::waitFor('it lapses', static fn (): ?bool => $nobody->refresh()->state === DecisionState::Done ? true : null);
        self::assertSame(['Nobody said yes in time, so nothing was sent.', []], [$nobody->summary, $desk->heldAtVenue()]);
    }

    public function test_what_a_limit_refused_is_run_all_the_same_by_hand(): void
    {
        $desk = Desk::make(['guards' => ['spread' => '0.0001']]);
        $refused = $desk->send('enter long MARL/USD')->decisions[0];
        self::assertSame(['refuse', 'spread'], [$refused->verdict, $refused->guard]);
        $api = Desk::api($desk->token);
        $api->post("decisions/{$refused->id}/overrule")->throw();
        Desk::waitFor('it is sent', static fn (): ?bool => $desk->heldAtVenue() === ['marl_perp' => '2'] ? true : null);
        self::assertSame(409, $api->post("decisions/{$refused->id}/overrule")->status());
        self::assertStringContainsString('spread (overruled: bid ', $refused->refresh()->trace['steps'][3]['sentence'] ?? '');
        self::assertTrue($api->get("decisions/{$refused->id}/replay")->throw()->json('same'));
        $state = Desk::make(armed: false)->send('enter long MARL/USD')->decisions[0];
        self::assertSame([409, 404], [Desk::api($this->tokenOf($state))->post("decisions/{$state->id}/overrule")->status(), $api->post("decisions/{$state->id}/overrule")->status()], 'a state is no limit, and another desk\'s');
    }

    public function test_counts_rests_and_labels_come_from_what_happened(): void
    {
        $desk = Desk::make(['guards' => ['entries_per_day' => 3, 'once_per_label' => true, 'rest_after_exit' => 3600]]);
        $desk->send('enter long MARL/USD label one');
        $desk->send('exit MARL/USD');
        self::assertSame(['once per label', 'rest after an exit'], [$desk->send('enter long MARL/USD label one')->decisions[0]->guard, $desk->send('enter long MARL/USD label two')->decisions[0]->guard]);
        Trade::query()->where('account_id', $desk->account->id)->update(['closed_at' => now()->subHours(2)]);
        $desk->send('enter long MARL/USD label two');
        $desk->send('flip short MARL/USD label three');
        Trade::query()->where('account_id', $desk->account->id)->whereNotNull('closed_at')->update(['closed_at' => now()->subHours(2)]);
        self::assertSame('entries per day', $desk->send('flip long MARL/USD label four')->decisions[0]->guard);
        // Armed anew, labels begin again; the day does not.
        Desk::api($desk->token)->put("routes/{$desk->route->id}/state", ['state' => 'paused'])->throw();
        Desk::api($desk->token)->put("routes/{$desk->route->id}/state", ['state' => 'armed'])->throw();
        self::assertSame('entries per day', $desk->send('flip long MARL/USD label one')->decisions[0]->guard);
    }

    public function test_everything_is_closed_at_the_end_of_a_window(): void
    {
        $desk = $this->twoSymbols([]);
        $desk->send('enter long MARL/USD');
        $desk->send('place long CHERT/USD limit @5 label low');
        $yesterday = strtolower(now()->subDays(2)->format('D'));
        $this->change($desk, ['window' => ['zone' => 'UTC', 'days' => [$yesterday], 'from' => '09:00', 'to' => '10:00', 'close_at_end' => true]]);

        Desk::waitFor('nothing is held or works', static fn (): ?bool => $desk->heldAtVenue() === [] && Order::query()->where('account_id', $desk->account->id)->whereIn('state', OrderState::open())->doesntExist() ? true : null);
        self::assertSame('window', Desk::waitFor('the trade is over', static fn (): ?string => Trade::query()->where('account_id', $desk->account->id)->sole()->reason));
        self::assertSame('window', $desk->send('enter long MARL/USD')->decisions[0]->guard);
    }

    public function test_a_day_that_has_lost_enough_pauses_the_route_or_halts_the_account(): void
    {
        $desk = Desk::make();
        $desk->send('enter long MARL/USD');
        $desk->send('exit MARL/USD');
        $desk->send('enter long MARL/USD');
        // The spread and the fees of two units are some cents.
        $this->change($desk, ['day_loss' => ['money' => '0.05', 'then' => 'flatten']]);
        Desk::waitFor('the route is paused', static fn (): ?bool => $desk->route->refresh()->state === RouteState::Paused ? true : null);
        Desk::waitFor('what is open is closed', static fn (): ?bool => $desk->heldAtVenue() === [] ? true : null);
        self::assertSame('a rule', $desk->route->state_by);
        self::assertStringContainsString('its limit is 0.05.', (string) $desk->route->state_reason);
        $api = Desk::api($desk->token);
        $this->change($desk, ['day_loss' => ['money' => '0.05', 'then' => 'refuse']]);
        $api->put("routes/{$desk->route->id}/state", ['state' => 'armed'])->throw();
        self::assertSame('loss of the day', $desk->send('enter long MARL/USD')->decisions[0]->guard);

        $api->put("accounts/{$desk->account->id}/guards", ['guards' => ['day_loss' => ['money' => '0.05', 'then' => 'pause']]])->throw();
        $halt = Desk::waitFor('the account is halted', static fn (): ?Halt => Halt::query()->where('account_id', $desk->account->id)->whereNull('lifted_at')->first());
        self::assertSame(['a rule', true, false], [$halt->begun_by, $halt->cancels, $halt->flattens]);
        self::assertSame(422, $api->put("accounts/{$desk->account->id}/guards", ['guards' => ['spread' => 'wide']])->status());
    }

    public function test_a_message_is_too_old_by_its_own_time_less_what_the_clock_is_off_by(): void
    {
        $desk = Desk::make(['guards' => ['oldest' => 20]]);
        $ago = static fn (int $seconds): string => now()->subSeconds($seconds)->format('Y-m-d\TH:i:s\Z');
        self::assertSame('pass', $desk->send("enter long MARL/USD fired {$ago(1)}")->decisions[0]->verdict);
        self::assertSame('age', $desk->send("flip short MARL/USD fired {$ago(60)}")->decisions[0]->guard);
        // A sender that is a minute ahead: five seconds old by its clock is really older than a minute.
        $desk->send("flip short MARL/USD fired {$ago(-60)}");
        self::assertSame('age', $desk->send("flip long MARL/USD fired {$ago(-30)}")->decisions[0]->guard);
    }

    public function test_several_signals_from_any_inlet_set_a_route_off_once(): void
    {
        $desk = Desk::make(['together' => ['needs' => 2, 'within' => 600, 'signals' => [['name' => 'trend', 'kind' => 'state', 'label' => 'trend'], ['name' => 'volume', 'kind' => 'pulse', 'label' => 'vol']]]]);
        $api = Desk::api($desk->token);
        $other = $api->post('inlets', ['name' => 'Another'])->throw()->json('data.id');
        $address = $api->get("inlets/{$other}/address")->throw()->json('address');
        $first = $desk->finished(\Illuminate\Support\Facades\Http::withBody('enter long MARL/USD label trend', 'text/plain')->post($address)->throw()->json('id'));
        self::assertSame(['“Line”: 1 of 2 signals are long, 2 are needed: trend.', 0], [$first->outcome, $first->decisions->count()]);
        self::assertSame([['trend', 'long'], ['volume', null]], array_map(static fn (array $lamp): array => [$lamp['name'], $lamp['side']], $api->get("routes/{$desk->route->id}")->throw()->json('data.lamps')));

        $second = $desk->send('enter long MARL/USD label vol');
        self::assertSame(['buy 2 filled'], Desk::orders($second));
        self::assertSame('MARL/USD is marl_perp here. 2 of 2 signals are long, 2 are needed: trend, volume.', $second->decisions[0]->trace['steps'][1]['sentence'] ?? '');
        self::assertTrue($api->get("decisions/{$second->decisions[0]->id}/replay")->throw()->json('same'));
        self::assertSame(0, $desk->send('enter long MARL/USD label vol')->decisions->count(), 'it is true already');
        self::assertSame(['sell 2 filled'], Desk::orders($desk->send('exit long MARL/USD')), 'what closes goes through');

        // One that is about something else sets it off as well, with nothing of it but the side.
        $desk->send('enter short MARL/USD label trend');
        self::assertSame(['sell 2 filled'], Desk::orders($desk->send('enter short TUFA/USD label vol price 0.3 stop @0.4')));
    }

    public function test_a_route_is_armed_after_its_preflight_or_all_the_same(): void
    {
        $desk = Desk::make(['legs' => [['symbol' => 'MARL/USD', 'instrument' => 'marl_spot']], 'sides' => 'both', 'protection' => ['stop' => ['percent' => '5']]], armed: false);
        $api = Desk::api($desk->token);
        $refused = $api->put("routes/{$desk->route->id}/state", ['state' => 'armed']);
        self::assertSame([422, ['Short is allowed, but cannot be sold short: marl_spot on “Main”.']], [$refused->status(), $refused->json('errors.preflight')]);
        $finding = $api->get("routes/{$desk->route->id}/preflight")->throw()->json('data.0');
        self::assertSame(['must_fix', ['label' => 'Trade long only', 'rules' => ['sides' => 'long']]], [$finding['level'], $finding['mend']]);
        self::assertSame('armed', $api->put("routes/{$desk->route->id}/state", ['state' => 'armed', 'anyway' => true])->throw()->json('data.state'));

        $api->put("routes/{$desk->route->id}/state", ['state' => 'paused'])->throw();
        $api->put("routes/{$desk->route->id}", ['name' => 'Line', 'inlet_id' => $desk->inlet->id, 'account_ids' => [$desk->account->id], 'rules' => $finding['mend']['rules'] + $desk->route->rules])->throw();
        self::assertSame('armed', $api->put("routes/{$desk->route->id}/state", ['state' => 'armed'])->throw()->json('data.state'));
    }

    /** @param  array<string, mixed>  $guards */
    private function twoSymbols(array $guards): Desk
    {
        return Desk::make(['legs' => [['symbol' => 'MARL/USD', 'instrument' => 'marl_perp'], ['symbol' => 'CHERT/USD', 'instrument' => 'chert_perp']], 'size' => ['rule' => 'fixed_money', 'amount' => '100']] + ($guards === [] ? [] : ['guards' => $guards]));
    }

    /** @param  array<string, mixed>  $guards */
    private function change(Desk $desk, array $guards): void
    {
        Desk::api($desk->token)->put("routes/{$desk->route->id}", ['name' => 'Line', 'inlet_id' => $desk->inlet->id, 'account_ids' => [$desk->account->id], 'rules' => ['guards' => $guards] + $desk->route->refresh()->rules])->throw();
    }

    private function tokenOf(Decision $decision): string
    {
        return (string) \App\Models\User::query()->where('desk_id', $decision->desk_id)->firstOrFail()->createToken('again')->plainTextToken;
    }
}
