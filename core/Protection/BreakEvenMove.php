<?php

declare(strict_types=1);

namespace Wexon\Core\Protection;

use InvalidArgumentException;
use Wexon\Core\Signal\Distance;

/**
 * When the stop is moved to where nothing is lost, fees of both sides included.
 *
 * @phpstan-import-type DistanceSpec from Distances
 *
 * @phpstan-type BreakEvenSpec array{after_target?: int|null, after_gain?: DistanceSpec|null}
 */
final readonly class BreakEvenMove
{
    private function __construct(
        /** The number of a target, from 1 up. */
        public ?int $afterTarget,
        public ?Distance $afterGain,
    ) {}

    /**
     * @param  BreakEvenSpec  $spec
     *
     * @throws InvalidArgumentException If neither is said.
     */
    public static function of(array $spec): self
    {
        $move = new self($spec['after_target'] ?? null, Distances::orNull($spec['after_gain'] ?? null));

        return $move->afterTarget === null && $move->afterGain === null ? throw new InvalidArgumentException('A move to break-even comes after a target, or after a gain: say which.') : $move;
    }

    /** @return BreakEvenSpec */
    public function toArray(): array
    {
        return ($this->afterTarget === null ? [] : ['after_target' => $this->afterTarget]) + ($this->afterGain === null ? [] : ['after_gain' => $this->afterGain->toArray()]);
    }

    public function __toString(): string
    {
        return implode(' or ', array_filter([$this->afterTarget === null ? '' : "after target {$this->afterTarget}", $this->afterGain === null ? '' : "after {$this->afterGain}"], static fn (string $words): bool => $words !== ''));
    }
}
