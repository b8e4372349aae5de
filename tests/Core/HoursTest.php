<?php

declare(strict_types=1);

namespace Tests\Core;

use DateTimeImmutable;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Wexon\Core\Decision\Decide;
use Wexon\Core\Instrument\Hours;
use Wexon\Core\Reading\Line\LineReader;
use Wexon\Core\Route\RouteRules;

final class HoursTest extends TestCase
{
    private const STREET = ['zone' => 'Europe/London', 'week' => ['mon' => ['08:00', '16:30'], 'tue' => ['08:00', '16:30'], 'wed' => ['08:00', '16:30'], 'thu' => ['08:00', '16:30'], 'fri' => ['08:00', '16:30']]];

    private const MOOR = ['zone' => 'UTC', 'week' => ['sun' => ['21:00', '24:00'], 'mon' => ['00:00', '24:00'], 'tue' => ['00:00', '24:00'], 'wed' => ['00:00', '24:00'], 'thu' => ['00:00', '24:00'], 'fri' => ['00:00', '21:00']]];

    /**
     * @param  array<string, mixed>  $spec
     * @param  string|null  $closes  While it is open.
     * @param  string  $lastOpen  The same as the next opening while it is open.
     */
    #[DataProvider('moments')]
    public function test_when_it_opens_and_closes(array $spec, string $at, ?string $closes, ?string $opens, string $lastOpen): void
    {
        $hours = Hours::of($spec);
        $moment = new DateTimeImmutable($at);
        $shown = static fn (?DateTimeImmutable $time): ?string => $time?->setTimezone(new \DateTimeZone('UTC'))->format('D d M H:i');

        self::assertSame($opens === $lastOpen, $hours->isOpen($moment));
        self::assertSame($closes, $shown($hours->closesAt($moment)));
        self::assertSame($opens, $shown($hours->opensAt($moment)));
        self::assertSame($lastOpen, $shown($hours->lastOpen($moment)));
        self::assertEquals($hours, Hours::of($hours->toArray()));
    }

    /** @return iterable<string, array{array<string, mixed>, string, string|null, string|null, string}> */
    public static function moments(): iterable
    {
        $holiday = ['closings' => [['2026-12-25T00:00:00Z', '2026-12-26T00:00:00Z']]] + self::STREET;
        $halt = ['closings' => [['2026-03-02T10:00:00Z', '2026-03-02T11:00:00Z']]] + self::STREET;
        $always = ['zone' => 'UTC', 'week' => array_fill_keys(['mon', 'tue', 'wed', 'thu', 'fri', 'sat', 'sun'], ['00:00', '24:00'])];

        yield 'in the session, winter' => [self::STREET, '2026-03-02T14:30:00Z', 'Mon 02 Mar 16:30', 'Mon 02 Mar 14:30', 'Mon 02 Mar 14:30'];
        yield 'in the session, summer: an hour earlier in UTC' => [self::STREET, '2026-06-01T15:29:00Z', 'Mon 01 Jun 15:30', 'Mon 01 Jun 15:29', 'Mon 01 Jun 15:29'];
        yield 'the last moment is outside' => [self::STREET, '2026-06-01T15:30:00Z', null, 'Tue 02 Jun 07:00', 'Mon 01 Jun 15:30'];
        yield 'before the session' => [self::STREET, '2026-03-02T05:00:00Z', null, 'Mon 02 Mar 08:00', 'Fri 27 Feb 16:30'];
        yield 'over the week-end' => [self::STREET, '2026-03-07T12:00:00Z', null, 'Mon 09 Mar 08:00', 'Fri 06 Mar 16:30'];
        yield 'over the week-end in which clocks change' => [self::STREET, '2026-03-28T12:00:00Z', null, 'Mon 30 Mar 07:00', 'Fri 27 Mar 16:30'];
        yield 'on a holiday, with a week-end behind it' => [$holiday, '2026-12-25T10:00:00Z', null, 'Mon 28 Dec 08:00', 'Thu 24 Dec 16:30'];
        yield 'in a halt within the session' => [$halt, '2026-03-02T10:20:00Z', null, 'Mon 02 Mar 11:00', 'Mon 02 Mar 10:00'];
        yield 'in one of two halts that overlap' => [['closings' => [['2026-03-02T10:00:00Z', '2026-03-02T11:00:00Z'], ['2026-03-02T10:10:00Z', '2026-03-02T11:10:00Z']]] + self::STREET, '2026-03-02T10:20:00Z', null, 'Mon 02 Mar 11:10', 'Mon 02 Mar 10:00'];
        yield 'before an announced halt' => [$halt, '2026-03-02T09:20:00Z', 'Mon 02 Mar 10:00', 'Mon 02 Mar 09:20', 'Mon 02 Mar 09:20'];
        yield 'through the nights of a week' => [self::MOOR, '2026-03-03T23:59:00Z', 'Fri 06 Mar 21:00', 'Tue 03 Mar 23:59', 'Tue 03 Mar 23:59'];
        yield 'Saturday' => [self::MOOR, '2026-03-07T12:00:00Z', null, 'Sun 08 Mar 21:00', 'Fri 06 Mar 21:00'];
        yield 'never closed' => [$always, '2026-03-07T12:00:00Z', null, 'Sat 07 Mar 12:00', 'Sat 07 Mar 12:00'];
    }

    /** The world's moment is Monday, 2 March 2026, 14:30 UTC; this street opens at 15:00. */
    #[DataProvider('closedSignals')]
    public function test_what_a_route_does_while_the_venue_is_closed(string $whenClosed, string $position, string $message, string $expected): void
    {
        $hours = ['zone' => 'UTC', 'week' => ['mon' => ['15:00', '20:00']]];
        $rules = RouteRules::of(['when_closed' => $whenClosed] + Worlds::rules()->toArray());
        $decision = Decide::decide(LineReader::read($message), $rules, Worlds::snapshot($position, instrument: ['hours' => $hours]));

        self::assertSame($expected, $decision->tickets === [] ? $decision->summary() : implode('; ', array_map(strval(...), $decision->tickets)));
    }

    /** @return iterable<string, array{string, string, string, string}> */
    public static function closedSignals(): iterable
    {
        $closed = 'marl_perp is closed until Mon 02 Mar 15:00 UTC, and this route lets ';
        yield 'refuse an entry' => ['refuse', '0', 'enter long MARL/USD', "{$closed}nothing wait for the opening."];
        yield 'refuse an exit' => ['refuse', '3', 'exit MARL/USD', "{$closed}nothing wait for the opening."];
        yield 'exits wait: an entry does not' => ['queue_exits', '0', 'enter long MARL/USD', "{$closed}only exits wait for the opening."];
        yield 'exits wait' => ['queue_exits', '3', 'exit MARL/USD', 'sell 3 marl_perp at market, reduce only, after 1801 s'];
        yield 'a flip waits, both halves' => ['queue_exits', '3', 'flip short MARL/USD', 'sell 3 marl_perp at market, reduce only, after 1801 s; sell 2 marl_perp at market, after 1801 s'];
        yield 'all waits' => ['queue', '0', 'enter long MARL/USD', 'buy 2 marl_perp at market, after 1801 s'];
    }
}
