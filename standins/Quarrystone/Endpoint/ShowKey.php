<?php

declare(strict_types=1);

namespace Standin\Quarrystone\Endpoint;

use Standin\Exchange\Exchange;
use Standin\Quarrystone\Key;
use Symfony\Component\HttpFoundation\Request;

/** GET /v1/key: what this key is and may do. */
final class ShowKey implements Endpoint
{
    public function answer(Request $request, Key $key, Exchange $exchange): array
    {
        return ['account' => $key->accountName, 'environment' => $key->environment, 'permissions' => $key->permissions];
    }
}
