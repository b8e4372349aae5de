<?php

declare(strict_types=1);

namespace Standin\Quarrystone\Endpoint;

use Standin\Exchange\Exchange;
use Standin\Exchange\Problem;
use Standin\Quarrystone\Key;
use Symfony\Component\HttpFoundation\Request;

/** POST /v1/leverage {instrument, leverage, margin}. */
final class SetLeverage implements Endpoint
{
    public function answer(Request $request, Key $key, Exchange $exchange): array
    {
        $key->need('trade');
        $name = (string) $request->getPayload()->get('instrument');
        $leverage = $request->getPayload()->getInt('leverage');
        $margin = (string) $request->getPayload()->get('margin', 'isolated');
        if (! in_array($margin, ['isolated', 'cross'], true)) {
            throw Problem::of(422, 'bad_margin', 'margin is “isolated” or “cross”.');
        }
        $largest = $exchange->market->instrument($name)->largestLeverage?->toInt() ?? 1;
        if ($leverage < 1 || $leverage > $largest) {
            throw Problem::of(422, 'leverage_out_of_range', "Leverage for {$name} is from 1 to {$largest}.");
        }
        $exchange->database->table('holdings')->upsert(
            ['account_id' => $key->accountId, 'instrument' => $name, 'leverage' => $leverage, 'margin' => $margin],
            ['account_id', 'instrument', 'book'],
            ['leverage', 'margin'],
        );

        return ['instrument' => $name, 'leverage' => $leverage, 'margin' => $margin];
    }
}
