<?php

declare(strict_types=1);

namespace Tests\Core;

use Brick\Math\BigDecimal;
use DateTimeImmutable;
use InvalidArgumentException;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Wexon\Core\Decision\Decide;
use Wexon\Core\Decision\Decision;
use Wexon\Core\Decision\Ticket;
use Wexon\Core\Market\Quote;
use Wexon\Core\Order\Chase;
use Wexon\Core\Order\OrderRole;
use Wexon\Core\Order\OrderStyle;
use Wexon\Core\Order\OrderTerms;
use Wexon\Core\Order\Price\PriceInput;
use Wexon\Core\Order\Price\PriceRules;
use Wexon\Core\Order\WorkingOrder;
use Wexon\Core\Reading\Line\LineReader;
use Wexon\Core\Route\RouteRules;
use Wexon\Core\Signal\OrderSide;

/** Prices worked out by hand at bid 39.99, ask 40.01 and a tick of 0.01; positions of 3 were bought at 40. */
final class OrderStyleTest extends TestCase
{
    /** @param  array<string, mixed>|int  $style */
    #[DataProvider('styles')]
    public function test_the_price_of_an_order(string $message, string $held, string $which, array|int $style, string $expected): void
    {
        $decision = self::decide($message, [$which => $style], $held);

        self::assertSame($expected, $decision->tickets === [] ? $decision->summary() : implode('; ', array_map(strval(...), $decision->tickets)));
    }

