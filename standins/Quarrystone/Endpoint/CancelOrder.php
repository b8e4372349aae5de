<?php

declare(strict_types=1);

namespace Standin\Quarrystone\Endpoint;

use Standin\Exchange\Exchange;
use Standin\Exchange\Orders;
use Standin\Quarrystone\Key;
use Standin\Quarrystone\OrderAnswer;
use Symfony\Component\HttpFoundation\Request;

/** DELETE /v1/orders?client_id=…: takes back what is not filled of a working order. */
final class CancelOrder implements Endpoint
{
    public function answer(Request $request, Key $key, Exchange $exchange): array
    {
        $key->need('trade');

        return OrderAnswer::of((new Orders($exchange))->cancel($key->accountId, (string) $request->query->get('client_id')));
    }
}
