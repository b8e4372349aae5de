<?php

declare(strict_types=1);

namespace Standin\Quarrystone\Endpoint;

use Standin\Quarrystone\Key;
use Standin\Quarrystone\Orders;
use Symfony\Component\HttpFoundation\Request;

/** DELETE /v1/orders?client_id=…: takes back what is not filled of a working order. */
final class CancelOrder implements Endpoint
{
    public function answer(Request $request, Key $key): array
    {
        $key->need('trade');

        return Orders::cancel($key->accountId, (string) $request->query->get('client_id'));
    }
}
