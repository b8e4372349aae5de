<?php

declare(strict_types=1);

namespace Wexon\Core\Route;

use Brick\Math\BigDecimal;
use InvalidArgumentException;
use Wexon\Core\Sizing\Multiplied;
use Wexon\Core\Sizing\SizeRule;
use Wexon\Core\Sizing\SizeRules;

/**
 * How often a position may be added to by signals, and by how much each time.
 *
 * @phpstan-import-type SizeSpec from SizeRules
 *
 * @phpstan-type AddsSpec array{most: int, size?: SizeSpec|null}
 */
final readonly class Adds
{
    private const MOST = 100;

    private function __construct(
        /** Per position; 0 takes none. */
        public int $most,
        /** Null: as the first entry. */
        public ?SizeRule $size,
    ) {}

    /**
     * @param  AddsSpec  $spec
     *
     * @throws InvalidArgumentException If the number or the size will not do.
     */
    public static function of(array $spec): self
    {
        if ($spec['most'] < 0 || $spec['most'] > self::MOST) {
            throw new InvalidArgumentException('A route takes 0 to '.self::MOST." adds per position; found {$spec['most']}.");
        }

        return new self($spec['most'], isset($spec['size']) ? SizeRules::of($spec['size']) : null);
    }

    /** The same with every size times a factor. */
    public function scaled(BigDecimal $factor): self
    {
        return new self($this->most, $this->size === null ? null : Multiplied::of($this->size, $factor));
    }

    /** @return AddsSpec */
    public function toArray(): array
    {
        return ['most' => $this->most] + ($this->size === null ? [] : ['size' => $this->size->toArray()]);
    }
}
