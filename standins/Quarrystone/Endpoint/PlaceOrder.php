<?php

declare(strict_types=1);

namespace Standin\Quarrystone\Endpoint;

use Standin\Exchange\Exchange;
use Standin\Exchange\Orders;
use Standin\Quarrystone\Key;
use Standin\Quarrystone\OrderAnswer;
use Standin\Quarrystone\ReadOrder;
use Symfony\Component\HttpFoundation\Request;

/** POST /v1/orders {client_id, instrument, side, type, quantity, price, trigger_price, valid, maker_only, reduce_only}. */
final class PlaceOrder implements Endpoint
{
    public function answer(Request $request, Key $key, Exchange $exchange): array
    {
        $key->need('trade');

        return OrderAnswer::of((new Orders($exchange))->place($key->accountId, ReadOrder::of($request->getPayload(), $exchange->market)));
    }
}
