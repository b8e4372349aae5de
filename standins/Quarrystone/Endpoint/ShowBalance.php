<?php

declare(strict_types=1);

namespace Standin\Quarrystone\Endpoint;

use Standin\Exchange\Books;
use Standin\Exchange\Exchange;
use Standin\Quarrystone\Key;
use Symfony\Component\HttpFoundation\Request;

/** GET /v1/balance: the account's money, and its leverage by instrument where it was set. */
final class ShowBalance implements Endpoint
{
    public function answer(Request $request, Key $key, Exchange $exchange): array
    {
        $key->need('read');
        $books = Books::of($exchange, $key->accountId);

        return [
            'currency' => 'USD',
            'cash' => (string) $books->cash,
            'equity' => (string) $books->equity(),
            'free' => (string) $books->free(),
            'leverage' => (object) array_map(static fn (array $held): int => $held['net']->leverage->toInt(), $books->holdings),
            'margin' => (object) $exchange->database->table('holdings')->where('account_id', $key->accountId)->whereNotNull('margin')->pluck('margin', 'instrument')->all(),
        ];
    }
}
