<?php

declare(strict_types=1);

namespace Standin\Exchange;

/** What happened on an account since it was looked at last: fills, forced closings, what holding cost. */
final readonly class CatchUp
{
    public function __construct(private Exchange $exchange) {}

    public function account(int $accountId): void
    {
        (new Matching($this->exchange))->catchUp($accountId);
        (new Liquidation($this->exchange))->catchUp($accountId);
        (new Carry($this->exchange))->catchUp($accountId);
    }
}
