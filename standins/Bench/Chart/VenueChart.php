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
use Wexon\Core\Practice\PricePath;

/** One instrument of a practice venue, as the bench draws it. */
final class VenueChart implements Chart
{
    private ?Instrument $details = null;

    private ?int $spread = null;

    private ?PricePath $path = null;

    public function __construct(
        private readonly string $venue,
        private readonly string $instrument,
        private readonly string $symbol,
        private readonly Market $market,
    ) {}

    public function symbol(): string
    {
        return $this->symbol;
    }

    public function key(): string
    {
        return "{$this->venue}:{$this->instrument}";
    }

    public function rate(): BigDecimal
    {
        return $this->market->rate($this->instrument, Clock::milliseconds());
    }

    public function goesOn(): bool
    {
        return true;
    }

    public function details(): Instrument
    {
        return $this->details ??= $this->market->instrument($this->instrument);
    }

    public function candles(Interval $interval): Candles
    {
        return new PathCandles($this->path ??= $this->market->path($this->instrument), $this->details(), $interval, crc32($this->instrument));
    }

    public function quote(float $price): Quote
    {
        return Depth::around($this->details(), $this->price($price), $this->spread(), '1', new DateTimeImmutable)->quote;
    }

    /** A venue's is always the same. */
    public function spread(): int
    {
        return $this->spread ??= $this->ticksBetween($this->market->depth($this->instrument, Clock::milliseconds())->quote);
    }

    private function ticksBetween(Quote $quote): int
    {
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
