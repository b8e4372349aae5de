<?php

declare(strict_types=1);

namespace Wexon\Core\Route;

use Brick\Math\BigDecimal;
use InvalidArgumentException;

/**
 * The leverage that a route wants at the venue before its orders.
 *
 * @phpstan-type LeverageSpec array{times: string, margin: string}
 */
final readonly class Leverage
{
    private function __construct(
        /** A whole number from 1 up, as venues take it. */
        public BigDecimal $times,
        public MarginKind $margin,
    ) {}

    /**
     * @param  LeverageSpec  $spec
     *
     * @throws InvalidArgumentException If it is below 1 or no whole number.
     */
    public static function of(array $spec): self
    {
        $times = BigDecimal::of($spec['times']);
        if ($times->isLessThan(1) || $times->hasNonZeroFractionalPart()) {
            throw new InvalidArgumentException("Leverage is a whole number from 1 up; found {$times}.");
        }

        return new self($times, MarginKind::from($spec['margin']));
    }

    public function isSetAs(BigDecimal $times, ?MarginKind $margin): bool
    {
        return $this->times->isEqualTo($times) && ($margin === null || $margin === $this->margin);
    }

    /** @return LeverageSpec */
    public function toArray(): array
    {
        return ['times' => (string) $this->times, 'margin' => $this->margin->value];
    }

    /** "5 times, isolated" */
    public function __toString(): string
    {
        return "{$this->times} times, {$this->margin->value}";
    }
}
