<?php

declare(strict_types=1);

namespace Standin\Bench\Chart;

use Brick\Math\BigDecimal;
use DateTimeImmutable;
use Standin\Exchange\Clock;
use Standin\Exchange\Market;
use Wexon\Core\Instrument\Instrument;
use Wexon\Core\Market\Quote;
use Wexon\Core\Practice\Depth;

/** One instrument of a practice venue, as the bench draws it. */
final readonly class VenueChart implements Chart
{
    public function __construct(
        private string $venue,
        private string $instrument,
        private string $symbol,
        private Market $market,
    ) {}

    public function symbol(): string
    {
        return $this->symbol;
    }

    public function key(): string
    {
        return "{$this->venue}:{$this->instrument}";
    }

    public function details(): Instrument
    {
        return $this->market->instrument($this->instrument);
    }

    public function candles(Interval $interval): Candles
    {
        return new PathCandles($this->market->path($this->instrument), $this->details(), $interval, crc32($this->instrument));
    }

    public function quote(float $price): Quote
    {
        return Depth::around($this->details(), $this->price($price), $this->spread(), '1', new DateTimeImmutable)->quote;
    }

    /** A venue's is always the same. */
    public function spread(): int
    {
        $quote = $this->market->depth($this->instrument, Clock::milliseconds())->quote;

        return $quote->ask->minus($quote->bid)->dividedBy($this->details()->tick)->toInt();
    }

    public function price(float $price): BigDecimal
    {
        return BigDecimal::of(sprintf('%.'.$this->details()->tick->getScale().'F', $price));
    }

    public function toArray(): array
    {
        $instrument = $this->details();

        return [
            'key' => $this->key(),
            'venue' => $this->venue,
            'instrument' => $this->instrument,
            'symbol' => $this->symbol,
            'tick' => (string) $instrument->tick,
            'lot_step' => (string) $instrument->lotStep,
            'least_size' => (string) $instrument->leastSize,
            'kind' => $instrument->kind->value,
            'currency' => $instrument->currency,
            'interval' => null,
        ];
    }
}
