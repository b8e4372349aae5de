<?php

declare(strict_types=1);

namespace Wexon\Core\Sizing;

use Brick\Math\BigDecimal;

/** Always a position of the same value, in the account's currency. */
final readonly class FixedMoney implements SizeRule
{
    public function __construct(private BigDecimal $money) {}

    public function units(SizingInput $input): RawSize
    {
        return RawSize::of(
            $this->money->dividedBy($input->unitValue(), self::SCALE, self::ROUNDING),
            "{$this->money} {$input->balance->currency} ÷ {$input->unitWorking()}",
        );
    }

    public function toArray(): array
    {
        return ['rule' => 'fixed_money', 'amount' => (string) $this->money];
    }
}
