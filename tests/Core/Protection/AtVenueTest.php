<?php

declare(strict_types=1);

namespace Tests\Core\Protection;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Wexon\Core\Market\Abilities;
use Wexon\Core\Order\OrderType;
use Wexon\Core\Order\TimeInForce;

/** What looks after a long position of ten, bought at 40, at venues that can do more or less; worked out by hand. */
final class AtVenueTest extends TestCase
{
    /**
     * @param  array<string, mixed>  $rules
     * @param  list<string>  $happens  After the entry.
     * @param  list<string>  $usual  Where the venue takes stops and limits.
     * @param  list<string>|null  $able  Where it also keeps pairs and follows; null: the same.
     * @param  list<string>  $poor  Where it takes market orders alone.
     */
    #[DataProvider('positions')]
    public function test_the_orders_that_should_work(array $rules, array $happens, array $usual, ?array $able, array $poor = []): void
    {
        $story = new Story($rules);
        foreach (['buy 10 @40', ...$happens] as $step) {
            $story->then($step);
        }

        self::assertSame([$usual, $able ?? $usual, $poor], [
            $story->atVenue(Abilities::usual()),
            $story->atVenue(Abilities::usual()->keepingProtection()),
            $story->atVenue(Abilities::of([OrderType::Market], [TimeInForce::Ioc], false, false)),
        ]);
    }

    /** @return iterable<string, array{0: array<string, mixed>, 1: list<string>, 2: list<string>, 3: list<string>|null}> */
    public static function positions(): iterable
    {
        $stop = ['stop' => ['percent' => '2']];
        $target = static fn (string $share): array => ['targets' => [['at' => ['percent' => '5'], 'share' => $share]]];
        $trail = static fn (array $more = []): array => ['trailing' => ['distance' => ['price' => '0.505']] + $more];

        yield 'a stop and one target for all are a pair' => [
            $stop + $target('100'), [],
            ['sell 10 marl_perp at stop 39.20, reduce only', 'sell 10 marl_perp at limit 42.00, reduce only'],
            ['sell 10 marl_perp at stop 39.20, reduce only, one of two', 'sell 10 marl_perp at limit 42.00, reduce only, one of two'],
        ];
        yield 'a target for a part must not take the stop with it' => [
            $stop + $target('50'), [], ['sell 10 marl_perp at stop 39.20, reduce only', 'sell 5 marl_perp at limit 42.00, reduce only'], null,
        ];
        yield 'nor one that is a part after an add' => [
            $stop + $target('100') + ['on_add' => 'leave'], ['buy 2 @41', 'sell 2 @41'],
            ['sell 10 marl_perp at stop 39.20, reduce only', 'sell 10 marl_perp at limit 42.00, reduce only'],
            ['sell 10 marl_perp at stop 39.20, reduce only, one of two', 'sell 10 marl_perp at limit 42.00, reduce only, one of two'],
        ];
        yield 'a trail is followed there, its distance down to the tick: no further away than asked' => [
            $trail(), ['price 41'], ['sell 10 marl_perp at stop 40.50, reduce only'], ['sell 10 marl_perp at stop 40.50, following by 0.50, reduce only'],
        ];
        yield 'one in steps is not' => [$trail(['step' => ['price' => '0.25']]), ['price 41'], ['sell 10 marl_perp at stop 40.50, reduce only'], null];
        yield 'nor one that has not begun' => [$stop + $trail(['start' => ['price' => '2']]), ['price 41'], ['sell 10 marl_perp at stop 39.20, reduce only'], null];
        yield 'nor a stop that was moved by hand' => [$trail(), ['price 41', 'hand stop 40.8'], ['sell 10 marl_perp at stop 40.80, reduce only'], null];
        yield 'with both kinds a wider stop stays where it is' => [$trail() + ['keeping' => 'both'], ['price 41'], ['sell 10 marl_perp at stop 40.25, reduce only'], null];
        yield 'watched: nothing' => [$stop + $target('100') + ['keeping' => 'watched'], [], [], null];
    }
}
