<?php

declare(strict_types=1);

namespace Standin\Quarrystone\Endpoint;

use Standin\Exchange\Books;
use Standin\Exchange\Exchange;
use Standin\Quarrystone\Key;
use Symfony\Component\HttpFoundation\Request;

/** GET /v1/positions: everything that is not flat. */
final class ListPositions implements Endpoint
{
    public function answer(Request $request, Key $key, Exchange $exchange): array
    {
        $key->need('read');
        $positions = [];
        foreach (Books::of($exchange, $key->accountId)->held() as [$name, , $holding]) {
            $positions[] = [
                'instrument' => $name,
                'size' => (string) $holding->position->quantity->stripTrailingZeros(),
                'entry_price' => (string) $holding->position->average(),
                'margin' => (string) $holding->margin(),
            ];
        }

        return ['positions' => $positions];
    }
}
