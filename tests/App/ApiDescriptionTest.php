<?php

namespace Tests\App;

use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Helper;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\TestCase;

/** The API's description, held against real answers. */
final class ApiDescriptionTest extends TestCase
{
    use RunningPlace;

    public function test_every_answer_is_as_described(): void
    {
        $desk = Desk::make();
        $message = $desk->send('{"do": "flip", "side": "long", "symbol": "MARL/USD", "label": "x", "size": {"amount": 1}, "position": {"before": "flat", "after": "long"}}');
        $desk->send('not readable');
        $api = Desk::api($desk->token);
        $reading = $api->post('readings', ['name' => 'One', 'spec' => ['fields' => ['do' => ['from' => 'key', 'at' => 'a', 'translate' => ['b' => 'buy']]], 'words' => []], 'samples' => [['body' => '{"a": "b"}']]])->throw()->json('data.id');
        $venue = $api->post('venues', ['spec' => json_decode((string) file_get_contents(base_path('docs/venues/quarrystone.json')), true)])->throw()->json('id');
        $profile = $api->get('profiles')->json('data.0.id');
        $slips = $api->put("routes/{$desk->route->id}/slips", ['style' => 'plain', 'form' => 'line', 'way' => 'message', 'adds' => true, 'profile_id' => $profile, 'size' => null])->throw()->json('data.slips');
        $link = $api->put('symbols/links', ['venue' => 'quarrystone', 'symbol' => 'M', 'instrument' => 'marl_perp'])->throw()->json('data.id');
        $api->post('positions/flatten', ['account_id' => null])->throw();
        $desk->send('enter long MARL/USD stop 20% targets 20%:50');
        $position = $api->get('positions')->json('data.0.id');
        $described = $api->get('openapi.json')->throw()->json();
        $id = ['{route}' => $desk->route->id, '{inlet}' => $desk->inlet->id, '{account}' => $desk->account->id, '{message}' => $message->ulid, '{decision}' => $message->decisions[0]->id, '{reading}' => $reading, '{position}' => $position];

        foreach ($described['paths'] as $path => $operations) {
            if (isset($operations['get'])) {
                $answer = $api->get(ltrim(strtr($path, $id), '/'), match ($path) {
                    '/instruments' => ['venue' => 'quarrystone'],
                    '/symbols/guess' => ['venue' => 'quarrystone', 'symbol' => 'TUFA'],
                    '/positions/{position}/bars' => ['seconds' => 60],
                    '/trades/tally' => ['by' => 'reason', 'days' => 30],
                    default => [],
                });
                $this->assertDescribed($described, $operations['get'], $answer->status(), $answer->body(), "GET {$path}");
            }
        }
        $changes = [
            ['post', '/accounts', '/accounts', ['name' => '']],
            ['post', '/accounts/{account}/check', "/accounts/{$desk->account->id}/check", []],
            ['delete', '/accounts/{account}', "/accounts/{$desk->account->id}", []],
            ['put', '/positions/{position}/stop', "/positions/{$position}/stop", ['price' => '0.5']],
            ['put', '/positions/{position}/targets', "/positions/{$position}/targets", ['targets' => [['price' => '1', 'share' => '50']]]],
            ['post', '/positions/{position}/break-even', "/positions/{$position}/break-even", []],
            ['post', '/positions/{position}/add', "/positions/{$position}/add", ['units' => '1']],
            ['post', '/positions/{position}/close', "/positions/{$position}/close", ['share' => '100']],
            ['put', '/accounts/{account}/credentials', "/accounts/{$desk->account->id}/credentials", ['credentials' => ['key' => 'x']]],
            ['put', '/routes/{route}/state', "/routes/{$desk->route->id}/state", ['state' => 'paused']],
            ['post', '/inlets', '/inlets', ['name' => 'Another']],
            ['post', '/inlets/{inlet}/test', "/inlets/{$desk->inlet->id}/test", ['body' => 'x', 'dry' => true]],
            ['put', '/inlets/{inlet}', "/inlets/{$desk->inlet->id}", ['allowed_symbols' => 'A, B', 'phrase' => 'open sesame', 'signed' => true]],
            ['put', '/inlets/{inlet}', "/inlets/{$desk->inlet->id}", ['phrase' => 'x']],
            ['post', '/inlets/{inlet}/address', "/inlets/{$desk->inlet->id}/address", ['keep_minutes' => 5]],
            ['put', '/slips/{slip}', "/slips/{$slips[0]['id']}", ['copied' => 'name', 'expires_on' => '2027-01-31']],
            ['put', '/routes/{route}/slips', "/routes/{$desk->route->id}/slips", ['style' => 'other']],
            ['post', '/venues', '/venues', ['spec' => json_decode((string) file_get_contents(base_path('docs/venues/quarrystone.json')), true)]],
            ['post', '/venues', '/venues', ['spec' => ['name' => 'x']]],
            ['delete', '/venues/{venue}', "/venues/{$venue}", []],
            ['post', '/routes/preview', '/routes/preview', ['inlet_id' => $desk->inlet->id, 'account_ids' => [$desk->account->id], 'rules' => $desk->route->rules, 'body' => 'buy MARL/USD']],
            ['post', '/routes/preview', '/routes/preview', ['inlet_id' => $desk->inlet->id, 'account_ids' => [$desk->account->id], 'rules' => ['legs' => []], 'body' => 'x']],
            ['post', '/readings/try', '/readings/try', ['spec' => null, 'body' => 'buy M']],
            ['post', '/readings/try', '/readings/try', ['spec' => ['fields' => ['do' => ['from' => 'key', 'at' => 'a']], 'words' => []], 'body' => '{"a": "bye"}']],
            ['post', '/readings/guess', '/readings/guess', ['body' => '{"action": "b", "ticker": "M"}']],
            ['put', '/readings/{reading}', "/readings/{$reading}", ['name' => 'Two', 'spec' => ['fields' => ['do' => ['from' => 'constant', 'at' => 'sell']], 'words' => []], 'samples' => []]],
            ['delete', '/readings/{reading}', "/readings/{$reading}", []],
            ['post', '/profiles', '/profiles', ['name' => 'P', 'spec' => ['variables' => ['symbol' => '{s}'], 'size_unit' => 'lots', 'alert_days' => null]]],
            ['put', '/profiles/{profile}', "/profiles/{$profile}", ['name' => 'Bench', 'spec' => ['variables' => ['symbol' => 'bare'], 'size_unit' => 'lots']]],
            ['delete', '/profiles/{profile}', "/profiles/{$profile}", []],
            ['put', '/symbols/rules', '/symbols/rules', ['venue' => 'quarrystone', 'prefixes' => ['A'], 'suffixes' => []]],
            ['put', '/symbols/links', '/symbols/links', ['venue' => 'quarrystone', 'symbol' => 'M', 'instrument' => 'none']],
            ['delete', '/symbols/links/{link}', "/symbols/links/{$link}", []],
            ['post', '/messages/{message}/again', "/messages/{$message->ulid}/again", ['dry' => true]],
            ['post', '/notices/read', '/notices/read', []],
            ['post', '/routes', '/routes', ['name' => 'x', 'inlet_id' => $desk->inlet->id, 'account_ids' => [$desk->account->id], 'rules' => ['legs' => []]]],
            ['delete', '/routes/{route}', "/routes/{$desk->route->id}", []],
        ];
        foreach ($changes as [$method, $path, $filled, $body]) {
            $answer = $api->{$method}(ltrim($filled, '/'), $body);
            $this->assertDescribed($described, $described['paths'][$path][$method], $answer->status(), $answer->body(), "{$method} {$path}");
        }
    }

