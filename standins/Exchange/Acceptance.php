<?php

declare(strict_types=1);

namespace Standin\Exchange;

use Brick\Math\BigDecimal;
use Wexon\Core\Order\OrderType;
use Wexon\Core\Signal\OrderSide;

/** What a venue looks at before it takes an order. */
final readonly class Acceptance
{
    public function __construct(private Exchange $exchange) {}

    /** @throws Problem If the order cannot be taken. */
    public function check(Books $books, OrderRequest $request, int $now): void
    {
        $instrument = $request->instrument;
        if (! $this->exchange->isOpen($instrument, $now)) {
            $opens = $instrument->hours?->opensAt(Clock::moment($now))?->format('D d M H:i T');
            throw Problem::of(422, 'closed', "{$instrument->name} is closed".($opens === null ? '.' : " until {$opens}."));
        }
        if ($request->quantity->isLessThan($instrument->leastSize)) {
            throw Problem::of(422, 'too_small', "The least order of {$instrument->name} is {$instrument->leastSize}.");
        }
        $quote = $this->exchange->quote($instrument->name, $now);
        if (Matching::reaches($request->side, $request->trigger, $quote)) {
            throw Problem::of(422, 'would_trigger', 'The trigger price is reached already.');
        }
        $price = $request->trigger ?? $request->price;
        if ($price !== null && $price->minus($quote->priceFor($request->side))->abs()->isLessThan($instrument->leastDistance)) {
            throw Problem::of(422, 'too_near', "A waiting price must be {$instrument->leastDistance} from the market at least.");
        }
        $this->refuseShort($books, $request);
        if ($request->type !== OrderType::Market && ! $request->reduceOnly && ! Reserved::of($books)->covers($request)) {
            throw Problem::of(422, 'not_enough_money', 'The account has not enough free money or units for this order beside those that are waiting.');
        }
    }

    /** @throws Problem If it would sell what is neither held nor lent. */
    private function refuseShort(Books $books, OrderRequest $request): void
    {
        $instrument = $request->instrument;
        if ($request->side !== OrderSide::Sell || $instrument->shortable || ! $instrument->kind->canBeShort()) {
            return;
        }
        $held = BigDecimal::max($books->holding($instrument->name, 'net')->position->quantity, 0);
        if ($request->quantity->isGreaterThan($held)) {
            throw Problem::of(422, 'not_lent', "No {$instrument->name} is to be had for selling short.");
        }
    }
}
