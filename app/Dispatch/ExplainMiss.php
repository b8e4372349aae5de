<?php

namespace App\Dispatch;

use App\Models\Account;
use App\Models\Instrument;
use App\Models\Message;
use App\Models\Route;
use Illuminate\Database\Eloquent\Collection;
use Wexon\Core\Instrument\Instrument as InstrumentValue;
use Wexon\Core\Route\Leg;
use Wexon\Core\Route\NearestSymbol;
use Wexon\Core\Signal\Signal;
use Wexon\Core\Symbol\SymbolGuess;

/** Says why no route took a signal, and what its symbol may mean. */
final class ExplainMiss
{
    private const MOST = 3;

    /** @param  Collection<int, Route>  $routes */
    public function explain(Message $message, Signal $signal, Collection $routes): void
    {
        $symbols = $labels = [];
        foreach ($routes as $route) {
            foreach ($route->rulesValue()->legs as $leg) {
                $symbols[$leg->symbol] = $route->name;
            }
            foreach ($route->accounts as $account) {
                $labels[] = $account->label();
            }
        }
        $known = array_filter(array_unique($labels), is_string(...));
        $isLabel = $signal->accounts !== [] && array_intersect(array_map(mb_strtolower(...), $signal->accounts), array_map(mb_strtolower(...), $known)) === [];
        $message->fill([
            'outcome' => match (true) {
                $isLabel && $known === [] => 'The message is for the accounts '.implode(', ', $signal->accounts).', but no route of this inlet gives its accounts labels: name them in the route.',
                $isLabel => 'The message is for the accounts '.implode(', ', $signal->accounts).'; the labels here are '.implode(', ', $known).'.',
                default => NearestSymbol::sentence($signal->symbol ?? 'all symbols', $symbols),
            },
            'suggestions' => $isLabel || $signal->symbol === null ? null : $this->suggestions($signal->symbol, $routes),
        ]);
    }

    /**
     * @param  Collection<int, Route>  $routes
     * @return list<array{symbol: string, venue: string, instrument: string, leg: string, route: string}>
     */
    private function suggestions(string $symbol, Collection $routes): array
    {
        $suggestions = [];
        foreach ($routes as $route) {
            foreach ($route->accounts->unique('venue') as $account) {
                foreach (SymbolGuess::ranked($symbol, $this->traded($route, $account), SymbolMaps::rules($route->desk_id, $account->venue)) as [$score, $instrument]) {
                    $suggestions["{$account->venue}:{$instrument->name}"] ??= [$score, [
                        'symbol' => $symbol,
                        'venue' => $account->venue,
                        'instrument' => $instrument->name,
                        'leg' => $route->rulesValue()->on($account->ownRules())->legOf($instrument->name)->symbol ?? $instrument->name,
                        'route' => $route->name,
                    ]];
                }
            }
        }
        usort($suggestions, static fn (array $left, array $right): int => $right[0] <=> $left[0]);

        return array_slice(array_column($suggestions, 1), 0, self::MOST);
    }

    /** @return list<InstrumentValue> */
    private function traded(Route $route, Account $account): array
    {
        $names = array_map(static fn (Leg $leg): string => $leg->instrument, $route->rulesValue()->on($account->ownRules())->legs);

        return array_values(Instrument::query()->where('venue', $account->venue)->whereIn('name', $names)->get()->map(static fn (Instrument $instrument): InstrumentValue => $instrument->value())->all());
    }
}
