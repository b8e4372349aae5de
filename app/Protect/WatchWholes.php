<?php

namespace App\Protect;

use App\Connector\Connectors;
use App\Connector\VenueTrouble;
use App\Models\Instrument;
use App\Models\Position;
use App\Models\Route;
use App\Models\Trade;
use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Log;
use RuntimeException;
use Wexon\Core\Protection\Whole;

/** Looks at everything that a route holds on an account together, once a second, and closes all of it when the route's own stop, target or floor is reached. */
final class WatchWholes
{
    private const EVERY = 1.0;

    private float $lookedAt = 0.0;

    public function __construct(private readonly Connectors $connectors, private readonly Hand $hand) {}

    /** @param  list<int>  $accounts */
    public function look(array $accounts): void
    {
        if (microtime(true) < $this->lookedAt + self::EVERY) {
            return;
        }
        $this->lookedAt = microtime(true);
        // Only routes that have one of the three, and a trade that is open.
        $open = Trade::query()->whereIn('account_id', $accounts)->whereNull('closed_at')->whereHas('route', static fn ($route) => $route->whereNotNull('rules->whole'))->with(['route', 'account'])->get();
        foreach ($open->groupBy(static fn (Trade $trade): string => "{$trade->route_id}:{$trade->account_id}") as $trades) {
            try {
                $this->one($trades);
            } catch (VenueTrouble|RuntimeException $trouble) {
                Log::warning("A route as a whole was not looked at: {$trouble->getMessage()}");
            }
        }
    }

    /**
     * @param  Collection<int, Trade>  $trades  Those that are open, of one route on one account.
     *
     * @throws VenueTrouble
     */
    private function one(Collection $trades): void
    {
        $first = $trades->firstOrFail();
        $route = $first->route ?? throw new RuntimeException('The route is gone.');
        $whole = Whole::of($route->rules['whole'] ?? []);
        $positions = Position::query()->where('account_id', $first->account_id)->whereIn('instrument', $trades->pluck('instrument'))->where('quantity', '!=', 0)->with('account')->get();
        $profit = $this->profit($route, $trades, $positions);
        $reason = $whole->reason($profit, $this->best($trades, $profit));
        if ($reason !== null) {
            foreach ($positions as $position) {
                $this->hand->close($position, BigDecimal::of(100), $reason);
            }
        }
    }

    /**
     * In the account's money: of what is open, and of what the route closed since the first of it was opened.
     *
     * @param  Collection<int, Trade>  $open
     * @param  Collection<int, Position>  $positions
     *
     * @throws VenueTrouble
     */
    private function profit(Route $route, Collection $open, Collection $positions): BigDecimal
    {
        $first = $open->firstOrFail();
        $quotes = $this->connectors->for($first->account)->quotes(array_values(array_map(strval(...), $positions->pluck('instrument')->all())));
        $multipliers = Instrument::query()->where('venue', $first->account->venue)->whereIn('name', $positions->pluck('instrument'))->get()->mapWithKeys(static fn (Instrument $row): array => [$row->name => $row->value()->multiplier]);
        $sum = BigDecimal::zero();
        foreach ($positions as $position) {
            $quote = $quotes[$position->instrument] ?? throw VenueTrouble::doubt("No price of {$position->instrument}.");
            $sum = $sum->plus($position->value($multipliers[$position->instrument])->unrealised($quote->markFor($position->quantity))->multipliedBy($quote->rate));
        }
        $since = Trade::query()->where('route_id', $route->id)->where('account_id', $first->account_id)
            ->where(static fn ($trade) => $trade->whereNull('closed_at')->orWhere('closed_at', '>=', $open->min('opened_at')->format('Y-m-d H:i:s.u')))->get();
        foreach ($since as $trade) {
            $rate = $quotes[$trade->instrument]->rate ?? $positions->first()->rate ?? BigDecimal::one();
            $sum = $sum->plus($trade->profit->multipliedBy($rate));
        }

        return $sum;
    }

    /**
     * The best that it was since the route held nothing, kept on disk.
     *
     * @param  Collection<int, Trade>  $open
     */
    private function best(Collection $open, BigDecimal $profit): BigDecimal
    {
        $which = ['route_id' => $open->firstOrFail()->route_id, 'account_id' => $open->firstOrFail()->account_id];
        $begun = $open->min('opened_at')->format('Y-m-d H:i:s.u');
        $known = DB::table('route_wholes')->where($which)->first();
        $best = $known === null || $known->begun_at !== $begun ? $profit : BigDecimal::max(BigDecimal::of((string) $known->best), $profit);
        if ($known === null || $known->begun_at !== $begun || $best->isGreaterThan((string) $known->best)) {
            DB::table('route_wholes')->upsert([...$which, 'best' => (string) $best->toScale(18, RoundingMode::HALF_EVEN), 'begun_at' => $begun], ['route_id', 'account_id'], ['best', 'begun_at']);
        }

        return $best;
    }
}
