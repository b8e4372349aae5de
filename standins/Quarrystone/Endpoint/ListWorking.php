<?php

declare(strict_types=1);

namespace Standin\Quarrystone\Endpoint;

use Standin\Exchange\Exchange;
use Standin\Exchange\Orders;
use Standin\Quarrystone\Key;
use Standin\Quarrystone\OrderAnswer;
use Symfony\Component\HttpFoundation\Request;

/** GET /v1/orders/working: everything that is not filled or cancelled yet. */
final class ListWorking implements Endpoint
{
    public function answer(Request $request, Key $key, Exchange $exchange): array
    {
        $key->need('read');

        return ['orders' => array_map(OrderAnswer::of(...), (new Orders($exchange))->working($key->accountId))];
    }
}
