<?php

declare(strict_types=1);

namespace Wexon\Core\Sizing;

use Brick\Math\BigDecimal;

/** Always the same number of units. */
final readonly class FixedUnits implements SizeRule
{
    public function __construct(private BigDecimal $units) {}

    public function units(SizingInput $input): RawSize
    {
        return RawSize::of($this->units, "{$this->units} {$input->instrument->kind->unit()}");
    }

    public function toArray(): array
    {
        return ['rule' => 'fixed_units', 'amount' => (string) $this->units];
    }
}