    /** @return iterable<string, array{string, string, string, array<string, mixed>|int, string}> */
    public static function styles(): iterable
    {
        [$long, $short, $exit] = ['enter long MARL/USD', 'enter short MARL/USD', 'exit MARL/USD'];
        $limit = static fn (array $price, array $more = []): array => ['type' => 'limit', 'limit' => $price, ...$more];
        yield 'own side, long' => [$long, '0', 'entry', $limit(['at' => 'own_side']), 'buy 2 marl_perp at limit 39.99'];
        yield 'own side, short' => [$short, '0', 'entry', $limit(['at' => 'own_side']), 'sell 2 marl_perp at limit 40.01'];
        yield 'ticks better' => [$long, '0', 'entry', $limit(['at' => 'own_side', 'offset' => '4', 'unit' => 'ticks']), 'buy 2 marl_perp at limit 39.95'];
        yield 'ticks better, short' => [$short, '0', 'entry', $limit(['at' => 'own_side', 'offset' => '4', 'unit' => 'ticks']), 'sell 2 marl_perp at limit 40.05'];
        yield 'through the market' => [$long, '0', 'entry', $limit(['at' => 'other_side', 'offset' => '-0.1', 'unit' => 'percent']), 'buy 2 marl_perp at limit 40.05']; // 40.01 × 1.001 = 40.05001
        yield 'a sell is rounded up' => [$short, '0', 'entry', $limit(['at' => 'other_side', 'offset' => '-0.1', 'unit' => 'percent']), 'sell 2 marl_perp at limit 39.96']; // 39.99 × 0.999 = 39.95001
        yield 'the message\'s price' => ["{$long} price 39.876", '0', 'entry', $limit(['at' => 'message']), 'buy 2 marl_perp at limit 39.87'];
        yield 'a message without a price' => [$long, '0', 'entry', $limit(['at' => 'message']), 'The order is to be priced by the message, but the message gives no price: add “price” to the alert, or take the price from the quote.'];
        yield 'an expression' => ["{$long} price 40.5", '0', 'entry', $limit(['at' => 'expression', 'expression' => 'min(price, bid) - 2 * tick']), 'buy 2 marl_perp at limit 39.97'];
        yield 'an exit by its average' => [$exit, '3', 'exit', $limit(['at' => 'expression', 'expression' => 'average * 1.01']), 'sell 3 marl_perp at limit 40.40, reduce only'];
        yield 'waits for this moment only' => [$long, '0', 'entry', $limit(['at' => 'other_side'], ['time_in_force' => 'ioc']), 'buy 2 marl_perp at limit 40.01, IOC'];
        yield 'post only, for a while' => [$long, '0', 'entry', $limit(['at' => 'own_side'], ['post_only' => true, 'cancel_after' => 90]), 'buy 2 marl_perp at limit 39.99, post only, for 90 s'];
        yield 'goes after the market' => [$long, '0', 'entry', $limit(['at' => 'own_side'], ['chase' => ['times' => 3, 'every' => 5, 'then' => 'market']]), 'buy 2 marl_perp at limit 39.99, priced anew 3 times after 5 s each, then at market'];
        yield 'a price in the message stays there' => ["{$long} limit @38.5", '0', 'entry', $limit(['at' => 'own_side'], ['chase' => ['times' => 3, 'every' => 5, 'then' => 'market']]), 'buy 2 marl_perp at limit 38.50'];
        yield 'slices, the last takes the rest' => [$exit, '3.05', 'exit', ['type' => 'market', 'slices' => ['count' => 4, 'over' => 10]], 'sell 0.76 marl_perp at market, reduce only; sell 0.76 marl_perp at market, reduce only, after 3 s; sell 0.76 marl_perp at market, reduce only, after 6 s; sell 0.77 marl_perp at market, reduce only, after 10 s'];
        // 5 USD ÷ 40.01 = 0.125 → 0.13 at least; 2 ÷ 0.13 = 15.3
        yield 'slices that are too small' => [$long, '0', 'entry', ['type' => 'market', 'slices' => ['count' => 16, 'over' => 60]], '2.00 units in 16 slices are 0.12 each: below the least order of marl_perp, which is 0.13. At most 15 slices are possible.'];
        yield 'a pause between the halves of a flip' => ['flip short MARL/USD', '3', 'flip_pause', 30, 'sell 3 marl_perp at market, reduce only; sell 2 marl_perp at market, after 30 s'];
        yield 'stop' => ["{$long} price 40.1", '0', 'entry', ['type' => 'stop', 'trigger' => ['at' => 'message', 'offset' => '0.5', 'unit' => 'percent']], 'buy 2 marl_perp at stop 40.30']; // 40.1 × 1.005 = 40.3005
        yield 'stop-limit' => ["{$short} price 39.5", '0', 'entry', ['type' => 'stop_limit', 'trigger' => ['at' => 'message'], 'limit' => ['at' => 'message', 'offset' => '-5', 'unit' => 'ticks']], 'sell 2 marl_perp at stop 39.50, limit 39.45'];
        yield 'the message\'s own limit counts' => ["{$long} limit @38.5", '0', 'entry', $limit(['at' => 'own_side']), 'buy 2 marl_perp at limit 38.50'];
        yield 'a distance from the quote' => ["{$long} limit 1%", '0', 'entry', [], 'buy 2 marl_perp at limit 39.60']; // 40.01 × 0.99 = 39.6099
        yield 'a distance from the message\'s price' => ["{$short} price 41 limit 10ticks", '0', 'entry', [], 'sell 2 marl_perp at limit 41.10'];
        yield 'a trigger in the message' => ["{$long} trigger 0.5away", '0', 'entry', [], 'buy 2 marl_perp at stop 40.51'];
        yield 'points mean nothing here' => ["{$long} limit 8points", '0', 'entry', [], 'marl_perp is not priced in points: send ticks, percent or a price.'];
        yield 'a flip begins at market' => ['flip short MARL/USD', '3', 'exit', $limit(['at' => 'own_side']), 'sell 3 marl_perp at market, reduce only; sell 2 marl_perp at market'];
        yield 'a flatten is now' => ['flatten MARL/USD', '3', 'exit', $limit(['at' => 'own_side']), 'sell 3 marl_perp at market, reduce only'];
        yield 'too far from the message\'s price' => ["{$long} price 39.8", '0', 'entry', ['type' => 'market', 'slippage' => '0.5'], 'A buy would get 40.01; the message\'s price is 39.8. That is 0.53 % worse, and this route takes 0.5 % at most.'];
        yield 'near enough' => ["{$long} price 39.9", '0', 'entry', ['type' => 'market', 'slippage' => '0.5'], 'buy 2 marl_perp at market'];
        yield 'nothing below zero' => [$long, '0', 'entry', $limit(['at' => 'own_side', 'offset' => '4000']), 'The price of the order comes out at -0.01: it must be above zero.'];
    }

