<?php

declare(strict_types=1);

namespace Standin\Quarrystone\Endpoint;

use Standin\Quarrystone\Key;
use Standin\Quarrystone\Orders;
use Symfony\Component\HttpFoundation\Request;

/** GET /v1/orders/working: everything that is not filled or cancelled yet. */
final class ListWorking implements Endpoint
{
    public function answer(Request $request, Key $key): array
    {
        $key->need('read');

        return ['orders' => Orders::working($key->accountId)];
    }
}
