<?php

declare(strict_types=1);

namespace Wexon\Core\Inlet;

use InvalidArgumentException;
use Wexon\Core\Reading\Split;

/** Addresses and networks that may send: "203.0.113.7, 198.51.100.0/24 2001:db8::/32". An empty list lets everybody. */
final readonly class AllowedSenders
{
    private const MOST = 200;

    /** @param  list<array{string, int, string}>  $networks  Packed address, bits that count, as written. */
    private function __construct(private array $networks) {}

    /**
     * Blanks, commas, semicolons and line breaks all separate; brackets and quotes are forgiven.
     *
     * @throws InvalidArgumentException If one is no address or network.
     */
    public static function of(string $written): self
    {
        $networks = [];
        foreach (Split::by('/[\s,;]+/', trim($written, " \t\r\n[](){}\"'")) as $one) {
            $one = trim($one, '[](){}"\'');
            if ($one === '') {
                continue;
            }
            $networks[] = self::network($one);
        }
        if (count($networks) > self::MOST) {
            throw new InvalidArgumentException('At most '.self::MOST.' addresses and networks.');
        }

        return new self($networks);
    }

    public function isEmpty(): bool
    {
        return $this->networks === [];
    }

    public function allow(string $address): bool
    {
        $packed = self::packed($address);
        if ($packed === null) {
            return $this->networks === [];
        }
        foreach ($this->networks as [$network, $bits]) {
            if (strlen($network) === strlen($packed) && self::sameBits($network, $packed, $bits)) {
                return true;
            }
        }

        return $this->networks === [];
    }

    /** @return list<string> As it is kept. */
    public function toArray(): array
    {
        return array_column($this->networks, 2);
    }

    /** @return array{string, int, string} */
    private static function network(string $written): array
    {
        $parts = explode('/', $written, 2);
        [$address, $bits] = [$parts[0], $parts[1] ?? null];
        $packed = self::packed($address);
        $most = 8 * strlen($packed ?? '');
        if ($packed === null || ($bits !== null && (! ctype_digit($bits) || (int) $bits > $most))) {
            throw new InvalidArgumentException("“{$written}” is no address or network: write 203.0.113.7, 198.51.100.0/24 or 2001:db8::/32.");
        }

        return [$packed, $bits === null ? $most : (int) $bits, $written];
    }

    /** An IPv4 address inside IPv6 counts as the IPv4 address. */
    private static function packed(string $address): ?string
    {
        $packed = filter_var($address, FILTER_VALIDATE_IP) === false ? false : inet_pton($address);
        $mapped = str_repeat("\0", 10)."\xff\xff";

        return $packed === false ? null : (str_starts_with($packed, $mapped) ? substr($packed, 12) : $packed);
    }

    private static function sameBits(string $network, string $address, int $bits): bool
    {
        $whole = intdiv($bits, 8);
        if (strncmp($network, $address, $whole) !== 0) {
            return false;
        }
        $mask = 0xFF << (8 - $bits % 8) & 0xFF;

        return $bits % 8 === 0 || (ord($network[$whole]) & $mask) === (ord($address[$whole]) & $mask);
    }
}
