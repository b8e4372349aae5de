<?php

declare(strict_types=1);

namespace Wexon\Core\Sizing;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;

/** A position whose value is a share of all the money in the account. */
final readonly class PercentOfEquity implements SizeRule
{
    /** Digits kept of money. */
    private const MONEY_SCALE = 8;

    public function __construct(private BigDecimal $percent) {}

    public function units(SizingInput $input): RawSize
    {
        $money = $input->balance->equity->multipliedBy($this->percent)->dividedBy(100, self::MONEY_SCALE, RoundingMode::DOWN);
        $units = (new FixedMoney($money))->units($input)->units;
        $currency = $input->balance->currency;
        $equity = $input->balance->equity->toScale(2, RoundingMode::DOWN);

        return RawSize::of($units, "{$this->percent} % of {$equity} {$currency} = {$money->toScale(2, RoundingMode::DOWN)} {$currency} ÷ {$input->unitWorking()}");
    }

    public function toArray(): array
    {
        return ['rule' => 'percent_of_equity', 'amount' => (string) $this->percent];
    }
}
