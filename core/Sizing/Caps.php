<?php

declare(strict_types=1);

namespace Wexon\Core\Sizing;

use Brick\Math\BigDecimal;

/**
 * A route's caps per order and per position.
 *
 * @phpstan-import-type CapSpec from Cap
 *
 * @phpstan-type CapsSpec array{order?: CapSpec|null, position?: CapSpec|null}
 */
final readonly class Caps
{
    private function __construct(private ?Cap $order, private ?Cap $position) {}

    /** @param  CapsSpec  $spec */
    public static function of(array $spec): self
    {
        return new self(isset($spec['order']) ? Cap::of($spec['order']) : null, isset($spec['position']) ? Cap::of($spec['position']) : null);
    }

    /**
     * What is left of a size, and the words that say so.
     *
     * @param  BigDecimal  $held  Units that the order adds to; zero for a first entry.
     *
     * @throws SizeRefusal If the position is at its cap already.
     */
    public function apply(RawSize $raw, SizingInput $input, BigDecimal $held): RawSize
    {
        $units = $raw->units;
        $working = $raw->working;
        if ($this->order !== null && $units->isGreaterThan($this->order->units($input))) {
            $units = $this->order->units($input);
            $working .= ", capped at {$this->order->words($input)} per order";
        }
        if ($this->position === null) {
            return RawSize::of($units, $working);
        }
        $room = $this->position->units($input)->minus($held);
        if (! $room->isPositive()) {
            throw new SizeRefusal("The position of {$held} {$input->instrument->kind->unit()} is at its cap of {$this->position->words($input)} already: nothing is added. Raise the cap in the route, or wait until a part is closed.");
        }

        return $units->isGreaterThan($room)
            ? RawSize::of($room, "{$working}, capped at {$this->position->words($input)} per position")
            : RawSize::of($units, $working);
    }

    /** Units of an order, held to its cap. */
    public function perOrder(BigDecimal $units, SizingInput $input): BigDecimal
    {
        return $this->order === null ? $units : BigDecimal::min($units, $this->order->units($input));
    }

    /** Whether a position may have so many units. */
    public function allows(BigDecimal $units, SizingInput $input): bool
    {
        return $this->position === null || $units->isLessThanOrEqualTo($this->position->units($input));
    }

    /** @return CapsSpec */
    public function toArray(): array
    {
        return ($this->order === null ? [] : ['order' => $this->order->toArray()]) + ($this->position === null ? [] : ['position' => $this->position->toArray()]);
    }
}
