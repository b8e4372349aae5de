<?php

declare(strict_types=1);

namespace Wexon\Core\Sizing;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use Wexon\Core\Market\Allocation;

/** Turns a rule's units into a size that the venue will take, or refuses with the size that would have been enough. */
final class Sizer
{
    /**
     * @param  BigDecimal|null  $held  Units that the order adds to.
     * @param  bool  $reduces  Whether the order can only give money back.
     *
     * @throws SizeRefusal If the size is below the venue's least, or beyond the money that is there.
     */
    public static function size(SizeRule $rule, SizingInput $input, ?Caps $caps = null, ?BigDecimal $held = null, bool $reduces = false): Sized
    {
        $raw = $rule->units($input);
        $raw = $caps === null ? $raw : $caps->apply($raw, $input, $held ?? BigDecimal::zero());
        $units = $input->instrument->roundSizeDown($raw->units);
        self::refuseTooSmall($units, $raw, $input);
        if (! $reduces) {
            self::refuseTooDear($units, $input);
        }

        return Sized::of($units, $raw, $input);
    }

    private static function refuseTooSmall(BigDecimal $units, RawSize $raw, SizingInput $input): void
    {
        $instrument = $input->instrument;
        $least = $instrument->leastSizeAt($input->price);
        if ($units->isGreaterThanOrEqualTo($least)) {
            return;
        }
        $worth = $instrument->notional($least, $input->price);
        throw new SizeRefusal(sprintf(
            '%s = %s, in steps of %s that is %s: below the least order of %s, which is %s (%s %s) at %s.',
            $raw->working,
            self::shown($raw->units),
            $instrument->lotStep,
            $units,
            $instrument->name,
            $least,
            $worth->toScale(2, RoundingMode::UP),
            $instrument->currency,
            $input->price,
        ));
    }

    private static function refuseTooDear(BigDecimal $units, SizingInput $input): void
    {
        $perUnit = self::costPerUnit($input);
        $needed = $units->multipliedBy($perUnit);
        if ($needed->isLessThanOrEqualTo($input->spendable)) {
            return;
        }
        $possible = $input->instrument->roundSizeDown(BigDecimal::max($input->spendable, 0)->dividedBy($perUnit, SizeRule::SCALE, RoundingMode::DOWN));
        throw new SizeRefusal(sprintf(
            '%s %s need %s %s (leverage %s, fee included), but %s: at most %s %s.',
            $units,
            $unit = $input->instrument->kind->unit(),
            $needed->toScale(2, RoundingMode::UP),
            $input->balance->currency,
            $input->leverage,
            ($input->allocation ?? Allocation::none())->words($input->spendable, $input->balance->currency),
            $possible,
            $unit,
        ));
    }

    /** Money that one unit binds: its margin at this leverage, and the fee of the entry. */
    private static function costPerUnit(SizingInput $input): BigDecimal
    {
        $value = $input->unitValue();

        return $value->dividedBy($input->leverage, SizeRule::SCALE, RoundingMode::UP)->plus($value->multipliedBy($input->instrument->takerFee));
    }

    private static function shown(BigDecimal $number): string
    {
        return (string) $number->toScale(min($number->getScale(), 8), RoundingMode::DOWN)->stripTrailingZeros();
    }
}
