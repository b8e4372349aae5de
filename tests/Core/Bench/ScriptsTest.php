<?php

declare(strict_types=1);

namespace Tests\Core\Bench;

use Brick\Math\BigDecimal;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Standin\Bench\Chart\Interval;
use Standin\Bench\Chart\VenueChart;
use Standin\Bench\Script\Book;
use Standin\Bench\Script\Event;
use Standin\Bench\Script\RoundTrips;
use Standin\Bench\Script\Run;
use Standin\Bench\Script\RunningScripts;
use Standin\Bench\Script\Scripts;
use Standin\Bench\Script\Terms;
use Standin\Bench\Script\Wish;
use Standin\Quarrystone\Market;
use Wexon\Core\Study\Candle;

/** The ready-made scripts, as stories of closes: what each orders, and what it then holds. */
final class ScriptsTest extends TestCase
{
    private const BAR = 60_000;

    /** @param  array<string, int|float>  $parameters */
    #[DataProvider('stories')]
    public function test_stories(string $script, array $parameters, string $closes, string $expected): void
    {
        $run = self::begun($script, $parameters);
        $said = [];
        foreach (explode(' ', $closes) as $i => $close) {
            // Put down and taken up again after each candle, as by a new process.
            $run = self::begun($script, $parameters)->takenUp($run->putDown());
            foreach ($run->candle(self::candle($i, (float) $close)) as $event) {
                $said[] = "{$i}: {$event->side} {$event->size}, {$event->comment}";
            }
        }

        self::assertSame($expected, implode('; ', $said));
    }

    /** @return iterable<string, array{string, array<string, int|float>, string, string}> */
    public static function stories(): iterable
    {
        yield 'average cross: from flat, then twice the size' => ['average_cross', ['fast' => 1, 'slow' => 2], '10 11 9 9 12', '1: buy 2, cross up; 2: sell 4, cross down; 4: buy 4, cross up'];
        yield 'oversold: in on the way up, out at the top, not again meanwhile' => ['oversold', ['length' => 2, 'low' => 30, 'high' => 65], '10 9 8 8.6 9.5 9.6', '3: buy 2, out of oversold; 4: sell 2, overbought'];
        yield 'trend flip: long only' => ['trend_flip', ['length' => 1, 'factor' => 1], '10 11 8 8 12', '0: buy 2, trend up; 2: sell 2, trend down; 4: buy 2, trend up'];
        yield 'midpoint cross' => ['midpoint_cross', ['fast' => 1, 'slow' => 3], '10 9 8 9 10 9 8', '3: buy 2, midpoints cross up; 5: sell 4, midpoints cross down'];
        yield 'midpoints: out when the close is back' => ['midpoint_cross', ['fast' => 2, 'slow' => 3], '10 9 8 10 11 9.4', '4: buy 2, midpoints cross up; 5: sell 2, back beyond the slow line'];
        yield 'band breakout' => ['band_breakout', ['length' => 3, 'factor' => 1], '10 10 13 12 11 8', '2: buy 2, above the band; 4: sell 2, back at the middle; 5: sell 2, below the band'];
        yield 'averaging: adds a step below that turn up, more each time, out over the average' => ['averaging', ['length' => 2, 'low' => 50, 'step' => 5, 'growth' => 2, 'adds' => 1, 'gain' => 1], '100 99 98 90 91 80 81 96', '2: buy 2, dip; 4: buy 4, add 1; 7: sell 6, gain over the average'];
        yield 'coin toss: by the time alone' => ['coin_toss', ['every' => 1, 'seed' => 1], '10 10 10 10', '0: buy 2, heads; 1: sell 4, tails; 2: buy 4, heads; 3: sell 2, on edge'];
    }

    public function test_a_grid_begins_with_a_burst_and_answers_each_fill_one_step_further(): void
    {
        $run = self::begun('grid', ['low' => 9, 'high' => 11, 'steps' => 4]);
        $burst = $run->close(self::candle(0, 10));
        self::assertSame(['placed buy 9.00', 'placed buy 9.50', 'placed sell 10.50', 'placed sell 11.00'], array_map(self::words(...), $burst));

        self::assertSame([], $run->look(1, 9.52), 'the ask is above');
        self::assertSame(['filled buy 9.50', 'placed sell 10.00'], array_map(self::words(...), $run->look(2, 9.49)));
        self::assertSame(['filled buy 9.00', 'placed sell 9.50'], array_map(self::words(...), $run->look(3, 8.5)), 'what was placed is not filled at the same look');
        self::assertSame('4.00', (string) $run->book()->position()->toScale(2));
        $up = array_map(self::words(...), $run->look(4, 10.6));
        self::assertSame(['filled sell 10.50', 'placed buy 10.00', 'filled sell 10.00', 'placed buy 9.50', 'filled sell 9.50', 'placed buy 9.00'], $up);
        self::assertSame('-2.00', (string) $run->book()->position()->toScale(2));
        self::assertSame(['step 0 buy', 'step 1 buy', 'step 2 buy', 'step 4 sell'], self::sorted(array_keys($run->book()->resting())));
    }

