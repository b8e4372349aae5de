<?php

declare(strict_types=1);

namespace Wexon\Core\Signal;

use Brick\Math\BigDecimal;

/** How far away a stop, a target or an order is, or its price. */
final readonly class Distance
{
    private const WRITTEN = '/^(@)?([+-]?\d{1,30}(?:\.\d{1,30})?)(%|away|ticks?|points?|x)?$/i';

    private function __construct(
        public DistanceKind $kind,
        /** Never zero. Below zero only where a price may lie on either side. */
        public BigDecimal $amount,
    ) {}

    public static function of(DistanceKind $kind, BigDecimal $amount): self
    {
        return new self($kind, $amount);
    }

    /**
     * "2%", "0.5away", "12ticks", "8points", "2x", "@38.46"; a number alone is a price, as it is behind an @.
     *
     * @return self|null Null when it is written in no such way.
     */
    public static function written(string $text): ?self
    {
        if (preg_match(self::WRITTEN, trim($text), $found) !== 1) {
            return null;
        }
        $mark = strtolower($found[3] ?? '');
        if ($found[1] === '@' && $mark !== '') {
            return null;
        }
        $kind = match ($mark) {
            '' => DistanceKind::At,
            'tick' => DistanceKind::Ticks,
            'point' => DistanceKind::Points,
            default => self::marked($mark),
        };

        return new self($kind, BigDecimal::of($found[2]));
    }

    private static function marked(string $mark): DistanceKind
    {
        foreach (DistanceKind::cases() as $kind) {
            if ($kind->mark() === $mark) {
                return $kind;
            }
        }

        return DistanceKind::At;
    }

    /** @return array<string, string> */
    public function toArray(): array
    {
        return [$this->kind->value => (string) $this->amount];
    }

    public function __toString(): string
    {
        return $this->kind === DistanceKind::At ? "@{$this->amount}" : $this->amount.$this->kind->mark();
    }
}
