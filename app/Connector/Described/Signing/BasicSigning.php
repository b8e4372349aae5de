<?php

namespace App\Connector\Described\Signing;

/** User and password, as HTTP's basic authentication (RFC 7617) writes them. */
final readonly class BasicSigning implements Signing
{
    public function __construct(private string $user, private string $password) {}

    public function values(array $credentials, string $method, string $uri, string $body): array
    {
        return ['basic' => 'Basic '.base64_encode(($credentials[$this->user] ?? '').':'.($credentials[$this->password] ?? ''))];
    }
}
