<?php

declare(strict_types=1);

namespace Standin\Quarrystone;

use Illuminate\Database\Connection;
use Standin\Exchange\Faults;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;

/** Where a trader opens an account at the venue and is given a key, and where tests ask for misbehaviour. */
final readonly class FrontOffice
{
    private const CASH = '50000';

    public function __construct(private Connection $database) {}

    public function answer(Request $request): Response
    {
        return match ("{$request->getMethod()} {$request->getPathInfo()}") {
            'GET /' => new Response($this->page('')),
            'POST /' => $this->made($request),
            'POST /keys' => new JsonResponse($this->open(
                (string) $request->getPayload()->get('name'),
                (string) $request->getPayload()->get('environment', 'practice'),
                array_values(array_map(strval(...), $request->getPayload()->all('permissions'))),
                (string) $request->getPayload()->get('cash', self::CASH),
            ), 201),
            'POST /faults' => Faults::ask($this->database, $request, 'POST /v1/orders'),
            default => new JsonResponse(['error' => ['code' => 'unknown_path', 'message' => 'There is nothing here.']], 404),
        };
    }

    /**
     * Opens an account and makes a key for it.
     *
     * @param  list<string>  $permissions  read, trade, withdraw
     * @return array{key: string, secret: string}
     */
    public function open(string $name, string $environment, array $permissions, string $cash = self::CASH): array
    {
        $accountId = $this->database->table('accounts')->insertGetId(['name' => $name, 'environment' => $environment, 'cash' => $cash]);
        $made = ['key' => bin2hex(random_bytes(12)), 'secret' => bin2hex(random_bytes(24))];
        $this->database->table('api_keys')->insert([...$made, 'account_id' => $accountId, 'permissions' => implode(',', $permissions)]);

        return $made;
    }

    private function made(Request $request): Response
    {
        $permissions = ['read', ...array_values(array_intersect(['trade', 'withdraw'], $request->request->all('permissions')))];
        $made = $this->open('Made at the counter', 'practice', $permissions);

        return new Response($this->page("<p>Copy both now; the secret is not shown again.</p><p>Key <code>{$made['key']}</code></p><p>Secret <code>{$made['secret']}</code></p>"));
    }

    private function page(string $result): string
    {
        return <<<HTML
            <!doctype html><html lang="en"><meta charset="utf-8"><title>Quarrystone, practice venue</title>
            <style>body{font:16px/1.5 serif;max-width:38rem;margin:4rem auto;padding:0 1rem;color:#222;background:#eee}code{background:#fff;padding:.1rem .3rem}</style>
            <h1>Quarrystone</h1><p>A practice venue: made-up coins, made-up prices, no real money. Open an account with 50 000 USD and take its key to Wexon.</p>
            <form method="post"><p><label><input type="checkbox" name="permissions[]" value="trade" checked> may trade</label></p>
            <p><label><input type="checkbox" name="permissions[]" value="withdraw"> may withdraw (not wanted for trading)</label></p>
            <button>Open an account and make a key</button></form>{$result}
            HTML;
    }
}
