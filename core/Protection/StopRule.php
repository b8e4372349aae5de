<?php

declare(strict_types=1);

namespace Wexon\Core\Protection;

use Brick\Math\BigDecimal;
use InvalidArgumentException;
use Wexon\Core\Expression\Expression;
use Wexon\Core\Expression\ExpressionTrouble;
use Wexon\Core\Instrument\Instrument;
use Wexon\Core\Order\OrderRefusal;
use Wexon\Core\Signal\Distance;
use Wexon\Core\Signal\DistanceKind;

/**
 * Where the first stop lies: a distance from what was paid, a price, or a sum over prices.
 *
 * @phpstan-type StopSpec array<string, string>
 */
final readonly class StopRule
{
    /** price: the message's, null when it gives none. */
    private const NAMES = ['average', 'price', 'tick'];

    private function __construct(private ?Distance $distance, private ?Expression $expression) {}

    /**
     * @param  StopSpec  $spec  {"percent": "2"}, or {"expression": "average - 30 * tick"}
     *
     * @throws InvalidArgumentException If it is neither.
     */
    public static function of(array $spec): self
    {
        return isset($spec['expression']) ? new self(null, Expression::of($spec['expression'], self::NAMES)) : self::at(Distances::of($spec));
    }

    /** @throws InvalidArgumentException If it is a multiple of itself. */
    public static function at(Distance $distance): self
    {
        return $distance->kind === DistanceKind::Risk ? throw new InvalidArgumentException('A stop cannot be a multiple of its own distance.') : new self($distance, null);
    }

    /**
     * To the tick, on whichever side of the price it comes out.
     *
     * @param  BigDecimal|null  $message  The price in the message.
     *
     * @throws OrderRefusal If it cannot be worked out.
     */
    public function price(Levels $levels, BigDecimal $average, Instrument $instrument, ?BigDecimal $message): BigDecimal
    {
        return $levels->toTick($this->raw($levels, $average, $instrument, $message));
    }

    /** @return StopSpec */
    public function toArray(): array
    {
        return $this->expression === null ? $this->distance?->toArray() ?? [] : ['expression' => $this->expression->written];
    }

    public function __toString(): string
    {
        return $this->expression->written ?? (string) $this->distance;
    }

    private function raw(Levels $levels, BigDecimal $average, Instrument $instrument, ?BigDecimal $message): BigDecimal
    {
        if ($this->distance !== null) {
            return $this->distance->kind === DistanceKind::At ? $this->distance->amount : $levels->gained($average, $levels->units($this->distance, $average, null)->negated());
        }
        try {
            $value = $this->expression?->value(['average' => $average, 'price' => $message, 'tick' => $instrument->tick]);
        } catch (ExpressionTrouble $trouble) {
            throw new OrderRefusal("The stop “{$this}” cannot be worked out: {$trouble->getMessage()}");
        }

        return $value instanceof BigDecimal ? $value : throw new OrderRefusal("The stop “{$this}” is to be a number, and here it is none.");
    }
}
