<?php

declare(strict_types=1);

namespace Wexon\Core\Sizing;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;

/** A position whose value is a share of the money that is free now. */
final readonly class PercentOfFree implements SizeRule
{
    /** Digits kept of money. */
    private const MONEY_SCALE = 8;

    public function __construct(private BigDecimal $percent) {}

    public function units(SizingInput $input): RawSize
    {
        $money = BigDecimal::max($input->spendable, 0)->multipliedBy($this->percent)->dividedBy(100, self::MONEY_SCALE, RoundingMode::DOWN);
        $currency = $input->balance->currency;
        $free = $input->spendable->toScale(2, RoundingMode::DOWN);

        return RawSize::of((new FixedMoney($money))->units($input)->units, "{$this->percent} % of {$free} {$currency} free = {$money->toScale(2, RoundingMode::DOWN)} {$currency} ÷ {$input->unitWorking()}");
    }

    public function toArray(): array
    {
        return ['rule' => 'percent_of_free', 'amount' => (string) $this->percent];
    }
}
