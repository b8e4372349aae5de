<?php

namespace App\Notify;

use App\Blotter\Prices;
use App\Models\Desk;
use App\Models\Notice;
use App\Models\Trade;
use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use Illuminate\Support\Collection;

/** Once a day, in the evening of the desk's own zone: what was traded, and what it came to. */
final class Summarise
{
    private const HOUR = 21;

    /** Seconds. */
    private const EVERY = 60.0;

    private float $lookedAt = 0.0;

    public function __construct(private readonly Prices $prices) {}

    public function look(): void
    {
        if (microtime(true) < $this->lookedAt + self::EVERY) {
            return;
        }
        $this->lookedAt = microtime(true);
        foreach (Desk::query()->get() as $desk) {
            $now = now($desk->zone);
            $begun = $now->startOfDay()->utc();
            if ($now->hour < self::HOUR || Notice::query()->where('desk_id', $desk->id)->where('kind', Kind::Summary->value)->where('created_at', '>=', $begun)->exists()) {
                continue;
            }
            $trades = Trade::query()->where('desk_id', $desk->id)->where('closed_at', '>=', $begun->format('Y-m-d H:i:s.u'))->with('account')->get();
            Notice::tell($desk->id, Kind::Summary, $trades->isEmpty() ? 'No trade was closed today.' : $this->words($trades), '/trades');
        }
    }

    /** @param  Collection<int, Trade>  $trades */
    private function words(Collection $trades): string
    {
        $won = $trades->filter(static fn (Trade $trade): bool => $trade->profit->isPositive())->count();
        $sums = $trades->groupBy(fn (Trade $trade): string => ($trade->account->environment === 'live' ? 'LIVE ' : '')."{$trade->account->name}: {$this->prices->currency($trade->account->venue, $trade->instrument)}")
            ->map(static fn (Collection $of, string $name): string => "{$name} ".BigDecimal::sum(BigDecimal::zero(), ...$of->map(static fn (Trade $trade): BigDecimal => $trade->profit)->all())->toScale(2, RoundingMode::HALF_UP));

        return "Today {$trades->count()} ".($trades->count() === 1 ? 'trade was' : 'trades were')." closed, {$won} of them won: {$sums->implode(', ')}.";
    }
}
