<?php

declare(strict_types=1);

namespace Wexon\Core\Plan;

use LogicException;
use Wexon\Core\Intent\Intent;

/** The plans by intent. */
final class Plans
{
    public static function of(Intent $intent): Plan
    {
        return match ($intent) {
            Intent::Enter => new EnterPlan,
            Intent::Add => new AddPlan,
            Intent::Exit => new ExitPlan,
            Intent::Reduce => new ReducePlan,
            Intent::Flip => new FlipPlan,
            Intent::Set => new SetPlan,
            Intent::Place => new PlacePlan,
            Intent::Cancel => new CancelPlan,
            Intent::Protect => new ProtectPlan,
            default => throw new LogicException("There is no plan for “{$intent->value}”; a guard refuses it before."),
        };
    }
}
