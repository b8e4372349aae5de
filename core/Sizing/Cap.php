<?php

declare(strict_types=1);

namespace Wexon\Core\Sizing;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use InvalidArgumentException;

/**
 * The largest order or position that a route may make, whatever its size rule says.
 *
 * @phpstan-type CapSpec array{amount: string, unit: string}
 */
final readonly class Cap
{
    public const UNITS = ['units', 'money'];

    private function __construct(
        public BigDecimal $amount,
        /** units (lots, shares), or money: the value in the account's currency. */
        public string $unit,
    ) {}

    /**
     * @param  CapSpec  $spec
     *
     * @throws InvalidArgumentException If it is not above zero, or in another unit.
     */
    public static function of(array $spec): self
    {
        $amount = BigDecimal::of($spec['amount']);
        if (! $amount->isPositive() || ! in_array($spec['unit'], self::UNITS, true)) {
            throw new InvalidArgumentException("A cap is above zero, in units or money; found {$spec['amount']} {$spec['unit']}.");
        }

        return new self($amount, $spec['unit']);
    }

    /** The units that it allows at the price of an order. */
    public function units(SizingInput $input): BigDecimal
    {
        return $this->unit === 'units'
            ? $this->amount
            : $this->amount->dividedBy($input->unitValue(), SizeRule::SCALE, RoundingMode::DOWN);
    }

    /** "50 units", "2000 USD" */
    public function words(SizingInput $input): string
    {
        return "{$this->amount} ".($this->unit === 'units' ? $input->instrument->kind->unit() : $input->balance->currency);
    }

    /** @return CapSpec */
    public function toArray(): array
    {
        return ['amount' => (string) $this->amount, 'unit' => $this->unit];
    }
}
