<?php

declare(strict_types=1);

namespace Wexon\Core\Protection;

use Brick\Math\BigDecimal;
use InvalidArgumentException;

/**
 * A stop, a target and a floor over everything that a route holds on an account, in the account's money: when one is
 * reached, all of it is closed.
 *
 * @phpstan-type WholeSpec array{stop?: string|null, target?: string|null, reached?: string|null, keep?: string|null}
 */
final readonly class Whole
{
    private function __construct(
        /** Loss, above zero. */
        private ?BigDecimal $stop,
        private ?BigDecimal $target,
        /** Once so much profit was there … */
        private ?BigDecimal $reached,
        /** … so much is kept. */
        private ?BigDecimal $keep,
    ) {}

    /**
     * @param  WholeSpec  $spec
     *
     * @throws InvalidArgumentException If a floor is half said, or lies above what it waits for.
     */
    public static function of(array $spec): self
    {
        $money = static fn (string $field): ?BigDecimal => isset($spec[$field]) ? BigDecimal::of($spec[$field]) : null;
        [$reached, $keep] = [$money('reached'), $money('keep')];
        if (($reached === null) !== ($keep === null)) {
            throw new InvalidArgumentException('A floor over the whole route needs both: the profit that it waits for, and what is kept of it.');
        }
        if ($reached !== null && $keep?->isGreaterThanOrEqualTo($reached) === true) {
            throw new InvalidArgumentException("A floor of {$keep} would be hit the moment {$reached} is reached: it has to lie below.");
        }

        return new self($money('stop'), $money('target'), $reached, $keep);
    }

    public function isEmpty(): bool
    {
        return $this->stop === null && $this->target === null && $this->reached === null;
    }

    /**
     * Why everything is to be closed.
     *
     * @param  BigDecimal  $profit  Of all that is open, and of what was closed since the first of it was opened; fees taken off.
     * @param  BigDecimal  $best  The best that it was so far.
     * @return string|null Null while nothing is reached.
     */
    public function reason(BigDecimal $profit, BigDecimal $best): ?string
    {
        return match (true) {
            $this->stop !== null && $profit->isLessThanOrEqualTo($this->stop->negated()) => 'route stop',
            $this->target !== null && $profit->isGreaterThanOrEqualTo($this->target) => 'route target',
            $this->reached !== null && $this->keep !== null && $best->isGreaterThanOrEqualTo($this->reached) && $profit->isLessThanOrEqualTo($this->keep) => 'route floor',
            default => null,
        };
    }

    /** @return WholeSpec */
    public function toArray(): array
    {
        return array_map(strval(...), array_filter(['stop' => $this->stop, 'target' => $this->target, 'reached' => $this->reached, 'keep' => $this->keep], static fn (?BigDecimal $money): bool => $money !== null));
    }
}
