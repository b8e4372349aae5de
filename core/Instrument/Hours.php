<?php

declare(strict_types=1);

namespace Wexon\Core\Instrument;

use DateInterval;
use DateTimeImmutable;
use DateTimeZone;
use InvalidArgumentException;

/**
 * When a venue trades an instrument: one session a weekday in the venue's own zone, less the closings that it announced.
 *
 * @phpstan-type HoursSpec array{zone: string, week: array<string, array{0: string, 1: string}>, closings?: list<array{0: string, 1: string}>}
 */
final readonly class Hours
{
    private const WEEKDAYS = ['mon', 'tue', 'wed', 'thu', 'fri', 'sat', 'sun'];

    private const CLOCK = '/^([01]\d|2[0-3]):[0-5]\d$|^24:00$/';

    /** Days looked ahead for the next opening, and back for the last closing. */
    private const FARTHEST = 15;

    /**
     * @param  array<string, array{0: string, 1: string}>  $week
     * @param  list<array{DateTimeImmutable, DateTimeImmutable}>  $closings
     */
    private function __construct(private DateTimeZone $zone, private array $week, private array $closings) {}

    /**
     * @param  HoursSpec  $spec  A session is "09:00" to "17:30", to "24:00" at most; closings are moments in ISO 8601.
     *
     * @throws InvalidArgumentException If a weekday or a time is none.
     */
    public static function of(array $spec): self
    {
        foreach ($spec['week'] as $day => $session) {
            if (! in_array($day, self::WEEKDAYS, true) || preg_match(self::CLOCK, $session[0]) !== 1 || preg_match(self::CLOCK, $session[1]) !== 1 || $session[0] >= $session[1]) {
                throw new InvalidArgumentException("Opening hours are given by weekday (mon … sun), from and to as 09:30; found {$day}: ".implode(' – ', $session).'.');
            }
        }
        $closings = array_map(static fn (array $closing): array => [new DateTimeImmutable($closing[0]), new DateTimeImmutable($closing[1])], $spec['closings'] ?? []);

        return new self(new DateTimeZone($spec['zone']), $spec['week'], $closings);
    }

    public function isOpen(DateTimeImmutable $at): bool
    {
        [$from, $to] = $this->session($at) ?? [null, null];

        return $from !== null && $at >= $from && $at < $to && $this->closingAt($at) === null;
    }

    /** The first moment from this one on at which it trades; null when none is in sight. */
    public function opensAt(DateTimeImmutable $at): ?DateTimeImmutable
    {
        for ($day = 0; $day <= self::FARTHEST; $day++) {
            [$from, $to] = $this->session($this->daysOn($at, $day)) ?? [null, null];
            if ($from === null || $to <= $at) {
                continue;
            }
            $from = max($from, $at);
            for ($closing = $this->closingAt($from); $closing !== null; $closing = $this->closingAt($from)) {
                $from = $closing[1];
            }
            if ($from < $to) {
                return $from;
            }
        }

        return null;
    }

    /** When the session of this moment ends; null while it is closed, or when no end is in sight. */
    public function closesAt(DateTimeImmutable $at): ?DateTimeImmutable
    {
        if (! $this->isOpen($at)) {
            return null;
        }
        $ends = $this->session($at)[1] ?? $at;
        // A session until midnight goes on in the next day's, if that begins then.
        for ($day = 1; $day <= self::FARTHEST && $this->isOpen($ends); $day++) {
            $ends = $this->session($ends)[1] ?? $ends;
        }
        $announced = array_filter(array_column($this->closings, 0), static fn (DateTimeImmutable $from): bool => $from > $at);
        $ends = $this->isOpen($ends) ? null : $ends;

        return $announced === [] ? $ends : min($ends ?? max($announced), ...$announced);
    }

    /** The last moment up to this one at which it traded: this one while it is open. */
    public function lastOpen(DateTimeImmutable $at): DateTimeImmutable
    {
        $moment = $at;
        for ($back = 0; $back <= self::FARTHEST; $back++) {
            $session = $this->session($this->daysOn($at, -$back));
            if ($session === null || $session[0] > $at) {
                continue;
            }
            $moment = min($session[1], $at);
            while (($closing = $this->closingAt($moment)) !== null && $moment > $closing[0]) {
                $moment = $closing[0];
            }
            if ($moment > $session[0]) {
                return $moment;
            }
        }

        return $moment;
    }

    /** @return HoursSpec */
    public function toArray(): array
    {
        return [
            'zone' => $this->zone->getName(),
            'week' => $this->week,
            'closings' => array_map(static fn (array $closing): array => [$closing[0]->format(DATE_ATOM), $closing[1]->format(DATE_ATOM)], $this->closings),
        ];
    }

    /** @return array{DateTimeImmutable, DateTimeImmutable}|null That of the venue's day in which the moment lies. */
    private function session(DateTimeImmutable $at): ?array
    {
        $day = $at->setTimezone($this->zone);
        $session = $this->week[strtolower($day->format('D'))] ?? null;

        return $session === null ? null : [$day->modify($session[0]), $day->modify($session[1])];
    }

    private function daysOn(DateTimeImmutable $at, int $days): DateTimeImmutable
    {
        $interval = new DateInterval('P'.abs($days).'D');

        return $days < 0 ? $at->setTimezone($this->zone)->sub($interval) : $at->setTimezone($this->zone)->add($interval);
    }

    /** @return array{DateTimeImmutable, DateTimeImmutable}|null */
    private function closingAt(DateTimeImmutable $at): ?array
    {
        foreach ($this->closings as $closing) {
            if ($at >= $closing[0] && $at < $closing[1]) {
                return $closing;
            }
        }

        return null;
    }
}
