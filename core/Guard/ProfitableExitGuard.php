<?php

declare(strict_types=1);

namespace Wexon\Core\Guard;

use Brick\Math\RoundingMode;
use Wexon\Core\Intent\Intent;
use Wexon\Core\Signal\Action;

/** A signal closes only what is so far in profit, fees included, if the route says so. A flatten always closes. */
final readonly class ProfitableExitGuard implements Guard
{
    public function name(): string
    {
        return 'exit in profit';
    }

    public function refusal(GuardInput $input): ?string
    {
        $least = $input->rules->exitProfit;
        $position = $input->snapshot->position;
        $closes = in_array($input->intent->intent, [Intent::Exit, Intent::Reduce, Intent::Flip], true);
        if ($least === null || ! $closes || $position->isFlat() || $input->signal->action === Action::Flatten) {
            return null;
        }
        $mark = $input->snapshot->quote->markFor($position->quantity);
        $fees = $position->openFees->plus($input->snapshot->instrument->notional($position->quantity, $mark)->multipliedBy($input->snapshot->instrument->takerFee));
        $percent = $position->unrealised($mark)->minus($fees)->multipliedBy(100)->dividedBy($position->cost->abs(), 4, RoundingMode::FLOOR);

        return $percent->isGreaterThanOrEqualTo($least) ? null
            : "The position stands at {$percent->toScale(2, RoundingMode::FLOOR)} %, fees included, and this route lets a signal close it from {$least} % on.";
    }
}
