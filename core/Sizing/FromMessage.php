<?php

declare(strict_types=1);

namespace Wexon\Core\Sizing;

use Wexon\Core\Signal\SizeUnit;

/** The size that the message asks for, in the unit that it names. */
final readonly class FromMessage implements SizeRule
{
    public function units(SizingInput $input): RawSize
    {
        if ($input->asked === null) {
            throw new SizeRefusal('The route takes the size from the message, but the message has none: add “size”, or choose another size rule.');
        }
        $rule = match ($input->asked->unit) {
            SizeUnit::Units => new FixedUnits($input->asked->amount),
            SizeUnit::Money => new FixedMoney($input->asked->amount),
            SizeUnit::Percent => new PercentOfEquity($input->asked->amount),
        };
        $size = $rule->units($input);

        return RawSize::of($size->units, "message: {$size->working}");
    }

    public function toArray(): array
    {
        return ['rule' => 'from_message'];
    }
}