    public function test_what_an_order_costs_and_what_the_messages_say(): void
    {
        $run = RunningScripts::runOf(self::terms(), Interval::OneMinute, Scripts::definition('average_cross')->make(['fast' => 1, 'slow' => 2]), BigDecimal::of('0.1'), 5);
        $run->candle(self::candle(0, 10));
        [$enter] = $run->candle(self::candle(1, 11));
        [$flip] = $run->candle(self::candle(2, 9));

        // In at 11.05, out at 8.95: −2.10 × 2; fees of 0.1 % of 2 × 11.05 and of 4 × 8.95. Short 2 at 8.95, and the chart at 9.
        self::assertSame(['11.05', '8.95', '-4.35790'], [(string) $enter->price, (string) $flip->price, (string) $flip->money->toScale(5)]);
        self::assertSame(
            ['order_action' => 'sell', 'order_size' => '4', 'order_price' => '8.95', 'order_id' => 'cross down', 'position_before' => 'long', 'position_after' => 'short', 'position_size' => '2', 'comment' => 'cross down'],
            $flip->values(),
        );
        self::assertSame(3 * self::BAR, $flip->at, 'at the close of its candle');
    }

    public function test_a_book_of_lots(): void
    {
        $book = new Book(BigDecimal::of('0.0001'), BigDecimal::of(100_000));
        $book->fill(Wish::sell(BigDecimal::of('0.5'), ''), BigDecimal::of('0.9740'));
        $book->fill(Wish::buy(BigDecimal::of('0.2'), ''), BigDecimal::of('0.9730'));

        // 0.0010 of 20 000, and 0.0020 of 30 000; fees of 0.01 % of 48 700 and 19 460.
        self::assertSame(['-0.3', '0.974', '13.1840', '73.1840'], array_map(strval(...), [$book->position(), $book->average()->stripTrailingZeros(), $book->realised()->toScale(4), $book->money(BigDecimal::of('0.9720'))->toScale(4)]));
    }

    public function test_round_trips_and_their_sums(): void
    {
        $trips = new RoundTrips;
        $money = static fn (string $amount): BigDecimal => BigDecimal::of($amount);
        foreach ([['buy', 0, 2, '10', '-1'], ['sell', 2, -1, '12', '3'], ['buy', -1, 0, '13', '1'], ['buy', 0, 1, '9', '1'], ['sell', 1, 0, '9', '0.5']] as $i => [$side, $before, $after, $price, $made]) {
            $trips->add(new Event($i, 'order', $side, BigDecimal::of(abs($after - $before)), BigDecimal::of($price), '', '', BigDecimal::of($before), BigDecimal::of($after), $money($made)), $money($made));
            $trips->mark($money($made));
        }

        self::assertSame(['long 3.00', 'short -2.00', 'long -0.50'], array_map(static fn (array $trade): string => "{$trade['side']} {$trade['profit']}", $trips->trades()));
        self::assertSame(
            ['count' => 3, 'won' => 1, 'win_share' => '33.33', 'profit' => '0.50', 'average_win' => '3.00', 'average_loss' => '-1.25', 'profit_factor' => '1.20', 'largest_fall' => '2.50'],
            $trips->summary($money('0.5')),
        );
    }

    /** @param  array<string, int|float>  $parameters */
    private static function begun(string $script, array $parameters): Run
    {
        return RunningScripts::runOf(self::terms(), Interval::OneMinute, Scripts::definition($script)->make($parameters), BigDecimal::zero(), 0);
    }

    private static function candle(int $i, float $close): Candle
    {
        return new Candle($i * self::BAR, $close, $close + 0.5, $close - 0.5, $close, 1);
    }

    private static function terms(): Terms
    {
        return new Terms(new VenueChart('quarrystone', 'marl_perp', 'MARL/USD', new Market), BigDecimal::of(2));
    }

    private static function words(Event $event): string
    {
        return "{$event->kind} {$event->side} {$event->price}";
    }

    /**
     * @param  list<string>  $of
     * @return list<string>
     */
    private static function sorted(array $of): array
    {
        sort($of);

        return $of;
    }
}
