<?php

declare(strict_types=1);

namespace Wexon\Core\Protection;

use DateTimeImmutable;
use DateTimeZone;
use InvalidArgumentException;
use Wexon\Core\Instrument\Hours;
use Wexon\Core\Time\Zone;

/**
 * When a position is closed whatever it stands at: after a time, at a time of the day, before the venue closes.
 *
 * @phpstan-type TimesSpec array{after?: int|null, at?: string|null, zone?: string, before_close?: int|null}
 */
final readonly class TimeExits
{
    private function __construct(
        /** Seconds. */
        private ?int $after,
        /** "15:45" in the zone. */
        private ?string $at,
        private DateTimeZone $zone,
        /** Seconds. */
        private ?int $beforeClose,
    ) {}

    /**
     * @param  TimesSpec  $spec
     *
     * @throws InvalidArgumentException If there is no such zone or time.
     */
    public static function of(array $spec): self
    {
        $at = $spec['at'] ?? null;
        if ($at !== null && preg_match('/^([01]\d|2[0-3]):[0-5]\d$/', $at) !== 1) {
            throw new InvalidArgumentException("A time of the day is written as 15:45; found {$at}.");
        }
        $zone = Zone::of($spec['zone'] ?? 'UTC');

        return new self($spec['after'] ?? null, $at, $zone, $spec['before_close'] ?? null);
    }

    /** The first of them after a position was opened; null when there is none. */
    public function exitAt(DateTimeImmutable $opened, ?Hours $hours): ?DateTimeImmutable
    {
        $closes = $this->beforeClose === null ? null : $hours?->closesAt($opened);
        $moments = array_values(array_filter([
            $this->after === null ? null : $this->seconds($opened, $this->after),
            $this->at === null ? null : $this->next($opened, $this->at),
            $closes === null ? null : $this->seconds($closes, -1 * $this->beforeClose),
        ]));

        return $moments === [] ? null : min($moments);
    }

    /** @return TimesSpec */
    public function toArray(): array
    {
        return array_filter(['after' => $this->after, 'at' => $this->at, 'before_close' => $this->beforeClose], static fn (int|string|null $value): bool => $value !== null)
            + ($this->at === null ? [] : ['zone' => $this->zone->getName()]);
    }

    /** "after 3600 s, at 15:45 Europe/London" */
    public function __toString(): string
    {
        return implode(', ', array_filter([
            $this->after === null ? '' : "after {$this->after} s",
            $this->at === null ? '' : "at {$this->at} {$this->zone->getName()}",
            $this->beforeClose === null ? '' : "{$this->beforeClose} s before the venue closes",
        ], static fn (string $words): bool => $words !== ''));
    }

    private function seconds(DateTimeImmutable $from, int $seconds): DateTimeImmutable
    {
        return $from->setTimestamp($from->getTimestamp() + $seconds);
    }

    private function next(DateTimeImmutable $opened, string $at): DateTimeImmutable
    {
        $local = $opened->setTimezone($this->zone);
        $today = $local->modify($at);

        return $today > $local ? $today : $local->modify('+1 day')->modify($at);
    }
}
