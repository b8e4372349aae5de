<?php

declare(strict_types=1);

namespace Wexon\Core\Reading\Message;

use Wexon\Core\Reading\ReadingError;
use Wexon\Core\Signal\Action;
use Wexon\Core\Signal\Distance;
use Wexon\Core\Signal\DistanceKind;
use Wexon\Core\Signal\Signal;

/** Which fields a message of each kind needs, and which ones contradict it. */
final class WhatFits
{
    /** @throws ReadingError If one is missing or contradicts what is to be done. */
    public static function check(Signal $signal): void
    {
        self::symbol($signal);
        self::side($signal);
        self::size($signal);
        self::resting($signal);
        self::protection($signal);
    }

    private static function symbol(Signal $signal): void
    {
        if ($signal->symbol === null && ! $signal->action->canBeAboutAll()) {
            throw ReadingError::missing('symbol', 'the ticker, such as MARL/USD');
        }
    }

    private static function side(Signal $signal): void
    {
        $do = $signal->action->value;
        if ($signal->side === null && in_array($signal->action, [Action::Enter, Action::Flip, Action::Place], true)) {
            throw ReadingError::missing('side', "long or short, because “do” is {$do}");
        }
        if ($signal->side !== null && $signal->action->isBare()) {
            throw ReadingError::at('side', $signal->side->value, "no side, because “do” is {$do}; write “enter” or “exit” to name a side");
        }
        if ($signal->side !== null && in_array($signal->action, [Action::Cancel, Action::Flatten], true)) {
            throw ReadingError::at('side', $signal->side->value, "no side, because “do” is {$do}");
        }
    }

    private static function size(Signal $signal): void
    {
        if ($signal->action === Action::Set && $signal->side !== null && $signal->size === null) {
            throw ReadingError::missing('size', 'the size that the position is to be brought to, because “do” is set');
        }
        if ($signal->action === Action::Set && $signal->side === null && $signal->size !== null) {
            throw ReadingError::at('size', (string) $signal->size, 'no size, because the position is to be flat');
        }
        if ($signal->share !== null && $signal->action !== Action::Exit) {
            throw ReadingError::at('share', (string) $signal->share, "no share, because “do” is {$signal->action->value}; only an exit closes a share of the position");
        }
        if ($signal->share !== null && $signal->size !== null) {
            throw ReadingError::at('share', (string) $signal->share, 'either a share or a size, not both');
        }
    }

    private static function resting(Signal $signal): void
    {
        if ($signal->action === Action::Place && $signal->limit === null && $signal->trigger === null) {
            throw ReadingError::missing('limit', 'a limit price, or a “trigger” for a stop order, because “do” is place');
        }
        if ($signal->all && $signal->action !== Action::Cancel) {
            throw ReadingError::at('all', 'true', 'no “all”, because only “cancel” can be about all orders');
        }
        if ($signal->action === Action::Cancel && ! $signal->all && $signal->label === null) {
            throw ReadingError::missing('label', 'the label of the order to cancel, or "all": true');
        }
        foreach (['limit' => $signal->limit, 'trigger' => $signal->trigger, 'stop' => $signal->stop] as $name => $distance) {
            self::notInRisk($name, $distance);
        }
    }

    private static function protection(Signal $signal): void
    {
        if ($signal->action === Action::Protect && $signal->stop === null && $signal->targets === [] && $signal->trailing === null) {
            throw ReadingError::missing('stop', 'a stop, targets or trailing, because “do” is protect');
        }
        foreach ([$signal->trailing?->distance, $signal->trailing?->step] as $distance) {
            self::notInRisk('trailing', $distance);
            if ($distance?->kind === DistanceKind::At) {
                throw ReadingError::at('trailing', (string) $distance, 'a distance such as 1%, not a price');
            }
        }
    }

    private static function notInRisk(string $name, ?Distance $distance): void
    {
        if ($distance?->kind === DistanceKind::Risk) {
            throw ReadingError::at($name, (string) $distance, 'a distance that does not depend on the stop: only targets count in multiples of it');
        }
    }
}
