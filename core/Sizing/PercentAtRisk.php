<?php

declare(strict_types=1);

namespace Wexon\Core\Sizing;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;

/** A position that loses a share of all the money when its stop is hit: percent of equity ÷ distance to the stop. */
final readonly class PercentAtRisk implements SizeRule
{
    /** Digits kept of money. */
    private const MONEY_SCALE = 8;

    public function __construct(private BigDecimal $percent) {}

    public function units(SizingInput $input): RawSize
    {
        $distance = $input->stopDistance() ?? throw new SizeRefusal('The size is a share of the money at risk, but there is no stop: set one in the route, or send “stop” in the message.');
        $money = $input->balance->equity->multipliedBy($this->percent)->dividedBy(100, self::MONEY_SCALE, RoundingMode::DOWN);
        $shown = $money->toScale(2, RoundingMode::DOWN);
        $currency = $input->balance->currency;

        return RawSize::of(
            $money->dividedBy($distance->multipliedBy($input->instrument->multiplier)->multipliedBy($input->rate), self::SCALE, self::ROUNDING),
            "{$this->percent} % of {$input->balance->equity->toScale(2, RoundingMode::DOWN)} {$currency} = {$shown} {$currency} at risk ÷ {$input->working($distance)} to the stop",
        );
    }

    public function toArray(): array
    {
        return ['rule' => 'percent_at_risk', 'amount' => (string) $this->percent];
    }
}
