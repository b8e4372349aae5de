<?php

declare(strict_types=1);

namespace Wexon\Core\Sizing;

use Brick\Math\BigDecimal;
use Wexon\Core\Instrument\InstrumentKind;
use Wexon\Core\Signal\SizeUnit;

/** The size that the message asks for, in the unit that it names. */
final readonly class FromMessage implements SizeRule
{
    public function units(SizingInput $input): RawSize
    {
        if ($input->asked === null) {
            throw new SizeRefusal('The route takes the size from the message, but the message has none: add “size”, or choose another size rule.');
        }
        $currency = $input->asked->currency;
        if ($currency !== null && $currency !== $input->balance->currency) {
            throw new SizeRefusal("The message asks for {$input->asked}, but the account's money is {$input->balance->currency}: send the size in {$input->balance->currency}, or in units.");
        }
        $rule = match ($input->asked->unit) {
            SizeUnit::Units => $this->ofUnits($input->asked->amount, $input),
            SizeUnit::Contracts => new FixedUnits($input->asked->amount),
            SizeUnit::Lots => $input->instrument->kind === InstrumentKind::Pair ? new FixedUnits($input->asked->amount) : throw new SizeRefusal("The message asks for {$input->asked}, but {$input->instrument->name} is traded in units here: send units, or choose “units” as the unit in the inlet's reading."),
            SizeUnit::Money => new FixedMoney($input->asked->amount),
            SizeUnit::Percent => new PercentOfEquity($input->asked->amount),
        };
        $size = $rule->units($input);

        return RawSize::of($size->units, "message: {$size->working}");
    }

    /** A pair is traded in lots: units are as many lots as they fill. */
    private function ofUnits(BigDecimal $units, SizingInput $input): SizeRule
    {
        return $input->instrument->kind === InstrumentKind::Pair
            ? new FixedUnits($units->dividedBy($input->instrument->multiplier, self::SCALE, self::ROUNDING)->stripTrailingZeros())
            : new FixedUnits($units);
    }

    public function toArray(): array
    {
        return ['rule' => 'from_message'];
    }
}
