<?php

declare(strict_types=1);

namespace Standin\Larkmoor;

use Illuminate\Database\Connection;
use Standin\Exchange\Closings;
use Standin\Exchange\Faults;
use Standin\Exchange\Problem;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;

/** Where a trader opens an account and is given a login, and where tests ask for misbehaviour and closings. */
final readonly class FrontOffice
{
    /** By environment. */
    public const SERVERS = ['practice' => 'Larkmoor-Practice', 'live' => 'Larkmoor-One'];

    private const CASH = '50000';

    private const LEVERAGE = 30;

    public function __construct(private Connection $database) {}

    /** @throws Problem */
    public function answer(Request $request): Response
    {
        $given = $request->getMethod() === 'POST' ? $request->getPayload() : $request->query;

        return match ("{$request->getMethod()} {$request->getPathInfo()}") {
            'GET /' => new Response($this->page('')),
            'POST /' => new Response($this->page($this->shown($this->open('practice', (string) $given->get('holds', 'net'), self::CASH)))),
            'POST /logins' => new JsonResponse($this->open((string) $given->get('environment', 'practice'), (string) $given->get('holds', 'net'), (string) $given->get('cash', self::CASH)), 201),
            'POST /faults' => Faults::ask($this->database, $request, 'POST /terminal/orders'),
            'POST /closings' => $this->close((string) $given->get('pair'), (int) $given->get('from'), (int) $given->get('to')),
            default => throw Problem::of(404, 'unknown_path', 'There is nothing here.'),
        };
    }

    private function close(string $pair, int $from, int $to): Response
    {
        (new Closings($this->database))->announce($pair, $from, $to);

        return new JsonResponse(['pair' => $pair], 201);
    }

    /** @return array{login: string, password: string, read_password: string, server: string} */
    private function open(string $environment, string $holds, string $cash): array
    {
        $account = $this->database->table('accounts')->insertGetId(['name' => 'Made at the counter', 'environment' => $environment, 'cash' => $cash, 'hedging' => $holds === 'both_sides', 'leverage' => self::LEVERAGE]);
        $made = ['password' => bin2hex(random_bytes(6)), 'read_password' => bin2hex(random_bytes(6))];

        return ['login' => (string) $this->database->table('logins')->insertGetId(['account_id' => $account, ...$made]), ...$made, 'server' => self::SERVERS[$environment]];
    }

    /** @param  array<string, string>  $made */
    private function shown(array $made): string
    {
        return "<p>Login <code>{$made['login']}</code></p><p>Trading password <code>{$made['password']}</code></p><p>Read-only password <code>{$made['read_password']}</code></p><p>Server <code>{$made['server']}</code></p>";
    }

    private function page(string $result): string
    {
        return <<<HTML
            <!doctype html><html lang="en"><meta charset="utf-8"><title>Larkmoor, practice venue</title>
            <style>body{font:16px/1.5 serif;max-width:38rem;margin:4rem auto;padding:0 1rem;color:#1d2a1d;background:#e9efe6}code{background:#fff;padding:.1rem .3rem}</style>
            <h1>Larkmoor</h1><p>A practice venue for currency pairs on margin: made-up prices, no real money. Open an account with 50 000 EUR and take its login to Wexon.</p>
            <form method="post"><p><label><input type="radio" name="holds" value="net" checked> one net position per pair</label></p>
            <p><label><input type="radio" name="holds" value="both_sides"> long and short side by side</label></p>
            <button>Open an account</button></form>{$result}
            HTML;
    }
}
