<?php

declare(strict_types=1);

namespace Wexon\Core\Guard;

use DateTimeImmutable;
use DateTimeZone;
use InvalidArgumentException;
use Wexon\Core\Time\Zone;

/**
 * The part of the week in which entries are taken: days, and from and to in a zone. A window whose end lies before its
 * begin goes over midnight and belongs to the day on which it begins; the same time for both is the whole day.
 *
 * @phpstan-type WindowSpec array{zone: string, days: list<string>, from: string, to: string, close_at_end?: bool}
 */
final readonly class Window
{
    private const DAYS = ['mon', 'tue', 'wed', 'thu', 'fri', 'sat', 'sun'];

    private const CLOCK = '/^([01]\d|2[0-3]):[0-5]\d$/';

    /** Days looked ahead for the next one. */
    private const FARTHEST = 8;

    /** @param  list<string>  $days */
    private function __construct(private DateTimeZone $zone, private array $days, private string $from, private string $to, public bool $closeAtEnd) {}

    /**
     * @param  WindowSpec  $spec
     *
     * @throws InvalidArgumentException If a day, a time or the zone is none.
     */
    public static function of(array $spec): self
    {
        $zone = Zone::of($spec['zone']);
        if ($spec['days'] === [] || array_diff($spec['days'], self::DAYS) !== []) {
            throw new InvalidArgumentException('A window is open on at least one day: mon, tue, wed, thu, fri, sat, sun.');
        }
        foreach (['from', 'to'] as $end) {
            if (preg_match(self::CLOCK, $spec[$end]) !== 1) {
                throw new InvalidArgumentException("A time of the day is written as 15:45; found {$spec[$end]}.");
            }
        }

        return new self($zone, array_values(array_intersect(self::DAYS, $spec['days'])), $spec['from'], $spec['to'], $spec['close_at_end'] ?? false);
    }

    public function isOpen(DateTimeImmutable $at): bool
    {
        return $this->endsAt($at) !== null;
    }

    /** When the window of this moment ends; null outside of it. */
    public function endsAt(DateTimeImmutable $at): ?DateTimeImmutable
    {
        foreach ([0, -1] as $day) {
            [$from, $to] = $this->on($at, $day) ?? [null, null];
            if ($from !== null && $at >= $from && $at < $to) {
                return $to;
            }
        }

        return null;
    }

    /** When the next one begins. */
    public function opensAt(DateTimeImmutable $at): ?DateTimeImmutable
    {
        for ($day = 0; $day <= self::FARTHEST; $day++) {
            $from = $this->on($at, $day)[0] ?? null;
            if ($from !== null && $from > $at) {
                return $from;
            }
        }

        return null;
    }

    /** @return WindowSpec */
    public function toArray(): array
    {
        return ['zone' => $this->zone->getName(), 'days' => $this->days, 'from' => $this->from, 'to' => $this->to] + ($this->closeAtEnd ? ['close_at_end' => true] : []);
    }

    /** "mon, tue 09:00 – 17:30 Europe/London" */
    public function __toString(): string
    {
        return (count($this->days) === count(self::DAYS) ? 'every day' : implode(', ', $this->days))." {$this->from} – {$this->to} {$this->zone->getName()}";
    }

    /** @return array{DateTimeImmutable, DateTimeImmutable}|null Of the day in the window's zone that lies so many days away. */
    private function on(DateTimeImmutable $at, int $days): ?array
    {
        $day = $at->setTimezone($this->zone)->modify(sprintf('%+d day', $days));
        if (! in_array(strtolower($day->format('D')), $this->days, true)) {
            return null;
        }
        $to = $this->to > $this->from ? $day : $day->modify('+1 day');

        return [$day->modify($this->from), $to->modify($this->to)];
    }
}