    /** @param  list<WorkingOrder>  $working */
    #[DataProvider('meetings')]
    public function test_signals_that_meet_working_orders(string $message, string $held, array $working, string $sides, string $expected): void
    {
        $decision = self::decide($message, ['sides' => $sides, 'entry' => ['type' => 'limit', 'limit' => ['at' => 'own_side']]], $held, $working);
        $cancels = array_map(static fn (WorkingOrder $order): string => "cancel {$order->clientId}", $decision->cancels);
        $tickets = array_map(static fn (Ticket $ticket): string => "{$ticket->side->value} {$ticket->quantity} {$ticket->terms}".($ticket->reduceOnly ? ' r' : ''), $decision->tickets);

        self::assertSame($expected, implode('; ', [...$cancels, ...$tickets]), $decision->summary());
    }

    /** @return iterable<string, array{string, string, list<WorkingOrder>, string, string}> */
    public static function meetings(): iterable
    {
        $entry = self::working('e', OrderRole::Entry, OrderSide::Buy, '39.50');
        $exit = self::working('x', OrderRole::Exit, OrderSide::Sell, '41.00');
        $seven = self::working('p7', OrderRole::Placed, OrderSide::Buy, '38.20', 'step 7');
        $eight = self::working('p8', OrderRole::Placed, OrderSide::Buy, '38.00', 'step 8');
        yield 'a second entry is no add' => ['enter long MARL/USD', '0', [$entry], 'both', ''];
        yield 'the other side replaces it' => ['enter short MARL/USD', '0', [$entry, $seven], 'both', 'cancel e; sell 2 at limit 40.01'];
        yield 'an exit before the entry is filled' => ['exit MARL/USD', '0', [$entry, $seven], 'both', 'cancel e'];
        yield 'a bare sell before the entry is filled' => ['sell MARL/USD', '0', [$entry], 'long', 'cancel e'];
        yield 'an exit of the other side' => ['exit short MARL/USD', '0', [$entry], 'both', ''];
        yield 'a flatten while flat' => ['flatten MARL/USD', '0', [$entry], 'both', 'cancel e'];
        yield 'an exit takes back what belongs to the position' => ['exit MARL/USD', '3', [$entry, $exit, $seven], 'both', 'cancel e; cancel x; sell 3 at market r'];
        yield 'a flatten takes back all' => ['flatten MARL/USD', '3', [$exit, $seven], 'both', 'cancel x; cancel p7; sell 3 at market r'];
        yield 'a part leaves the rest working' => ['exit MARL/USD share 50%', '3', [$exit], 'both', 'sell 1.5 at market r'];
        yield 'placed again at another price' => ['place long MARL/USD limit @38.10 label "STEP 7"', '0', [$seven, $eight], 'both', 'cancel p7; buy 2 at limit 38.10'];
        yield 'placed again as it is' => ['place long MARL/USD limit @38.20 label "step 7"', '0', [$seven], 'both', ''];
        yield 'a grid that goes long only sells what it has' => ['place short MARL/USD limit @40.50 label "step 9"', '3', [], 'long', 'sell 2 at limit 40.50 r'];
        yield 'and nothing when it has none' => ['place short MARL/USD limit @40.50 label "step 9"', '0', [], 'long', ''];
        yield 'cancel by label' => ['cancel MARL/USD label "step 8"', '0', [$seven, $eight], 'both', 'cancel p8'];
        yield 'cancel a label that is not there' => ['cancel MARL/USD label "step 9"', '0', [$seven, $eight], 'both', ''];
        yield 'cancel all' => ['cancel all MARL/USD', '0', [$entry, $seven, $eight], 'both', 'cancel e; cancel p7; cancel p8'];
        yield 'set takes back what would open more' => ['set long MARL/USD size 3', '3', [$entry], 'both', 'cancel e'];
    }

