<?php

declare(strict_types=1);

namespace Wexon\Core\Sizing;

use Brick\Math\BigDecimal;

/** Another rule's size, times a factor. */
final readonly class Multiplied implements SizeRule
{
    private function __construct(private SizeRule $rule, public BigDecimal $factor) {}

    /** A factor of one changes nothing; two factors become one. */
    public static function of(SizeRule $rule, BigDecimal $factor): SizeRule
    {
        if ($rule instanceof self) {
            return self::of($rule->rule, $rule->factor->multipliedBy($factor)->stripTrailingZeros());
        }

        return $factor->isEqualTo(1) ? $rule : new self($rule, $factor);
    }

    public function units(SizingInput $input): RawSize
    {
        $raw = $this->rule->units($input);

        return RawSize::of($raw->units->multipliedBy($this->factor)->toScale(self::SCALE, self::ROUNDING), "{$raw->working} × {$this->factor}");
    }

    public function toArray(): array
    {
        return $this->rule->toArray() + ['multiplier' => (string) $this->factor];
    }
}
