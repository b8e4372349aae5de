<?php

namespace App\Connector\Described\Signing;

/** Nothing but what stands in the headers, such as "Authorization": "Bearer {token}". */
final readonly class PlainSigning implements Signing
{
    public function values(array $credentials, string $method, string $uri, string $body): array
    {
        return [];
    }
}
