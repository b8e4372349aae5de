<?php

declare(strict_types=1);

namespace Wexon\Core\Study\Condition;

use Wexon\Core\Study\Candle;

/** All of several conditions, or any of them. */
final class Joined implements Condition
{
    /** @param  non-empty-list<Condition>  $terms */
    public function __construct(private readonly bool $all, private array $terms) {}

    public function next(Candle $candle): bool
    {
        // Each has to see the candle, whatever the others say.
        $held = array_filter(array_map(static fn (Condition $term): bool => $term->next($candle), $this->terms));

        return $this->all ? count($held) === count($this->terms) : $held !== [];
    }

    public function words(): string
    {
        return implode($this->all ? ' and ' : ' or ', array_map(static fn (Condition $term): string => $term instanceof self ? "({$term->words()})" : $term->words(), $this->terms));
    }
}
