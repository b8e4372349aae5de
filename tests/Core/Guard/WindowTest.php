<?php

declare(strict_types=1);

namespace Tests\Core\Guard;

use DateTimeImmutable;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Wexon\Core\Guard\Window;

final class WindowTest extends TestCase
{
    /** @param  list<string>  $days */
    #[DataProvider('moments')]
    public function test_window(string $zone, array $days, string $from, string $to, string $at, ?string $ends, ?string $opens): void
    {
        $window = Window::of(['zone' => $zone, 'days' => $days, 'from' => $from, 'to' => $to]);
        $moment = new DateTimeImmutable($at);
        $utc = static fn (?DateTimeImmutable $time): ?string => $time === null ? null : gmdate('D d H:i:s', $time->getTimestamp());

        self::assertSame([$ends, $opens], [$utc($window->endsAt($moment)), $utc($window->opensAt($moment))]);
        self::assertSame($ends !== null, $window->isOpen($moment));
    }

    /** @return iterable<string, array{string, list<string>, string, string, string, string|null, string|null}> */
    public static function moments(): iterable
    {
        $all = ['mon', 'tue', 'wed', 'thu', 'fri', 'sat', 'sun'];
        $week = ['mon', 'tue', 'wed', 'thu', 'fri'];
        yield 'before it begins' => ['UTC', $week, '09:00', '17:30', '2026-03-02T08:59:59Z', null, 'Mon 02 09:00:00'];
        yield 'its first second' => ['UTC', $week, '09:00', '17:30', '2026-03-02T09:00:00Z', 'Mon 02 17:30:00', 'Tue 03 09:00:00'];
        yield 'its last second' => ['UTC', $week, '09:00', '17:30', '2026-03-02T17:29:59Z', 'Mon 02 17:30:00', 'Tue 03 09:00:00'];
        yield 'its end' => ['UTC', $week, '09:00', '17:30', '2026-03-02T17:30:00Z', null, 'Tue 03 09:00:00'];
        yield 'over the weekend' => ['UTC', $week, '09:00', '17:30', '2026-03-06T20:00:00Z', null, 'Mon 09 09:00:00'];
        yield 'over midnight, before it' => ['UTC', ['mon'], '22:00', '02:00', '2026-03-02T23:00:00Z', 'Tue 03 02:00:00', 'Mon 09 22:00:00'];
        yield 'over midnight, after it: it belongs to Monday' => ['UTC', ['mon'], '22:00', '02:00', '2026-03-03T01:59:59Z', 'Tue 03 02:00:00', 'Mon 09 22:00:00'];
        yield 'over midnight, Tuesday has none' => ['UTC', ['mon'], '22:00', '02:00', '2026-03-03T23:00:00Z', null, 'Mon 09 22:00:00'];
        yield 'the whole day' => ['UTC', ['mon'], '00:00', '00:00', '2026-03-02T23:59:59Z', 'Tue 03 00:00:00', 'Mon 09 00:00:00'];
        yield 'a zone ahead' => ['Asia/Singapore', ['tue'], '09:00', '17:00', '2026-03-03T01:00:00Z', 'Tue 03 09:00:00', 'Tue 10 01:00:00'];
        // On 29 March 2026 clocks in Oslo go from 02:00 to 03:00, on 25 October from 03:00 back to 02:00.
        yield 'the day before the clocks go on' => ['Europe/Oslo', $all, '09:00', '17:00', '2026-03-28T08:00:00Z', 'Sat 28 16:00:00', 'Sun 29 07:00:00'];
        yield 'the day after: an hour earlier in UTC' => ['Europe/Oslo', $all, '09:00', '17:00', '2026-03-30T07:00:00Z', 'Mon 30 15:00:00', 'Tue 31 07:00:00'];
        yield 'a window that begins in the hour that is left out' => ['Europe/Oslo', ['sun'], '02:30', '05:00', '2026-03-29T01:29:59Z', null, 'Sun 29 01:30:00'];
        yield 'the night in which an hour comes twice is an hour longer' => ['Europe/Oslo', ['sat'], '22:00', '04:00', '2026-10-25T02:59:59Z', 'Sun 25 03:00:00', 'Sat 31 21:00:00'];
        yield 'the leap day' => ['UTC', ['tue'], '09:00', '17:00', '2028-02-29T10:00:00Z', 'Tue 29 17:00:00', 'Tue 07 09:00:00'];
        yield 'into the leap day' => ['UTC', ['mon'], '22:00', '02:00', '2028-02-29T01:00:00Z', 'Tue 29 02:00:00', 'Mon 06 22:00:00'];
    }
}