    public function test_every_route_is_described(): void
    {
        $described = Desk::api(null)->get('openapi.json')->throw()->json('paths');
        $undescribed = ['/openapi.json', '/schemas/{name}', '/live/{desk}'];
        foreach (app('router')->getRoutes() as $route) {
            $path = '/'.substr($route->uri(), strlen('api/v1/'));
            if (str_starts_with($route->uri(), 'api/v1/') && ! in_array($path, $undescribed, true)) {
                self::assertArrayHasKey(strtolower($route->methods()[0]), $described[$path] ?? [], "{$route->methods()[0]} {$path}");
            }
        }
    }

    /**
     * @param  array<string, mixed>  $described
     * @param  array<string, mixed>  $operation
     */
    private function assertDescribed(array $described, array $operation, int $status, string $body, string $what): void
    {
        self::assertArrayHasKey($status, $operation['responses'], "{$what} answered {$status}: {$body}");
        $response = $operation['responses'][$status];
        $response = isset($response['$ref']) ? $described['components']['responses'][basename($response['$ref'])] : $response;
        $schema = $response['content']['application/json']['schema'] ?? null;
        if ($schema === null) {
            self::assertSame('', $body, $what);

            return;
        }
        $schema['components'] = ['schemas' => $described['components']['schemas']];
        $result = (new Validator)->validate(json_decode($body), Helper::toJSON($schema));
        self::assertTrue($result->isValid(), $what.': '.($result->error() === null ? '' : json_encode((new ErrorFormatter)->format($result->error()))));
    }
}
