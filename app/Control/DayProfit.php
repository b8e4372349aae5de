<?php

namespace App\Control;

use App\Blotter\LastQuotes;
use App\Models\Account;
use App\Models\Instrument;
use App\Models\Position;
use App\Models\Trade;
use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use Carbon\CarbonImmutable;
use DateTimeZone;

/**
 * What a day has come to so far on an account, of one route or of all, in the account's money: trades that were closed
 * today, what was realised of those that are open, and what closing them now would get. A position whose price is not
 * known counts by what was realised alone.
 */
final class DayProfit
{
    private const SCALE = 8;

    public function of(Account $account, ?int $routeId, DateTimeZone $zone): BigDecimal
    {
        $begun = CarbonImmutable::now($zone)->startOfDay()->utc();
        $trades = Trade::query()->where('account_id', $account->id)->when($routeId !== null, static fn ($trade) => $trade->where('route_id', $routeId))
            ->where(static fn ($trade) => $trade->whereNull('closed_at')->orWhere('closed_at', '>=', $begun->format('Y-m-d H:i:s.u')))->get();
        $positions = Position::query()->where('account_id', $account->id)->whereIn('instrument', $trades->pluck('instrument')->unique())->get()->keyBy('instrument');
        $quotes = LastQuotes::all();
        $sum = BigDecimal::zero();
        foreach ($trades as $trade) {
            $position = $positions->get($trade->instrument);
            $profit = $trade->profit;
            $quote = $quotes["{$account->venue}:{$trade->instrument}"] ?? null;
            if ($trade->closed_at === null && $position !== null && $quote !== null) {
                $profit = $profit->plus($position->value(Instrument::listed($account->venue, $trade->instrument)->multiplier)->unrealised($quote->markFor($position->quantity)));
            }
            $sum = $sum->plus($profit->multipliedBy($position->rate ?? 1));
        }

        return $sum->toScale(self::SCALE, RoundingMode::HALF_EVEN);
    }
}
