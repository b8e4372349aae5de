<?php

declare(strict_types=1);

namespace Wexon\Core\Guard;

use Brick\Math\RoundingMode;
use Wexon\Core\Order\OrderType;

/** An order at market that opens something goes out only while the market is not much worse than the chart's price. */
final readonly class SlippageGuard implements Guard
{
    public function name(): string
    {
        return 'slippage';
    }

    public function refusal(GuardInput $input): ?string
    {
        $most = $input->rules->entry->slippage;
        $opening = $input->intent->side?->opening();
        $chart = $input->signal->price;
        if ($most === null || $opening === null || ! $input->intent->intent->opens() || $input->rules->entry->type !== OrderType::Market) {
            return null;
        }
        if ($chart === null) {
            return "This route lets the market be {$most} % worse than the message's price at most, but the message gives no price: add “price” to the alert.";
        }
        $market = $input->snapshot->quote->priceFor($opening);
        $worse = $market->minus($chart)->multipliedBy($opening->sign() * 100)->dividedBy($chart, 4, RoundingMode::HALF_UP);

        return $worse->isLessThanOrEqualTo($most) ? null
            : "A {$opening->value} would get {$market}; the message's price is {$chart}. That is {$worse->toScale(2, RoundingMode::HALF_UP)} % worse, and this route takes {$most} % at most.";
    }
}
