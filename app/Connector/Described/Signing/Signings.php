<?php

namespace App\Connector\Described\Signing;

use Closure;
use InvalidArgumentException;

/** The ways of signing by name. */
final class Signings
{
    /**
     * @param  array<string, mixed>  $spec
     *
     * @throws InvalidArgumentException If there is no such way.
     */
    public static function of(array $spec): Signing
    {
        $make = self::registry()[(string) ($spec['kind'] ?? '')] ?? throw new InvalidArgumentException('Requests are signed by one of '.implode(', ', array_keys(self::registry())).'.');

        return $make($spec);
    }

    /** @return array<string, Closure(array<string, mixed>): Signing> */
    private static function registry(): array
    {
        return [
            'hmac' => HmacSigning::of(...),
            'basic' => static fn (array $spec): Signing => new BasicSigning((string) ($spec['user'] ?? 'user'), (string) ($spec['password'] ?? 'password')),
            'bearer' => static fn (array $spec): Signing => new PlainSigning,
            'none' => static fn (array $spec): Signing => new PlainSigning,
        ];
    }
}
