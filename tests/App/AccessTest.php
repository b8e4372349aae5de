<?php

namespace Tests\App;

use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\TestCase;

/** Who may see what, and what nobody may see. */
final class AccessTest extends TestCase
{
    use RunningPlace;

    public function test_tokens_keys_and_secrets_are_in_no_log_trace_or_answer(): void
    {
        $desk = Desk::make();
        $desk->send('{"do": "enter", "side": "long", "symbol": "MARL/USD"}');
        $desk->fault('refuse');
        $message = $desk->send('{"do": "exit", "symbol": "MARL/USD"}');
        $token = basename($desk->address);
        $api = Desk::api($desk->token);
        $wrong = $api->post('accounts', ['name' => 'Wrong', 'venue' => 'quarrystone', 'credentials' => ['key' => $desk->key['key'], 'secret' => $secret = str_repeat('5ecre7', 8)]]);
        self::assertSame(422, $wrong->status());

        $paths = ['me', 'panel', 'venues', 'accounts', 'inlets', 'routes', "routes/{$desk->route->id}", 'messages', "messages/{$message->ulid}", 'positions', 'orders', 'fills', "decisions/{$message->decisions[0]->id}/replay"];
        $texts = ['a wrong key' => $wrong->body()];
        foreach ($paths as $path) {
            $texts[$path] = $api->get($path)->throw()->body();
        }
        foreach ([...glob(config('wexon.crash_at').'/../log/*.log'), ...glob(storage_path('logs/*.log'))] as $log) {
            $texts[$log] = (string) file_get_contents($log);
        }
        foreach (['accounts', 'inlets', 'messages', 'decisions', 'orders', 'jobs', 'failed_jobs'] as $table) {
            $texts["table {$table}"] = (string) json_encode(DB::table($table)->get()->map(static fn ($row): array => array_map(static fn ($value) => is_string($value) ? mb_scrub($value) : $value, (array) $row)));
        }
        foreach ($texts as $where => $text) {
            foreach (['inlet token' => $token, 'api token' => $desk->token, 'key' => $desk->key['key'], 'secret' => $desk->key['secret'], 'wrong secret' => $secret] as $what => $hidden) {
                self::assertStringNotContainsString($hidden, $text, "{$what} in {$where}");
            }
        }
    }

    public function test_a_desk_sees_nothing_of_another(): void
    {
        $ours = Desk::make();
        $theirs = Desk::make();
        $message = $theirs->send('{"do": "enter", "side": "long", "symbol": "MARL/USD"}');
        $api = Desk::api($ours->token);

        foreach (["routes/{$theirs->route->id}", "inlets/{$theirs->inlet->id}/address", "inlets/{$theirs->inlet->id}", "inlets/{$theirs->inlet->id}/tally", "routes/{$theirs->route->id}/slips", "messages/{$message->ulid}", "decisions/{$message->decisions[0]->id}/replay"] as $path) {
            self::assertSame(404, $api->get($path)->status(), $path);
        }
        foreach (['messages', 'positions', 'orders', 'fills'] as $path) {
            self::assertSame([], $api->get($path)->throw()->json('data'), $path);
        }
        $stolen = ['name' => 'X', 'inlet_id' => $theirs->inlet->id, 'account_ids' => [$theirs->account->id], 'rules' => $ours->route->rules];
        self::assertSame(['inlet_id', 'account_ids.0'], array_keys($api->post('routes', $stolen)->json('errors')));
        self::assertSame(403, $api->get("live/{$theirs->user->desk_id}")->status());
        self::assertSame(401, Desk::api(null)->get('me')->status());
    }

    public function test_sessions_need_their_token_and_guessing_is_slowed_down(): void
    {
        $desk = Desk::make();
        $browser = Desk::api(null)->withHeaders(['Referer' => config('wexon.public_url').'/']);
        $given = ['email' => $desk->user->email, 'password' => 'a wrong password'];

        self::assertSame(419, $browser->post('session', $given)->status(), 'no token, no change');

        $cookies = new \GuzzleHttp\Cookie\CookieJar;
        $browser = $browser->withOptions(['cookies' => $cookies]);
        $browser->get('session');
        $browser = $browser->withHeaders(['X-XSRF-TOKEN' => urldecode((string) $cookies->getCookieByName('XSRF-TOKEN')?->getValue())]);
        $answers = array_map(static fn (): int => $browser->post('session', $given)->status(), range(1, 8));
        self::assertSame([422, 422, 422, 422, 422, 422, 429, 429], $answers);
    }

    public function test_live_money_is_armed_by_name_only(): void
    {
        $desk = Desk::make(environment: 'live', armed: false);
        $api = Desk::api($desk->token);

        self::assertSame('live', $desk->account->environment);
        self::assertStringContainsString('Type the account\'s name, Main', $api->put("routes/{$desk->route->id}/state", ['state' => 'armed'])->json('message'));
        self::assertSame('armed', $api->put("routes/{$desk->route->id}/state", ['state' => 'armed', 'live_account' => 'Main'])->throw()->json('data.state'));
    }

    public function test_a_key_that_could_withdraw_or_cannot_trade_is_pointed_out(): void
    {
        $api = Desk::api(Desk::make()->token);
        $connect = static fn (string $name, array $permissions): array => $api->post('accounts', [
            'name' => $name, 'venue' => 'quarrystone', 'credentials' => Desk::keyAtVenue(permissions: $permissions),
        ])->throw()->json('data');

        self::assertTrue($connect('Withdraws', ['read', 'trade', 'withdraw'])['may_withdraw']);
        self::assertStringContainsString('may not trade', $connect('Only looks', ['read'])['trouble']);
    }
}
