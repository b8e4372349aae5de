<?php

declare(strict_types=1);

namespace Standin\Quarrystone\Endpoint;

use Standin\Exchange\Exchange;
use Standin\Exchange\Orders;
use Standin\Quarrystone\Key;
use Standin\Quarrystone\OrderAnswer;
use Symfony\Component\HttpFoundation\Request;

/** GET /v1/orders?client_id=…: one order by the id that the client gave it. */
final class FindOrder implements Endpoint
{
    public function answer(Request $request, Key $key, Exchange $exchange): array
    {
        $key->need('read');

        return OrderAnswer::of((new Orders($exchange))->find($key->accountId, (string) $request->query->get('client_id')));
    }
}
