<?php

declare(strict_types=1);

namespace Wexon\Core\Sizing;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;

/** A share of the money that is set aside for the route, whether it is in use or not. */
final readonly class PercentOfAllocation implements SizeRule
{
    public function __construct(private BigDecimal $percent) {}

    public function units(SizingInput $input): RawSize
    {
        $setAside = $input->allocation->setAside ?? throw new SizeRefusal('The size is a share of what is set aside for this route, but nothing is set aside for it on this account: set it in the route, or choose another size rule.');
        $money = $setAside->multipliedBy($this->percent)->dividedBy(100, 2, RoundingMode::DOWN);
        $setAside = $setAside->toScale(2, RoundingMode::DOWN);

        return RawSize::of(
            $money->dividedBy($input->unitValue(), self::SCALE, self::ROUNDING),
            "{$this->percent} % of the {$setAside} {$input->balance->currency} set aside = {$money} {$input->balance->currency} ÷ {$input->unitWorking()}",
        );
    }

    public function toArray(): array
    {
        return ['rule' => 'percent_of_allocation', 'amount' => (string) $this->percent];
    }
}
