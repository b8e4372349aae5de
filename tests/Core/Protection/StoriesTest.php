<?php

declare(strict_types=1);

namespace Tests\Core\Protection;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Wexon\Core\Protection\Protection;

/**
 * Positions from their first fill to their end: what happens, and what is expected of it, worked out by hand.
 *
 * The fee is 0.0005 of each side, so that ten at 40 break even at 400.2 ÷ 9.995 = 40.0400 (long) and 399.8 ÷ 10.005 = 39.9600 (short).
 */
final class StoriesTest extends TestCase
{
    /**
     * @param  array<string, mixed>  $rules
     * @param  array<string, string>  $steps  What happens => "stop …; targets …; what is closed".
     */
    #[DataProvider('stories')]
    public function test_story(array $rules, array $steps): void
    {
        $story = new Story($rules);
        foreach ($steps as $happens => $expected) {
            self::assertSame($expected, $story->then((string) preg_replace('/^\d+: /', '', $happens)), $happens);
            self::assertEquals($story->protection, Protection::fromArray($story->protection->toArray()), 'it is stored and read back');
        }
    }

    /** @return iterable<string, array{array<string, mixed>, array<string, string>}> */
    public static function stories(): iterable
    {
        $stop = ['stop' => ['percent' => '2']];
        $two = ['targets' => [['at' => ['percent' => '2.5'], 'share' => '50'], ['at' => ['percent' => '5'], 'share' => '50']]];
        $trail = static fn (string $distance, ?string $start = null, ?string $step = null, ?string $move = null): array => ['trailing' => array_map(static fn (string $amount): array => ['price' => $amount], array_filter(['distance' => $distance, 'start' => $start, 'step' => $step, 'move' => $move]))];

        yield 'a stop is hit' => [$stop, ['buy 10 @40' => 'stop 39.20', 'price 39.21' => 'stop 39.20', 'price 39.20' => 'stop 39.20; close 10: stop', 'price 38' => 'stop 39.20', 'sell 10 @39.19' => 'flat']];
        yield 'a short\'s stop is hit' => [$stop, ['sell 10 @40' => 'stop 40.80', 'price 40.79' => 'stop 40.80', 'price 40.8' => 'stop 40.80; close 10: stop']];
        yield 'the price gaps through the stop' => [$stop, ['buy 10 @40' => 'stop 39.20', 'price 31' => 'stop 39.20; close 10: stop']];
        yield 'the venue holds the stop' => [$stop, ['buy 10 @40' => 'stop 39.20', 'price 39 stop at venue' => 'stop 39.20', 'sell 10 @39.18' => 'flat']];
        yield 'the venue lost the stop' => [$stop, ['buy 10 @40' => 'stop 39.20', 'price 39 stop at venue' => 'stop 39.20', 'price 39.1' => 'stop 39.20; close 10: stop']];
        yield 'a stop is rounded to the safe side, long' => [['stop' => ['percent' => '1.23']], ['buy 10 @40.01' => 'stop 39.52']];
        yield 'a stop is rounded to the safe side, short' => [['stop' => ['percent' => '1.23']], ['sell 10 @40.01' => 'stop 40.50']];
        yield 'a stop at a price' => [['stop' => ['at' => '38.5']], ['buy 10 @40' => 'stop 38.50', 'price 38.5' => 'stop 38.50; close 10: stop']];
        yield 'a stop at a price that the fill is beyond already' => [['stop' => ['at' => '38.5']], ['buy 10 @38.4' => 'stop 38.50', 'price 38.4' => 'stop 38.50; close 10: stop']];
        yield 'a stop in ticks' => [['stop' => ['ticks' => '35']], ['buy 10 @40' => 'stop 39.65']];
        yield 'a stop by a sum over prices' => [['stop' => ['expression' => 'average - 100 * tick']], ['buy 10 @40' => 'stop 39.00', 'buy 10 @38' => 'stop 38.00']];
        yield 'no stop, no exit' => [['targets' => $two['targets']], ['buy 10 @40' => '1: 5 at 41.00, 2: 5 at 42.00', 'price 5' => '1: 5 at 41.00, 2: 5 at 42.00']];
        yield 'an exit that does not go through is tried again' => [$stop, ['buy 10 @40' => 'stop 39.20', '1: price 39' => 'stop 39.20; close 10: stop', 'not closed' => 'stop 39.20', '2: price 39' => 'stop 39.20; close 10: stop']];

        yield 'targets one after the other' => [$two, ['buy 10 @40' => '1: 5 at 41.00, 2: 5 at 42.00', 'price 41' => '1: 5 at 41.00, 2: 5 at 42.00; close 5: target 1', 'price 41.5' => '1: 5 at 41.00, 2: 5 at 42.00', 'sell 5 @41 target 1' => '2: 5 at 42.00', 'price 42' => '2: 5 at 42.00; close 5: target 2', 'sell 5 @42 target 2' => 'flat']];
        yield 'two targets in one leap' => [$two, ['buy 10 @40' => '1: 5 at 41.00, 2: 5 at 42.00', '1: price 43' => '1: 5 at 41.00, 2: 5 at 42.00; close 5: target 1; close 5: target 2', 'sell 5 @43 target 1' => '2: 5 at 42.00', '2: price 43' => '2: 5 at 42.00', 'sell 5 @43 target 2' => 'flat']];
        yield 'a short\'s targets' => [$two, ['sell 10 @40' => '1: 5 at 39.00, 2: 5 at 38.00', 'price 38.99' => '1: 5 at 39.00, 2: 5 at 38.00; close 5: target 1']];
        yield 'a target rounds so that never less is got' => [['targets' => [['at' => ['percent' => '1.01'], 'share' => '100']]], ['buy 10 @40.03' => '1: 10 at 40.44']];
        yield 'the venue holds a target' => [$two, ['buy 10 @40' => '1: 5 at 41.00, 2: 5 at 42.00', 'price 42 targets 1 at venue' => '1: 5 at 41.00, 2: 5 at 42.00; close 5: target 2']];
        yield 'shares that do not divide: the last takes what is left' => [['targets' => [['at' => ['percent' => '1'], 'share' => '33'], ['at' => ['percent' => '2'], 'share' => '33'], ['at' => ['percent' => '3'], 'share' => '34']]], ['buy 0.1 @40' => '1: 0.03 at 40.40, 2: 0.03 at 40.80, 3: 0.04 at 41.20', 'sell 0.03 @40.4 target 1' => '2: 0.03 at 40.80, 3: 0.04 at 41.20']];
        yield 'a stated rest stays' => [['targets' => [['at' => ['percent' => '1'], 'share' => '40'], ['at' => ['percent' => '2'], 'share' => '40']]], ['buy 10 @40' => '1: 4 at 40.40, 2: 4 at 40.80', 'sell 4 @40.4 target 1' => '2: 4 at 40.80', 'sell 4 @40.8 target 2' => '']];
        yield 'a share below the least order is left out' => [['targets' => [['at' => ['percent' => '1'], 'share' => '1'], ['at' => ['percent' => '2'], 'share' => '99']]], ['buy 0.5 @40' => '2: 0.5 at 40.80', 'price 40.5' => '2: 0.5 at 40.80']];
        yield 'a target in multiples of the risk' => [$stop + ['targets' => [['at' => ['risk' => '1.5'], 'share' => '100']]], ['buy 10 @40' => 'stop 39.20; 1: 10 at 41.20']];
        yield 'a target is filled in parts' => [$two, ['buy 10 @40' => '1: 5 at 41.00, 2: 5 at 42.00', 'sell 2 @41 target 1' => '1: 3 at 41.00, 2: 5 at 42.00', 'sell 3 @41 target 1' => '2: 5 at 42.00']];
        yield 'a target\'s exit that does not go through is tried again' => [$two, ['buy 10 @40' => '1: 5 at 41.00, 2: 5 at 42.00', '1: price 41' => '1: 5 at 41.00, 2: 5 at 42.00; close 5: target 1', 'not closed target 1' => '1: 5 at 41.00, 2: 5 at 42.00', '2: price 41' => '1: 5 at 41.00, 2: 5 at 42.00; close 5: target 1']];
        yield 'a signal closes a part: targets shrink alike' => [$stop + $two, ['buy 10 @40' => 'stop 39.20; 1: 5 at 41.00, 2: 5 at 42.00', 'sell 4 @40.2' => 'stop 39.20; 1: 3 at 41.00, 2: 3 at 42.00', 'price 39' => 'stop 39.20; 1: 3 at 41.00, 2: 3 at 42.00; close 6: stop']];

        yield 'the entry is filled in parts' => [$stop + $two, ['buy 4 @40' => 'stop 39.20; 1: 2 at 41.00, 2: 2 at 42.00', 'buy 6 @40.5' => 'stop 39.50; 1: 5 at 41.31, 2: 5 at 42.32']];
        yield 'an add moves stop and targets' => [$stop + $two, ['buy 10 @40' => 'stop 39.20; 1: 5 at 41.00, 2: 5 at 42.00', 'buy 10 @38' => 'stop 38.22; 1: 10 at 39.98, 2: 10 at 40.95']];
        yield 'an add leaves stop and targets' => [$stop + $two + ['on_add' => 'leave'], ['buy 10 @40' => 'stop 39.20; 1: 5 at 41.00, 2: 5 at 42.00', 'buy 10 @38' => 'stop 39.20; 1: 10 at 41.00, 2: 10 at 42.00']];
        yield 'an add after a target is done does not bring it back' => [$two, ['buy 10 @40' => '1: 5 at 41.00, 2: 5 at 42.00', 'sell 5 @41 target 1' => '2: 5 at 42.00', 'buy 5 @42' => '2: 10 at 43.05']];
        yield 'a target of the risk follows the new stop' => [['stop' => ['at' => '38'], 'targets' => [['at' => ['risk' => '1'], 'share' => '100']]], ['buy 10 @40' => 'stop 38.00; 1: 10 at 42.00', 'buy 10 @39' => 'stop 38.00; 1: 20 at 41.00']];

        yield 'break-even after a target, fees included' => [$stop + $two + ['break_even' => ['after_target' => 1]], ['buy 10 @40' => 'stop 39.20; 1: 5 at 41.00, 2: 5 at 42.00', 'sell 2 @41 target 1' => 'stop 39.20; 1: 3 at 41.00, 2: 5 at 42.00', 'sell 3 @41 target 1' => 'stop 40.05; 2: 5 at 42.00', 'price 40.04' => 'stop 40.05; 2: 5 at 42.00; close 5: break-even']];
        yield 'break-even after a gain, short' => [$stop + ['break_even' => ['after_gain' => ['percent' => '1']]], ['sell 10 @40' => 'stop 40.80', 'price 39.61' => 'stop 40.80', 'price 39.6' => 'stop 39.96', 'price 39.7' => 'stop 39.96', 'price 39.96' => 'stop 39.96; close 10: break-even']];
        yield 'break-even does not loosen a trail' => [$trail('0.2') + ['break_even' => ['after_gain' => ['percent' => '1']]], ['buy 10 @40' => '', 'price 40.5' => 'stop 40.30', 'price 40.4' => 'stop 40.30']];

        yield 'a trail follows and never goes back' => [$stop + $trail('0.5'), ['buy 10 @40' => 'stop 39.20', 'price 40' => 'stop 39.50', 'price 40.7' => 'stop 40.20', 'price 40.3' => 'stop 40.20', 'price 41.13' => 'stop 40.63', 'price 40.6' => 'stop 40.63; close 10: trail']];
        yield 'a trail that starts later' => [$stop + $trail('0.5', '1'), ['buy 10 @40' => 'stop 39.20', 'price 40.99' => 'stop 39.20', 'price 41' => 'stop 40.50', 'price 40.6' => 'stop 40.50', 'price 40.5' => 'stop 40.50; close 10: trail']];
        yield 'a trail in steps: for every 0.5 gained, move 0.25' => [$trail('1', '1', '0.5', '0.25'), ['buy 10 @40' => '', 'price 41.2' => 'stop 40.00', 'price 41.5' => 'stop 40.25', 'price 42.4' => 'stop 40.50', 'price 42.5' => 'stop 40.75', 'price 40.74' => 'stop 40.75; close 10: trail']];
        yield 'a short\'s trail' => [$trail('0.5'), ['sell 10 @40' => '', 'price 39.9' => 'stop 40.40', 'price 39' => 'stop 39.50', 'price 39.49' => 'stop 39.50', 'price 39.5' => 'stop 39.50; close 10: trail']];
        yield 'an add during trailing leaves the trail' => [$stop + $trail('0.5'), ['buy 10 @40' => 'stop 39.20', 'price 41' => 'stop 40.50', 'buy 10 @40.9' => 'stop 40.50', 'price 41.2' => 'stop 40.70']];
        yield 'a trail moves a stop that the venue holds, and is hit in the same moment' => [$trail('0.5'), ['buy 10 @40' => '', 'price 41 stop at venue' => 'stop 40.50', 'price 40.4 stop at venue' => 'stop 40.50']];

        yield 'a floor of profit' => [['floor' => ['reached' => ['percent' => '2'], 'keep' => ['percent' => '1']]], ['buy 10 @40' => '', 'price 40.79' => '', 'price 40.8' => 'stop 40.40', 'price 45' => 'stop 40.40', 'price 40.4' => 'stop 40.40; close 10: floor']];
        yield 'a floor that rises by 0.5 for every 1 more' => [['floor' => ['reached' => ['price' => '2'], 'keep' => ['price' => '1'], 'each' => ['price' => '1'], 'by' => ['price' => '0.5']]], ['buy 10 @40' => '', 'price 42' => 'stop 41.00', 'price 42.99' => 'stop 41.00', 'price 43' => 'stop 41.50', 'price 45.1' => 'stop 42.50', '2: price 42' => 'stop 42.50; close 10: floor']];
        yield 'the tightest of trail and floor counts' => [['floor' => ['reached' => ['price' => '1'], 'keep' => ['price' => '0.9']]] + $trail('0.5'), ['buy 10 @40' => '', 'price 41' => 'stop 40.90', 'price 41.5' => 'stop 41.00', '2: price 41' => 'stop 41.00; close 10: trail']];

        yield 'out after a time' => [['times' => ['after' => 600]], ['buy 10 @40' => '', 'time 14:39:59' => '', 'time 14:40:00' => '; close 10: clock']];
        yield 'out at a time of the day, in a zone' => [['times' => ['at' => '16:00', 'zone' => 'Europe/Berlin']], ['buy 10 @40' => '', 'time 14:59:59' => '', 'time 15:00:00' => '; close 10: clock']];
        yield 'out at a time of the day that is over today' => [['times' => ['at' => '14:00']], ['buy 10 @40' => '', 'time 23:59:00' => '']];
        yield 'out before the venue closes, with targets open' => [$two + ['times' => ['before_close' => 300]], ['buy 10 @40' => '1: 5 at 41.00, 2: 5 at 42.00', 'time 19:54:59' => '1: 5 at 41.00, 2: 5 at 42.00', 'time 19:55:00' => '1: 5 at 41.00, 2: 5 at 42.00; close 10: clock']];
        yield 'clock and stop in one moment close once' => [$stop + ['times' => ['after' => 600]], ['buy 10 @40' => 'stop 39.20', 'time 15:00:00 39' => 'stop 39.20; close 10: clock']];

        yield 'a signal moves the stop, up or down' => [$stop, ['buy 10 @40' => 'stop 39.20', 'asked stop @39.8' => 'stop 39.80', 'asked stop @38' => 'stop 38.00', 'price 38' => 'stop 38.00; close 10: stop']];
        yield 'the stop is moved while it is being hit' => [$stop, ['buy 10 @40' => 'stop 39.20', '1: price 39.2' => 'stop 39.20; close 10: stop', 'asked stop @38' => 'stop 38.00', '2: price 38.5' => 'stop 38.00', 'sell 10 @39.1' => 'flat']];
        yield 'a signal sets other targets' => [$stop + $two, ['buy 10 @40' => 'stop 39.20; 1: 5 at 41.00, 2: 5 at 42.00', 'asked targets 1x:30 3%:70' => 'stop 39.20; 1: 3 at 40.80, 2: 7 at 41.20']];
        yield 'a signal starts to trail' => [$stop, ['buy 10 @40' => 'stop 39.20', 'asked trailing 1%' => 'stop 39.20', 'price 41' => 'stop 40.60']];
        yield 'the stop is moved by hand' => [$stop, ['buy 10 @40' => 'stop 39.20', 'hand stop 39.555' => 'stop 39.56', 'buy 10 @39' => 'stop 39.56', 'price 39.5' => 'stop 39.56; close 20: by hand']];
        yield 'the stop is taken away, and trailing with it' => [$stop + $trail('0.5') + $two, ['buy 10 @40' => 'stop 39.20; 1: 5 at 41.00, 2: 5 at 42.00', 'hand stop none' => '1: 5 at 41.00, 2: 5 at 42.00', 'price 20' => '1: 5 at 41.00, 2: 5 at 42.00']];
        yield 'let it run' => [$stop + $two, ['buy 10 @40' => 'stop 39.20; 1: 5 at 41.00, 2: 5 at 42.00', 'hand targets none' => 'stop 39.20', 'price 50' => 'stop 39.20']];
        yield 'a target by hand, of what is held' => [$stop + $two, ['buy 10 @40' => 'stop 39.20; 1: 5 at 41.00, 2: 5 at 42.00', 'sell 5 @41 target 1' => 'stop 39.20; 2: 5 at 42.00', 'hand targets 44 60' => 'stop 39.20; 1: 3 at 44.00', 'price 44' => 'stop 39.20; 1: 3 at 44.00; close 3: target 1']];
        yield 'stop and target in one bracket, the target first' => [$stop + $two, ['buy 10 @40' => 'stop 39.20; 1: 5 at 41.00, 2: 5 at 42.00', 'sell 5 @41 target 1' => 'stop 39.20; 2: 5 at 42.00', 'price 39.2' => 'stop 39.20; 2: 5 at 42.00; close 5: stop', 'sell 5 @39.2' => 'flat']];
    }
}
