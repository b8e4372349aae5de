<?php

declare(strict_types=1);

namespace Tests\Core;

use Brick\Math\BigDecimal;
use DateTimeImmutable;
use PHPUnit\Framework\TestCase;
use Wexon\Core\Trade\ClosedTrade;
use Wexon\Core\Trade\Tally;

final class TallyTest extends TestCase
{
    /** 10, −4, −3, 6, 0, −8: peaks at 10, falls to 3 (7), back to 9, falls to 1 (9). */
    public function test_figures_of_a_few_trades(): void
    {
        $trades = array_map(static fn (string $profit): ClosedTrade => new ClosedTrade(BigDecimal::of($profit), new DateTimeImmutable('2026-03-02T10:00:00Z'), $profit === '0' ? null : BigDecimal::of('4')), ['10', '-4', '-3', '6', '0', '-8']);

        self::assertSame([
            'count' => 6, 'won' => 2, 'win_share' => '33.3', 'profit' => '1.00', 'average_win' => '8.00', 'average_loss' => '-3.75',
            'profit_factor' => '1.07', 'largest_fall' => '9.00', 'multiple' => '0.25',
        ], Tally::of($trades)->toArray());
    }

    public function test_figures_of_none_and_of_wins_alone(): void
    {
        self::assertSame(['count' => 0, 'won' => 0, 'win_share' => null, 'profit' => '0.00', 'average_win' => null, 'average_loss' => null, 'profit_factor' => null, 'largest_fall' => '0.00', 'multiple' => null], Tally::of([])->toArray());
        self::assertNull(Tally::of([new ClosedTrade(BigDecimal::of('3'), new DateTimeImmutable)])->toArray()['profit_factor']);
    }
}
