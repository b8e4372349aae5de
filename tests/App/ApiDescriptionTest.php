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
        $described = $api->get('openapi.json')->throw()->json();
        $id = ['{route}' => $desk->route->id, '{inlet}' => $desk->inlet->id, '{account}' => $desk->account->id, '{message}' => $message->ulid, '{decision}' => $message->decisions[0]->id];

        foreach ($described['paths'] as $path => $operations) {
            if (isset($operations['get'])) {
                $answer = $api->get(ltrim(strtr($path, $id), '/'), $path === '/instruments' ? ['venue' => 'quarrystone'] : []);
                $this->assertDescribed($described, $operations['get'], $answer->status(), $answer->body(), "GET {$path}");
            }
        }
        $changes = [
            ['post', '/accounts', '/accounts', ['name' => '']],
            ['post', '/accounts/{account}/check', "/accounts/{$desk->account->id}/check", []],
            ['delete', '/accounts/{account}', "/accounts/{$desk->account->id}", []],
            ['put', '/routes/{route}/state', "/routes/{$desk->route->id}/state", ['state' => 'paused']],
            ['post', '/inlets', '/inlets', ['name' => 'Another']],
            ['post', '/inlets/{inlet}/test', "/inlets/{$desk->inlet->id}/test", ['body' => 'x', 'dry' => true]],
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
