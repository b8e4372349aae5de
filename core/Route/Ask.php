<?php

declare(strict_types=1);

namespace Wexon\Core\Route;

use InvalidArgumentException;

/**
 * Whether a route asks somebody before it opens anything, how long it waits, and what it does when nobody answers.
 *
 * @phpstan-type AskSpec array{for: int, then?: string}
 */
final readonly class Ask
{
    private function __construct(
        /** Seconds. */
        public int $for,
        /** Whether it is sent when nobody has said anything by then; else it lapses. */
        public bool $goes,
    ) {}

    /**
     * @param  AskSpec  $spec
     *
     * @throws InvalidArgumentException If there is no time to answer in.
     */
    public static function of(array $spec): self
    {
        return $spec['for'] > 0 ? new self($spec['for'], ($spec['then'] ?? 'lapse') === 'go') : throw new InvalidArgumentException('Asking first needs some seconds to answer in.');
    }

    /** @return AskSpec */
    public function toArray(): array
    {
        return ['for' => $this->for, 'then' => $this->goes ? 'go' : 'lapse'];
    }
}
