<?php

declare(strict_types=1);

namespace Wexon\Core\Guard;

use Brick\Math\BigDecimal;
use Wexon\Core\Decision\Snapshot;
use Wexon\Core\Intent\Intent;
use Wexon\Core\Intent\ResolvedIntent;
use Wexon\Core\Route\RouteRules;
use Wexon\Core\Signal\Signal;
use Wexon\Core\Signal\SizeUnit;

/** What a guard may look at. */
final readonly class GuardInput
{
    public function __construct(
        public Signal $signal,
        public ResolvedIntent $intent,
        public RouteRules $rules,
        public Snapshot $snapshot,
    ) {}

    /** @return list<Scope> The route's limits, then the account's. */
    public function scopes(): array
    {
        return [
            new Scope('this route', $this->rules->guards, $this->snapshot->routeFacts),
            new Scope('this account', $this->snapshot->accountLimits, $this->snapshot->accountFacts),
        ];
    }

    /** Whether it would make a position, or a larger one. */
    public function opens(): bool
    {
        return match ($this->intent->intent) {
            Intent::Enter, Intent::Flip, Intent::Add, Intent::Place => true,
            Intent::Set => ! $this->makesSmaller(),
            default => false,
        };
    }

    /** Whether it would begin a position. */
    public function enters(): bool
    {
        return in_array($this->intent->intent, [Intent::Enter, Intent::Flip], true) || ($this->intent->intent === Intent::Set && $this->snapshot->position->side() !== $this->intent->side);
    }

    /** As the order will have it. */
    public function leverage(): BigDecimal
    {
        return $this->rules->leverage->times ?? $this->snapshot->leverage;
    }

    /** Whether what is held on that side is more than what is asked for. */
    private function makesSmaller(): bool
    {
        $size = $this->signal->size;

        return $size !== null && $size->unit === SizeUnit::Units && $this->snapshot->position->side() === $this->intent->side
            && $size->amount->isLessThanOrEqualTo($this->snapshot->position->quantity->abs());
    }
}
