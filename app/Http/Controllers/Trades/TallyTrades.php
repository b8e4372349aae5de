<?php

namespace App\Http\Controllers\Trades;

use App\Blotter\Prices;
use App\Http\Resources\Moment;
use App\Models\Trade;
use App\Models\User;
use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Collection;
use Wexon\Core\Trade\ClosedTrade;
use Wexon\Core\Trade\Tally;

/** What the trades of the last days came to, by route, symbol, day or reason of the exit, each currency for itself; and the money over time. */
final class TallyTrades
{
    private const MOST = 5_000;

    public function __invoke(Request $request, #[CurrentUser] User $user, Prices $prices): JsonResponse
    {
        $given = $request->validate(['by' => ['required', 'in:route,instrument,day,reason'], 'days' => ['required', 'integer', 'min:1', 'max:365'], 'live' => ['in:true,false']]);
        $zone = $user->desk->zone;
        $trades = Trade::query()->where('desk_id', $user->desk_id)->where('closed_at', '>=', now($zone)->subDays((int) $given['days'] - 1)->startOfDay()->utc())
            ->whereRelation('account', 'environment', ($given['live'] ?? 'false') === 'true' ? 'live' : 'practice')
            ->with(['account', 'route'])->orderBy('closed_at')->orderBy('id')->limit(self::MOST)->get()->toBase();
        $currency = static fn (Trade $trade): string => $prices->currency($trade->account->venue, $trade->instrument);
        $name = static fn (Trade $trade): string => match ($given['by']) {
            'route' => $trade->route->name ?? 'without a route',
            'instrument' => $trade->instrument,
            'day' => $trade->closed_at?->setTimezone($zone)->format('Y-m-d') ?? '',
            default => (string) preg_replace('/^by hand.*/', 'by hand', (string) $trade->reason),
        };

        return new JsonResponse(['data' => $trades->groupBy($currency)->map(fn (Collection $same, string $of): array => [
            'currency' => $of,
            'all' => $this->tally($same),
            'rows' => $same->groupBy($name)->map(fn (Collection $rows, string $called): array => ['name' => $called, 'tally' => $this->tally($rows)])->sortBy('name')->values()->all(),
            'curve' => $this->curve($same),
        ])->values()->all()]);
    }

    /**
     * @param  Collection<int, Trade>  $trades
     * @return array<string, mixed>
     */
    private function tally(Collection $trades): array
    {
        return Tally::of(array_values($trades->map(static fn (Trade $trade): ClosedTrade => new ClosedTrade($trade->profit, $trade->closed_at ?? $trade->opened_at, $trade->risk))->all()))->toArray();
    }

    /**
     * @param  Collection<int, Trade>  $trades
     * @return list<array{at: string|null, sum: string}>
     */
    private function curve(Collection $trades): array
    {
        $sum = BigDecimal::zero();
        $curve = [];
        foreach ($trades as $trade) {
            $sum = $sum->plus($trade->profit);
            $curve[] = ['at' => Moment::of($trade->closed_at), 'sum' => (string) $sum->toScale(2, RoundingMode::HALF_UP)];
        }

        return $curve;
    }
}
