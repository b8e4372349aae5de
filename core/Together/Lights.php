<?php

declare(strict_types=1);

namespace Wexon\Core\Together;

use DateTimeImmutable;
use Wexon\Core\Signal\Side;

/**
 * Which lamps are lit, for which side and since when, and the side for which the route was last set off and is still true.
 *
 * @phpstan-type LightsArray array{lit: array<string, array{side: string, at: string}>, fired: string|null}
 */
final readonly class Lights
{
    private const TIME = 'Y-m-d\TH:i:s.up';

    /** @param  array<string, array{Side, DateTimeImmutable}>  $lit  By the lamp's name. */
    public function __construct(public array $lit, public ?Side $fired) {}

    public static function none(): self
    {
        return new self([], null);
    }

    /** @param  LightsArray  $stored */
    public static function fromArray(array $stored): self
    {
        return new self(array_map(static fn (array $one): array => [Side::from($one['side']), new DateTimeImmutable($one['at'])], $stored['lit']), $stored['fired'] === null ? null : Side::from($stored['fired']));
    }

    /** @return LightsArray */
    public function toArray(): array
    {
        return ['lit' => array_map(static fn (array $one): array => ['side' => $one[0]->value, 'at' => $one[1]->format(self::TIME)], $this->lit), 'fired' => $this->fired?->value];
    }
}
