<?php

namespace Tests\App;

use App\Models\Message;
use App\Models\Slip;
use App\Slips\Remind;
use Carbon\CarbonImmutable;
use Illuminate\Http\Client\PendingRequest;
use Illuminate\Support\Facades\Http;
use PHPUnit\Framework\TestCase;

/** From any message to a signal: readings, slips, symbols, and running a message again. */
final class UnderstandingTest extends TestCase
{
    use RunningPlace;

    private const SPEC = ['fields' => [
        'do' => ['from' => 'path', 'at' => 'order.act', 'required' => true, 'translate' => ['B' => 'enter long', 'X' => 'exit']],
        'symbol' => ['from' => 'key', 'at' => 'tick', 'required' => true],
    ], 'words' => []];

    public function test_several_messages_in_one_body_are_each_handled_in_their_order(): void
    {
        $desk = Desk::make();
        $whole = $desk->send("enter long MARL/USD\nexit long MARL/USD\nthis is no line of ours");
        self::assertSame('unreadable', $whole->state->value, 'a body is taken as a whole or not at all');

        $whole = $desk->send("enter long MARL/USD\nexit long MARL/USD\nenter short MARL/USD\nenter long MARL/EUR");
        $parts = Message::query()->where('parent_id', $whole->id)->orderBy('part')->get();
        $done = $parts->map(static fn (Message $part): Message => $desk->finished($part->ulid));

        self::assertSame('split', $whole->state->value);
        self::assertSame([['buy 2 filled'], ['sell 2 filled'], ['sell 2 filled'], []], $done->map(Desk::orders(...))->all());
        self::assertSame('unmatched', $done[3]->state->value);
        self::assertSame(['marl_perp' => '-2'], $desk->heldAtVenue());
    }

    public function test_a_reading_keeps_its_samples_as_tests(): void
    {
        $desk = Desk::make();
        $api = Desk::api($desk->token);
        $sample = '{"order": {"act": "B"}, "tick": "MARL/USD"}';
        self::assertSame('unreadable', $desk->send($sample)->state->value);

        $reading = $api->post('readings', ['name' => 'Theirs', 'spec' => self::SPEC, 'samples' => [['body' => $sample]], 'inlet_id' => $desk->inlet->id])->throw()->json('data');
        self::assertSame(['enter long MARL/USD'], $reading['samples'][0]['expected']);
        self::assertSame(['buy 2 filled'], Desk::orders($desk->send($sample)));

        $kept = [['id' => $reading['samples'][0]['id'], 'body' => $sample]];
        $changed = ['name' => 'Theirs', 'spec' => array_replace_recursive(self::SPEC, ['fields' => ['do' => ['translate' => ['B' => 'enter short']]]]), 'samples' => $kept];
        $refused = $api->put("readings/{$reading['id']}", $changed);
        self::assertSame([409, ['enter long MARL/USD'], ['enter short MARL/USD']], [$refused->status(), $refused->json('broken.0.before'), $refused->json('broken.0.after')]);
        self::assertSame(self::SPEC['fields']['do']['translate']['B'], $api->get("readings/{$reading['id']}")->json('data.spec.fields.do.translate.b'), 'nothing is saved');

        self::assertSame(['enter short MARL/USD'], $api->put("readings/{$reading['id']}", $changed + ['accept' => true])->throw()->json('data.samples.0.expected'));
        self::assertSame(409, $api->delete("readings/{$reading['id']}")->status());
        $halves = [['fields' => ['do' => ['from' => 'key', 'at' => '']]], ['fields' => ['do' => ['from' => 'key']]], ['fields' => ['symbol' => ['from' => 'expression', 'at' => '']]], ['fields' => [], 'words' => [['when' => 'is', 'text' => '', 'then' => []]]]];
        foreach ($halves as $half) {
            self::assertNotSame('', (string) $api->post('readings/try', ['spec' => $half, 'body' => $sample])->throw()->json('trouble'), 'half a rule is no crash');
        }
        $trouble = $api->post('readings', ['name' => 'Broken', 'spec' => ['fields' => ['do' => ['from' => 'pattern', 'at' => '(']], 'words' => []], 'samples' => []]);
        self::assertStringContainsString('do: “(” is no regular expression', (string) $trouble->json('errors.spec.0'));
    }

