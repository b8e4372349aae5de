<?php

declare(strict_types=1);

namespace Standin\Bench\Script;

use Brick\Math\BigDecimal;
use Standin\Bench\Chart\Interval;
use Standin\Bench\Trouble;
use Wexon\Core\Signal\OrderSide;
use Wexon\Core\Study\Candle;

/** A script on its way along a chart: candle by candle, and look by look where it has limits that rest. */
final class Run
{
    private float $last = 0.0;

    /** @param  BigDecimal  $slippage  By how much an order at the market is worse than the close. */
    public function __construct(
        private readonly Terms $terms,
        private readonly Interval $interval,
        private Script $script,
        private Book $book,
        private readonly BigDecimal $slippage,
    ) {}

    /** All that it remembers, for {@see takenUp}. */
    public function putDown(): string
    {
        return serialize([$this->script, $this->book, $this->last]);
    }

    /** Goes on from what another run has put down. */
    public function takenUp(string $state): self
    {
        $parts = unserialize($state);
        if (! is_array($parts) || ! ($parts[0] ?? null) instanceof Script || ! ($parts[1] ?? null) instanceof Book) {
            throw new Trouble('What the script had put down cannot be read. Stop it, and run it anew.');
        }
        [$this->script, $this->book] = $parts;
        $this->last = (float) ($parts[2] ?? 0.0);

        return $this;
    }

    public function book(): Book
    {
        return $this->book;
    }

    /** What all is worth at the last close. */
    public function money(): BigDecimal
    {
        return $this->book->money($this->terms->chart->price($this->last));
    }

    /** A candle of the past, before the script began: it only learns. */
    public function warmUp(Candle $candle): void
    {
        $this->last = $candle->close;
        $this->script->close($candle, new Book(BigDecimal::zero(), BigDecimal::one()), $this->terms);
    }

    /**
     * Goes on through a candle: look by look if there is anything that rests, and to its close.
     *
     * @param  int|null  $from  Goes on after this time; null from its begin,
     * @param  int|null  $to  and up to this one; null to its end.
     * @return list<Event>
     */
    public function candle(Candle $candle, ?int $from = null, ?int $to = null): array
    {
        $end = $candle->at + $this->interval->length();
        $from = max($from ?? $candle->at, $candle->at);
        $to ??= $end;
        $events = [];
        $looks = $this->book->resting() === [] ? [] : $this->terms->chart->candles($this->interval)->within($candle);
        foreach ($looks as $time => $price) {
            if ($time > $from && $time <= $to) {
                array_push($events, ...$this->look($time, $price));
            }
        }

        return $end > $from && $end <= $to ? [...$events, ...$this->close($candle)] : $events;
    }

    /** @return list<Event> */
    public function look(int $time, float $price): array
    {
        $this->last = $price;
        if ($this->book->resting() === []) {
            return [];
        }
        $quote = $this->terms->chart->quote($price);
        $events = [];
        foreach ($this->book->resting() as $order) {
            if ($order->limit !== null && $quote->reaches(OrderSide::from($order->side), $order->limit)) {
                $this->book->takeBack($order->label);
                $events[] = $this->filled($order, $time, $order->limit, 'filled');
                array_push($events, ...$this->done($this->script->filled($order, $this->book, $this->terms), $time));
            }
        }

        return $events;
    }

    /** @return list<Event> */
    public function close(Candle $candle): array
    {
        $this->last = $candle->close;

        return $this->done($this->script->close($candle, $this->book, $this->terms), $candle->at + $this->interval->length());
    }

    /**
     * @param  list<Wish>  $wishes
     * @return list<Event>
     */
    private function done(array $wishes, int $time): array
    {
        return array_map(fn (Wish $wish): Event => match (true) {
            $wish->cancels => $this->takenBack($wish, $time),
            $wish->limit !== null => $this->placed($wish, $time, $wish->limit),
            default => $this->filled($wish, $time, $this->terms->chart->price($this->last)->plus($wish->side === 'buy' ? $this->slippage : $this->slippage->negated()), 'order'),
        }, $wishes);
    }

    private function placed(Wish $wish, int $time, BigDecimal $limit): Event
    {
        $this->book->rest($wish);

        return $this->event($wish, $time, 'placed', $limit, $this->book->position());
    }

    private function takenBack(Wish $wish, int $time): Event
    {
        $this->book->takeBack($wish->label);

        return $this->event($wish, $time, 'taken_back', $this->terms->chart->price($this->last), $this->book->position());
    }

    private function filled(Wish $wish, int $time, BigDecimal $price, string $kind): Event
    {
        $before = $this->book->position();
        $this->book->fill($wish, $price);

        return $this->event($wish, $time, $kind, $price, $before);
    }

    private function event(Wish $wish, int $time, string $kind, BigDecimal $price, BigDecimal $before): Event
    {
        return new Event($time, $kind, $wish->side, $wish->size ?? BigDecimal::zero(), $price, $wish->label, $wish->comment, $before, $this->book->position(), $this->money());
    }
}
