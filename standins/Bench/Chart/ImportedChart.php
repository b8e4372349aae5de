<?php

declare(strict_types=1);

namespace Standin\Bench\Chart;

use Brick\Math\BigDecimal;
use DateTimeImmutable;
use Wexon\Core\Instrument\Instrument;
use Wexon\Core\Market\Quote;

/** Candles that somebody brought along: of the past, so that nothing can fire on them, but anything can be tried. */
final readonly class ImportedChart implements Chart
{
    public function __construct(private int $id, private string $name, private Interval $interval, private Imports $imports, private int $digits) {}

    public function key(): string
    {
        return "import:{$this->id}";
    }

    public function symbol(): string
    {
        return $this->name;
    }

    public function rate(): BigDecimal
    {
        return BigDecimal::one();
    }

    public function goesOn(): bool
    {
        return false;
    }

    public function details(): Instrument
    {
        return Instrument::of([
            'name' => $this->name, 'kind' => 'spot', 'currency' => 'USD', 'tick' => (string) BigDecimal::ofUnscaledValue(1, $this->digits), 'lot_step' => '0.001',
            'least_size' => '0.001', 'least_notional' => '0', 'multiplier' => '1', 'taker_fee' => '0', 'largest_leverage' => '1',
        ]);
    }

    public function candles(Interval $interval): ImportedCandles
    {
        return new ImportedCandles($this->imports, $this->id, $this->interval);
    }

    public function price(float $price): BigDecimal
    {
        return BigDecimal::of(sprintf("%.{$this->digits}F", $price));
    }

    public function spread(): int
    {
        return 0;
    }

    public function quote(float $price): Quote
    {
        return Quote::of($this->price($price), $this->price($price), new DateTimeImmutable);
    }

    public function toArray(): array
    {
        $instrument = $this->details();

        return [
            'key' => $this->key(), 'venue' => 'imported', 'instrument' => $this->name, 'symbol' => $this->name, 'tick' => (string) $instrument->tick,
            'lot_step' => (string) $instrument->lotStep, 'least_size' => (string) $instrument->leastSize, 'kind' => 'spot', 'currency' => 'USD', 'interval' => $this->interval->value,
        ];
    }
}
