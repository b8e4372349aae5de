<?php

declare(strict_types=1);

namespace Wexon\Core\Slip;

use DateTimeImmutable;

/** How near an alert's expiry date is, and what is to be said about it. */
enum Expiry: string
{
    case None = 'none';
    case Far = 'far';
    case WithinAWeek = 'week';
    case WithinADay = 'day';
    case Past = 'past';

    private const SECONDS_OF_A_DAY = 86_400;

    /** @param  DateTimeImmutable|null  $expires  The moment from which it no longer fires. */
    public static function of(?DateTimeImmutable $expires, DateTimeImmutable $now): self
    {
        if ($expires === null) {
            return self::None;
        }
        $left = $expires->getTimestamp() - $now->getTimestamp();

        return match (true) {
            $left <= 0 => self::Past,
            $left <= self::SECONDS_OF_A_DAY => self::WithinADay,
            $left <= 7 * self::SECONDS_OF_A_DAY => self::WithinAWeek,
            default => self::Far,
        };
    }

    /** Whether it is time to remind of it, and nothing as late was said yet. */
    public function wantsReminder(?self $last): bool
    {
        $order = [self::None, self::Far, self::WithinAWeek, self::WithinADay, self::Past];

        return in_array($this, [self::WithinAWeek, self::WithinADay, self::Past], true)
            && ($last === null || array_search($this, $order, true) > array_search($last, $order, true));
    }

    public function words(): string
    {
        return match ($this) {
            self::None => 'never expires',
            self::Far => 'is good',
            self::WithinAWeek => 'expires within a week: renew it on the charting platform',
            self::WithinADay => 'expires within a day: renew it on the charting platform now',
            self::Past => 'has expired: the charting platform sends nothing any more',
        };
    }
}
