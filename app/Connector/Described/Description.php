<?php

namespace App\Connector\Described;

use App\Connector\Described\Signing\Signing;
use App\Connector\Described\Signing\Signings;
use InvalidArgumentException;
use Wexon\Core\Order\OrderType;

/**
 * A venue as a file describes it: docs/schemas/venue-1.json, docs/venues.md.
 *
 * @phpstan-type CallSpec array{method?: string, path: string, body?: array<string, mixed>, list?: string, fields: array<string, string>, words?: array<string, array<string, string>>, fills?: array{list: string, fields: array<string, string>}}
 */
final readonly class Description
{
    public const CALLS = ['key', 'balance', 'instruments', 'quotes', 'positions', 'place', 'find'];

    /** Without these two, orders that rest cannot be looked after, so only market orders are taken. */
    private const FOR_RESTING = ['cancel', 'working'];

    /**
     * @param  array<string, string>  $credentials
     * @param  array<string, string>  $headers
     * @param  array<string, CallSpec>  $calls
     * @param  array<string, list<int>>  $statuses
     */
    private function __construct(
        public string $name,
        public string $trades,
        public string $base,
        public string $keysAt,
        public array $credentials,
        public Signing $signing,
        public array $headers,
        public array $calls,
        public array $statuses,
        /** JMESPath of the venue's own words for an error. */
        public string $errorWords,
        /** @var list<OrderType> */
        public array $orderTypes,
    ) {}

    /**
     * @param  array<string, mixed>  $spec  Held against its schema before.
     *
     * @throws InvalidArgumentException If the address or the signing will not do.
     */
    public static function of(array $spec): self
    {
        $base = rtrim((string) $spec['base'], '/');
        $parts = parse_url($base);
        $isHere = in_array($parts['host'] ?? '', ['127.0.0.1', 'localhost', '[::1]'], true);
        if (! in_array($parts['scheme'] ?? '', $isHere ? ['http', 'https'] : ['https'], true)) {
            throw new InvalidArgumentException("“{$base}” will not do as a venue's address: it begins with https://, so that nobody on the way can read the key.");
        }

        return new self(
            (string) $spec['name'],
            (string) ($spec['trades'] ?? ''),
            $base,
            (string) ($spec['keys_at'] ?? $base),
            $spec['credentials'],
            Signings::of($spec['signing']),
            $spec['headers'] ?? [],
            $spec['calls'],
            ($spec['errors']['statuses'] ?? []) + ['key_rejected' => [401, 403], 'busy' => [429]],
            (string) ($spec['errors']['words'] ?? 'message'),
            self::types($spec),
        );
    }

    /**
     * @param  array<string, mixed>  $spec
     * @return list<OrderType>
     */
    private static function types(array $spec): array
    {
        $types = array_map(OrderType::from(...), array_values($spec['order_types'] ?? [OrderType::Market->value]));
        $missing = array_diff(self::FOR_RESTING, array_keys($spec['calls']));
        if ($types !== [OrderType::Market] && $missing !== []) {
            throw new InvalidArgumentException('Orders that rest have to be listed and taken back: describe the calls '.implode(' and ', $missing).' too, or take market orders only.');
        }

        return $types;
    }
}
