<?php

declare(strict_types=1);

namespace Standin\Bench\Alert;

use Standin\Bench\Trouble;

/** When an alert fires while its condition holds. */
enum Firing: string
{
    case EachTick = 'each_tick';
    case OnceABar = 'once_a_bar';
    case AtTheClose = 'at_the_close';
    case OnlyOnce = 'only_once';

    /** @throws Trouble If there is no such way. */
    public static function named(string $name): self
    {
        return self::tryFrom($name) ?? throw new Trouble('An alert fires '.implode(', ', array_column(self::cases(), 'value')).'.');
    }

    public function words(): string
    {
        return match ($this) {
            self::EachTick => 'at every look at the price while it holds',
            self::OnceABar => 'the first time within each bar',
            self::AtTheClose => 'at the close of each bar on which it holds',
            self::OnlyOnce => 'one time only, then it is over',
        };
    }
}
