<?php

declare(strict_types=1);

namespace Standin\Quarrystone\Endpoint;

use Standin\Quarrystone\Key;
use Standin\Quarrystone\Orders;
use Standin\Quarrystone\Problem;
use Symfony\Component\HttpFoundation\Request;

/** GET /v1/orders?client_id=…: one order by the id that the client gave it. */
final class FindOrder implements Endpoint
{
    public function answer(Request $request, Key $key): array
    {
        $key->need('read');
        $clientId = (string) $request->query->get('client_id');

        return Orders::find($key->accountId, $clientId)
            ?? throw Problem::of(404, 'unknown_order', "There is no order with the client id “{$clientId}”.");
    }
}
