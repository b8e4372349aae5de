<?php

namespace App\Connector\Described\Signing;

/** How a venue wants requests to be signed: what it adds to the values that headers may name. */
interface Signing
{
    /**
     * @param  array<string, string>  $credentials
     * @return array<string, string> Such as time and signature.
     */
    public function values(array $credentials, string $method, string $uri, string $body): array;
}
