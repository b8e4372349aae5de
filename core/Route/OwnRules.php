<?php

declare(strict_types=1);

namespace Wexon\Core\Route;

use Brick\Math\BigDecimal;
use InvalidArgumentException;
use Wexon\Core\Order\OrderStyle;

/**
 * What one account of a route does otherwise than the others: a multiple of every size, other instruments for the same
 * symbols, other order styles.
 *
 * @phpstan-import-type StyleSpec from OrderStyle
 *
 * @phpstan-type OwnSpec array{instruments?: array<string, string>, entry?: StyleSpec|null, exit?: StyleSpec|null}
 */
final readonly class OwnRules
{
    /** @param  array<string, string>  $instruments By symbol in capitals. */
    private function __construct(
        public BigDecimal $scale,
        private array $instruments,
        public ?OrderStyle $entry,
        public ?OrderStyle $exit,
    ) {}

    /**
     * @param  OwnSpec  $spec
     *
     * @throws InvalidArgumentException If an order style will not do.
     */
    public static function of(BigDecimal|string $scale, array $spec = []): self
    {
        $instruments = [];
        foreach ($spec['instruments'] ?? [] as $symbol => $instrument) {
            if (trim($instrument) !== '') {
                $instruments[strtoupper(trim($symbol))] = trim($instrument);
            }
        }

        return new self(
            BigDecimal::of($scale),
            $instruments,
            isset($spec['entry']) ? OrderStyle::of($spec['entry']) : null,
            isset($spec['exit']) ? OrderStyle::of($spec['exit']) : null,
        );
    }

    /** The leg as this account trades it. */
    public function leg(Leg $leg): Leg
    {
        return Leg::of($leg->symbol, $this->instruments[strtoupper($leg->symbol)] ?? $leg->instrument);
    }

    /** @return OwnSpec */
    public function toArray(): array
    {
        return ($this->instruments === [] ? [] : ['instruments' => $this->instruments])
            + ($this->entry === null ? [] : ['entry' => $this->entry->toArray()])
            + ($this->exit === null ? [] : ['exit' => $this->exit->toArray()]);
    }
}