    public function test_an_unknown_symbol_is_mapped_with_one_click_and_the_message_run_again(): void
    {
        $desk = Desk::make();
        $api = Desk::api($desk->token);
        $missed = $desk->send('{"do": "enter", "side": "long", "symbol": "QS:MARLUSD.P"}');
        self::assertSame([['symbol' => 'QS:MARLUSD.P', 'venue' => 'quarrystone', 'instrument' => 'marl_perp', 'leg' => 'MARL/USD', 'route' => 'Line']], $missed->suggestions);
        self::assertSame([], (array) $desk->send('{"do": "enter", "side": "long", "symbol": "ZZQ/USD"}')->suggestions, 'sharing a currency is no likeness');

        $api->put('symbols/links', ['venue' => 'quarrystone', 'symbol' => 'QS:MARLUSD.P', 'instrument' => 'marl_perp'])->throw();
        $again = $desk->finished($api->post("messages/{$missed->ulid}/again", ['dry' => false])->throw()->json('id'));
        self::assertSame(['buy 2 filled'], Desk::orders($again));

        $differs = $api->get("messages/{$again->ulid}")->json('data.differs');
        self::assertContains(['what' => 'Line → Main, marl_perp: orders', 'before' => null, 'after' => 'buy 2 marl_perp'], $differs);

        $api->put('symbols/rules', ['venue' => 'quarrystone', 'prefixes' => ['ROCK:'], 'suffixes' => []])->throw();
        self::assertSame(['sell 2 filled'], Desk::orders($desk->send('exit long ROCK:MARL/USD')), 'a prefix does not count');
    }

    public function test_running_again_acts_in_spite_of_the_senders_id_and_a_dry_run_does_not(): void
    {
        $desk = Desk::make();
        $api = Desk::api($desk->token);
        $first = $desk->send('{"do": "enter", "side": "long", "symbol": "MARL/USD", "id": "x-1"}');
        $desk->send('exit MARL/USD');
        self::assertSame('duplicate', $desk->send('{"do": "enter", "side": "long", "symbol": "MARL/USD", "id": "x-1"}')->state->value);

        $dry = $desk->finished($api->post("messages/{$first->ulid}/again", ['dry' => true])->throw()->json('id'));
        self::assertSame(['pass', []], [$dry->decisions[0]->verdict, Desk::orders($dry)]);
        $real = $desk->finished($api->post("messages/{$first->ulid}/again", ['dry' => false])->throw()->json('id'));
        self::assertSame(['buy 2 filled'], Desk::orders($real));
    }

    public function test_slips_are_ticked_off_by_their_first_real_message(): void
    {
        $desk = Desk::make();
        $api = Desk::api($desk->token);
        $slips = $this->slips($api, $desk, 'message');
        self::assertSame(['enter long MARL/USD', 'exit long MARL/USD', 'enter short MARL/USD', 'exit short MARL/USD'], array_column($slips, 'kind'));
        self::assertSame([0, 0, 0, 0], array_column($slips, 'heard'));
        self::assertStringContainsString('placeholder', (string) $desk->send($slips[0]['message'])->outcome);

        $filled = strtr($slips[0]['message'], ['${close}' => '38.4', '${time}' => '2026-03-02T14:30:00Z']);
        $desk->finished($api->post("inlets/{$desk->inlet->id}/test", ['body' => $filled, 'dry' => true])->throw()->json('id'));
        self::assertSame(0, $api->get("routes/{$desk->route->id}/slips")->json('data.slips.0.heard'), 'trying it does not count');

        self::assertSame(['buy 2 filled'], Desk::orders($desk->send($filled)));
        $desk->send('exit long MARL/USD');
        self::assertSame([1, 1, 0, 0], array_column($api->get("routes/{$desk->route->id}/slips")->json('data.slips'), 'heard'), 'the second by what it says');

        $again = $this->slips($api, $desk, 'message');
        self::assertSame(array_column($slips, 'code'), array_column($again, 'code'), 'made anew, they stay the same');
    }

    public function test_an_address_of_its_own_says_what_a_slip_means(): void
    {
        $desk = Desk::make();
        $slips = $this->slips(Desk::api($desk->token), $desk, 'address');
        self::assertSame([null], array_unique(array_column($slips, 'message')));

        $message = $desk->finished(Http::withBody('started', 'text/plain')->post("{$desk->address}/{$slips[2]['code']}")->throw()->json('id'));
        self::assertSame(['sell 2 filled'], Desk::orders($message));
        $message = $desk->finished(Http::withBody('', 'text/plain')->post("{$desk->address}/{$slips[3]['code']}")->throw()->json('id'));
        self::assertSame(['buy 2 filled'], Desk::orders($message));
        $message = $desk->finished(Http::withBody('', 'text/plain')->post("{$desk->address}/nosuchsl")->throw()->json('id'));
        self::assertStringContainsString('no slip of this inlet any more', (string) $message->outcome);
    }

