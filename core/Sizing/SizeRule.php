<?php

declare(strict_types=1);

namespace Wexon\Core\Sizing;

use Brick\Math\RoundingMode;

/**
 * One way of saying how much to trade. Each answers with units before any rounding to the lot step.
 *
 * @phpstan-import-type SizeSpec from SizeRules
 */
interface SizeRule
{
    /** Digits kept of units before they are rounded to the lot step. */
    public const SCALE = 18;

    /** Units are always rounded down: never more than asked. */
    public const ROUNDING = RoundingMode::DOWN;

    /**
     * @throws SizeRefusal If the rule cannot give a size from what it is given.
     */
    public function units(SizingInput $input): RawSize;

    /** @return SizeSpec */
    public function toArray(): array;
}
