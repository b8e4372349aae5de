<?php

declare(strict_types=1);

namespace Standin\PellamStreet;

use Illuminate\Database\Connection;
use Standin\Exchange\Closings;
use Standin\Exchange\Faults;
use Standin\Exchange\Problem;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;

/** Where a trader opens an account and is given its number and a token, and where tests ask for misbehaviour and closings. */
final readonly class FrontOffice
{
    /** Shares may be bought for so many times the account's own money. */
    public const MARGIN_FACTOR = 2;

    private const CASH = '50000';

    /** Seconds that a token lasts when nothing else is asked for. */
    private const LASTS = 1_800;

    public function __construct(private Connection $database) {}

    /** @throws Problem */
    public function answer(Request $request): Response
    {
        $given = $request->getMethod() === 'POST' ? $request->getPayload() : $request->query;

        return match ("{$request->getMethod()} {$request->getPathInfo()}") {
            'GET /' => new Response($this->page('')),
            'POST /' => new Response($this->page($this->shown($this->open('practice', 'look,trade', self::CASH, self::LASTS)))),
            'POST /tokens' => new JsonResponse($this->open((string) $given->get('environment', 'practice'), (string) $given->get('may', 'look,trade'), (string) $given->get('cash', self::CASH), $given->getInt('lasts', self::LASTS)), 201),
            'POST /tokens/again' => new JsonResponse($this->again((string) $given->get('account')), 201),
            'POST /faults' => Faults::ask($this->database, $request, 'POST /accounts'),
            'POST /closings' => $this->close((string) $given->get('symbol'), $given->getInt('from'), $given->getInt('to')),
            default => throw Problem::of(404, 'unknown_path', 'There is nothing here.'),
        };
    }

    private function close(string $symbol, int $from, int $to): Response
    {
        (new Closings($this->database))->announce($symbol, $from, $to);

        return new JsonResponse(['symbol' => $symbol], 201);
    }

    /** @return array{account: string, token: string} */
    private function open(string $environment, string $may, string $cash, int $lasts): array
    {
        $account = $this->database->table('accounts')->insertGetId(['name' => 'Made at the counter', 'environment' => $environment, 'cash' => $cash, 'leverage' => self::MARGIN_FACTOR]);
        $number = sprintf('PS%08d', $account + 4_100_000);
        $this->database->table('numbers')->insert(['account_number' => $number, 'account_id' => $account]);

        return ['account' => $number, 'token' => Token::issue($this->database, $account, $may, $lasts * 1000)];
    }

    /**
     * Another token for an account that is there.
     *
     * @return array{account: string, token: string}
     */
    private function again(string $number): array
    {
        $account = (int) $this->database->table('numbers')->where('account_number', $number)->value('account_id');

        return ['account' => $number, 'token' => Token::issue($this->database, $account, 'look,trade', self::LASTS * 1000)];
    }

    /** @param  array<string, string>  $made */
    private function shown(array $made): string
    {
        return "<p>Account number <code>{$made['account']}</code></p><p>Access token <code>{$made['token']}</code></p><p>The token ends in half an hour unless it is renewed before; Wexon renews it by itself.</p>";
    }

    private function page(string $result): string
    {
        return <<<HTML
            <!doctype html><html lang="en"><meta charset="utf-8"><title>Pellam Street, practice venue</title>
            <style>body{font:16px/1.5 serif;max-width:38rem;margin:4rem auto;padding:0 1rem;color:#2a1d24;background:#f1e9e4}code{background:#fff;padding:.1rem .3rem}</style>
            <h1>Pellam Street</h1><p>A practice venue for shares: made-up companies and prices, no real money. Open an account with 50 000 GBP and take its number and token to Wexon.</p>
            <form method="post"><button>Open an account</button></form>{$result}
            HTML;
    }
}
