<?php

declare(strict_types=1);

namespace Standin\Quarrystone\Endpoint;

use Standin\Quarrystone\Key;
use Standin\Quarrystone\OrderRequest;
use Standin\Quarrystone\Orders;
use Symfony\Component\HttpFoundation\Request;

/** POST /v1/orders {client_id, instrument, side, type, quantity, price, trigger_price, valid, maker_only, reduce_only}. */
final class PlaceOrder implements Endpoint
{
    public function answer(Request $request, Key $key): array
    {
        $key->need('trade');

        return Orders::place($key->accountId, OrderRequest::of($request->getPayload()));
    }
}
