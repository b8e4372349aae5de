<?php

declare(strict_types=1);

namespace Wexon\Core\Plan;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use Wexon\Core\Decision\Snapshot;
use Wexon\Core\Decision\Ticket;
use Wexon\Core\Order\OrderRefusal;
use Wexon\Core\Order\OrderRole;
use Wexon\Core\Order\OrderStyle;
use Wexon\Core\Order\OrderTerms;
use Wexon\Core\Order\OrderType;
use Wexon\Core\Order\Price\PriceInput;
use Wexon\Core\Order\Price\SignalPrice;
use Wexon\Core\Order\WorkingOrder;
use Wexon\Core\Protection\Foreseen;
use Wexon\Core\Route\RouteRules;
use Wexon\Core\Signal\AskedSize;
use Wexon\Core\Signal\OrderSide;
use Wexon\Core\Signal\Side;
use Wexon\Core\Signal\Signal;
use Wexon\Core\Sizing\SizingInput;

/** What a plan may look at. */
final readonly class PlanInput
{
    public function __construct(
        public Signal $signal,
        /** The side that is opened, added to or closed. */
        public Side $side,
        public RouteRules $rules,
        public Snapshot $snapshot,
    ) {}

    /** Units held, whatever the side. */
    public function held(): BigDecimal
    {
        return $this->snapshot->position->quantity->abs();
    }

    /**
     * The price side of an order: what the message says, or else the route's style.
     *
     * @throws OrderRefusal If there is no price to be had, or the venue takes no such orders.
     */
    public function terms(OrderStyle $style, OrderSide $side): OrderTerms
    {
        $terms = $this->priced($style, $side);
        Acceptable::refuseOthers($terms, $side, $this->snapshot);

        return $terms;
    }

    private function priced(OrderStyle $style, OrderSide $side): OrderTerms
    {
        $isStyled = $this->signal->limit === null && $this->signal->trigger === null;
        if ($isStyled && $style->type === OrderType::Market) {
            return OrderTerms::market();
        }
        $limit = $this->limitAt($side);
        $trigger = PriceInput::trigger($side, $this->snapshot->instrument, $this->snapshot->quote, $this->signal->price, $this->snapshot->position->average());

        return $isStyled ? $style->terms($limit, $trigger) : $style->termsAt(SignalPrice::of($this->signal->limit, $limit), SignalPrice::of($this->signal->trigger, $trigger));
    }

    /** What a limit of an order can depend on. */
    public function limitAt(OrderSide $side): PriceInput
    {
        return PriceInput::limit($side, $this->snapshot->instrument, $this->snapshot->quote, $this->signal->price, $this->snapshot->position->average());
    }

    /**
     * What a size can depend on.
     *
     * @param  bool  $closesFirst  Whether the position gives its money back before.
     * @param  AskedSize|null  $asked  What the message asks for, if that is not the size of its order.
     */
    public function sizing(OrderSide $side, bool $closesFirst, ?OrderTerms $terms = null, ?AskedSize $asked = null): SizingInput
    {
        $position = $this->snapshot->position;
        $released = $closesFirst && ! $position->isFlat() ? $position->cost->abs()->multipliedBy($this->snapshot->quote->rate)->dividedBy($this->snapshot->leverage, 8, RoundingMode::DOWN) : BigDecimal::zero();
        $allocation = $this->snapshot->allocation;
        $free = $this->snapshot->balance->free;
        $market = $this->snapshot->quote->priceFor($side);

        $price = $terms?->reservedAt($market) ?? $market;

        return new SizingInput(
            $this->snapshot->instrument,
            $price,
            $this->snapshot->balance,
            ($allocation === null ? $free : $allocation->left($free))->plus($released),
            $this->rules->leverage->times ?? $this->snapshot->leverage,
            $asked ?? $this->signal->size,
            $allocation,
            $this->snapshot->quote->rate,
            fn (): ?BigDecimal => $this->foreseen($side->position(), $price, BigDecimal::zero())?->risk,
        );
    }

    /**
     * The protection of a position that is opened at a price.
     *
     * @throws OrderRefusal If the stop or a target would lie on the wrong side of it.
     */
    public function foreseen(Side $side, BigDecimal $price, BigDecimal $units): ?Foreseen
    {
        return Foreseen::of($this->rules->protection, $this->signal, $side, $this->snapshot->instrument, $price, $units, $this->snapshot->now);
    }

    /**
     * The orders for a size: one, or its slices.
     *
     * @return list<Ticket>
     *
     * @throws OrderRefusal If a slice is too small.
     */
    public function orders(OrderRole $role, OrderStyle $style, OrderSide $side, BigDecimal $units, OrderTerms $terms, ?string $label = null): array
    {
        $instrument = $this->snapshot->instrument;
        $slices = $style->slices?->cut($units, $instrument, $terms->reservedAt($this->snapshot->quote->priceFor($side))) ?? [['units' => $units, 'after' => 0]];
        $tickets = [];
        foreach ($slices as $i => $slice) {
            $tickets[] = Ticket::of($role, $instrument->name, $side, $slice['units'], $terms, label: $label)->later($slice['after'])->numbered($i + 1);
        }

        return $tickets;
    }

    /** @return list<WorkingOrder> The route's working entries and adds. */
    public function opening(): array
    {
        return $this->workingWhere(static fn (WorkingOrder $order): bool => $order->role->opens());
    }

    /**
     * @param  callable(WorkingOrder): bool  $wanted
     * @return list<WorkingOrder>
     */
    public function workingWhere(callable $wanted): array
    {
        return array_values(array_filter($this->snapshot->working, $wanted));
    }
}
