<?php

declare(strict_types=1);

namespace Standin\Quarrystone\Endpoint;

use Standin\Quarrystone\Books;
use Standin\Quarrystone\Key;
use Symfony\Component\HttpFoundation\Request;

/** GET /v1/positions: everything that is not flat. */
final class ListPositions implements Endpoint
{
    public function answer(Request $request, Key $key): array
    {
        $key->need('read');
        $positions = [];
        foreach (Books::of($key->accountId)->holdings as $name => $holding) {
            if (! $holding->position->isFlat()) {
                $positions[] = [
                    'instrument' => $name,
                    'size' => (string) $holding->position->quantity->stripTrailingZeros(),
                    'entry_price' => (string) $holding->position->average(),
                    'margin' => (string) $holding->margin(),
                ];
            }
        }

        return ['positions' => $positions];
    }
}