    public function test_settings_that_contradict_each_other_are_refused(): void
    {
        foreach ([
            'where its limit lies' => ['type' => 'limit'],
            'where its trigger lies' => ['type' => 'stop_limit', 'limit' => ['at' => 'message']],
            'cannot be one for this moment' => ['type' => 'limit', 'limit' => ['at' => 'own_side'], 'post_only' => true, 'time_in_force' => 'fok'],
            'Known are price, bid, ask, tick, average' => ['type' => 'limit', 'limit' => ['at' => 'expression', 'expression' => 'volume']],
            'priced by the quote' => ['type' => 'limit', 'limit' => ['at' => 'message'], 'chase' => ['times' => 3, 'every' => 5, 'then' => 'market']],
            '1 to 50 times' => ['type' => 'limit', 'limit' => ['at' => 'own_side'], 'chase' => ['times' => 51, 'every' => 5, 'then' => 'market']],
            'has to rest' => ['type' => 'limit', 'limit' => ['at' => 'own_side'], 'time_in_force' => 'ioc', 'chase' => ['times' => 5, 'every' => 5, 'then' => 'market']],
            '2 to 50 slices' => ['type' => 'market', 'slices' => ['count' => 1, 'over' => 5]],
            'no price rule “last”' => ['type' => 'limit', 'limit' => ['at' => 'last']],
        ] as $words => $style) {
            try {
                OrderStyle::of($style);
                self::fail($words);
            } catch (InvalidArgumentException $trouble) {
                self::assertStringContainsString($words, $trouble->getMessage());
            }
        }
    }

    /** Bid and ask rise from try to try; the last one ends as the route says. */
    public function test_an_order_goes_after_the_market(): void
    {
        $limit = PriceRules::of(['at' => 'own_side', 'offset' => '1', 'unit' => 'ticks']);
        foreach (['market' => 'at market', 'give_up' => 'nothing'] as $then => $end) {
            $terms = OrderTerms::of(BigDecimal::of('39.98'), null, postOnly: true, chase: Chase::of(['times' => 2, 'every' => 5, 'then' => $then], $limit));
            $said = [];
            foreach (['40.10', '40.25', '40.40'] as $bid) {
                $input = PriceInput::limit(OrderSide::Buy, Worlds::instrument(), Quote::of($bid, '41', new DateTimeImmutable('2026-03-02T14:30:00Z')), null, null);
                $next = $terms->chase?->next($terms, $input);
                $said[] = $next === null ? 'nothing' : "{$next}";
                $terms = $next ?? $terms;
            }
            self::assertStringStartsWith('at limit 40.09, post only, priced anew 1 times', $said[0]);
            self::assertStringStartsWith('at limit 40.24, post only, priced anew 0 times', $said[1]);
            self::assertSame($end, $said[2]);
        }
        self::assertEquals($terms, OrderTerms::fromArray($terms->toArray()));
    }

    public function test_rules_and_what_is_working_come_back_from_where_they_are_kept(): void
    {
        $style = ['type' => 'stop_limit', 'limit' => ['at' => 'own_side', 'offset' => '2', 'unit' => 'ticks'], 'trigger' => ['at' => 'message'], 'cancel_after' => 60];
        $order = self::working('p7', OrderRole::Placed, OrderSide::Buy, '38.20', 'step 7');

        self::assertSame($style, OrderStyle::of($style)->toArray());
        self::assertEquals($order, WorkingOrder::fromArray($order->toArray()));
    }

    private static function working(string $id, OrderRole $role, OrderSide $side, string $limit, ?string $label = null): WorkingOrder
    {
        return new WorkingOrder($id, $role, $label, $side, BigDecimal::of(2), BigDecimal::zero(), OrderTerms::of(BigDecimal::of($limit), null));
    }

    /**
     * @param  array<string, mixed>  $rules
     * @param  list<WorkingOrder>  $working
     */
    private static function decide(string $message, array $rules, string $held, array $working = []): Decision
    {
        $rules = array_filter($rules, static fn (mixed $rule): bool => $rule !== []);

        return Decide::decide(LineReader::read($message), RouteRules::of([
            'legs' => [['symbol' => 'MARL/USD', 'instrument' => 'marl_perp']],
            'sides' => 'both', 'opposite' => 'close_only', 'size' => ['rule' => 'fixed_units', 'amount' => '2'], ...$rules,
        ]), Worlds::snapshot($held, working: $working));
    }
}
