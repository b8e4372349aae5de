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
        $money = $input->balance->equity->multipliedBy($this->percent)->dividedBy(100, self::MONEY_SCALE, RoundingMode::DOWN)->stripTrailingZeros();
        $size = (new FixedMoney($money))->units($input);

        return RawSize::of($size->units, "{$this->percent} % of {$input->balance->equity} {$input->balance->currency} = {$size->working}");
    }

    public function toArray(): array
    {
        return ['rule' => 'percent_of_equity', 'amount' => (string) $this->percent];
    }
}