    public function test_expiry_and_silence_are_told_once(): void
    {
        $desk = Desk::make();
        $api = Desk::api($desk->token);
        $slips = $this->slips($api, $desk, 'message');
        $api->put("slips/{$slips[0]['id']}", ['expires_on' => now()->addDays(5)->format('Y-m-d')])->throw();
        for ($i = 0; $i < 5; $i++) {
            $desk->send('enter short MARL/USD');
        }
        Message::query()->where('slip_id', $slips[2]['id'])->update(['received_at' => now()->subDays(3)]);
        foreach ([0, 0, 5, 5, 7] as $days) {
            app(Remind::class)->run(CarbonImmutable::now()->addDays($days));
        }

        $told = array_filter($api->get('notices')->throw()->json('data'), static fn (array $notice): bool => in_array($notice['kind'], ['expiry', 'silence'], true));
        $said = array_reverse(array_column($told, 'words'));
        self::assertCount(4, $said);
        foreach (['expires within a week', 'Nothing has come of “Line: enter short MARL/USD”', 'expires within a day', 'has expired'] as $i => $words) {
            self::assertStringContainsString($words, $said[$i]);
        }
        self::assertSame(4, $api->get('notices')->json('unread'));
        $api->post('notices/read')->throw();
        self::assertSame(0, $api->get('notices')->json('unread'));

        $desk->send('enter short MARL/USD');
        self::assertNull(Slip::query()->findOrFail($slips[2]['id'])->silent_since, 'a message ends the silence');
    }

    public function test_a_message_can_be_for_some_of_the_accounts(): void
    {
        $desk = Desk::make();
        $api = Desk::api($desk->token);
        $second = $api->post('accounts', ['name' => 'Second', 'venue' => 'quarrystone', 'credentials' => Desk::keyAtVenue()])->throw()->json('data.id');
        $change = ['name' => 'Line', 'inlet_id' => $desk->inlet->id, 'account_ids' => [$desk->account->id, $second], 'rules' => $desk->route->rules];
        $api->put("routes/{$desk->route->id}", $change + ['account_labels' => [$desk->account->id => 'main', $second => 'small']])->throw();

        self::assertSame([$second], $desk->send('enter long MARL/USD accounts Small')->decisions->pluck('account_id')->all());
        self::assertCount(2, $desk->send('flatten all')->decisions);
        self::assertStringContainsString('the labels here are main, small', (string) $desk->send('enter long MARL/USD accounts large')->outcome);
    }

    public function test_profiles_are_checked_and_kept_while_slips_need_them(): void
    {
        $desk = Desk::make();
        $api = Desk::api($desk->token);
        $this->slips($api, $desk, 'message');
        $bench = $api->get('profiles')->throw()->json('data.0');
        self::assertSame(409, $api->delete("profiles/{$bench['id']}")->status());

        $made = $api->post('profiles', ['name' => 'Mine', 'spec' => ['variables' => ['symbol' => '<<TICK>>'], 'size_unit' => 'lots', 'alert_days' => 30]])->throw()->json('data');
        self::assertStringContainsString('found “<<TICK>>”', (string) $desk->send('buy <<TICK>>')->outcome);
        $script = $api->put("routes/{$desk->route->id}/slips", ['style' => 'script', 'form' => 'json', 'way' => 'message', 'adds' => false, 'profile_id' => $made['id'], 'size' => null])->throw();
        self::assertStringContainsString('no placeholder for order_action', $script->json('data.trouble'));
        self::assertSame(['symbol' => '<<TICK>>'], $api->put("profiles/{$made['id']}", ['name' => 'Mine', 'spec' => ['variables' => ['symbol' => '<<TICK>>', 'close' => ''], 'size_unit' => 'lots', 'alert_days' => null]])->throw()->json('data.spec.variables'), 'an emptied one is none');
        self::assertSame(422, $api->post('profiles', ['name' => 'Other', 'spec' => ['variables' => ['symbol' => 'ticker'], 'size_unit' => 'lots']])->status());
    }

    /** @return list<array<string, mixed>> */
    private function slips(PendingRequest $api, Desk $desk, string $way): array
    {
        $bench = $api->get('profiles')->throw()->json('data.0.id');

        return $api->put("routes/{$desk->route->id}/slips", ['style' => 'plain', 'form' => 'json', 'way' => $way, 'adds' => false, 'profile_id' => $bench, 'size' => null])->throw()->json('data.slips');
    }
}
