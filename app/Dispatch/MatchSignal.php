<?php

namespace App\Dispatch;

use App\Models\Account;
use App\Models\Decision;
use App\Models\DecisionState;
use App\Models\Message;
use App\Models\Route;
use Illuminate\Database\Eloquent\Collection;
use Wexon\Core\Route\Leg;
use Wexon\Core\Route\RouteRules;
use Wexon\Core\Signal\Signal;

/** Finds the routes, accounts and legs that a signal is for. */
final readonly class MatchSignal
{
    public function __construct(private SymbolMaps $maps) {}

    /**
     * @param  Collection<int, Route>  $routes
     * @return list<Decision> One, waiting in its lane, for each route, account and leg.
     */
    public function match(Message $message, Signal $signal, Collection $routes): array
    {
        $decisions = [];
        foreach ($routes as $route) {
            $all = $route->rulesValue();
            foreach ($this->accounts($route, $signal) as $account) {
                $rules = $all->on($account->ownRules());
                foreach ($this->legs($rules, $account, $signal) as $leg) {
                    $decisions[] = $this->waiting($message, $route, $account, $leg);
                }
            }
        }

        return $decisions;
    }

    /** @return list<Account> Those that the message names by the route's labels; all when it names none. */
    private function accounts(Route $route, Signal $signal): array
    {
        $wanted = array_map(mb_strtolower(...), $signal->accounts);

        return array_values($route->accounts->filter(static fn (Account $account): bool => $wanted === [] || in_array(mb_strtolower((string) $account->label()), $wanted, true))->all());
    }

    /** @return list<Leg> */
    private function legs(RouteRules $rules, Account $account, Signal $signal): array
    {
        if ($signal->symbol === null) {
            return $rules->legs;
        }
        $exact = $rules->legFor($signal->symbol);
        if ($exact !== null) {
            return [$exact];
        }
        $map = $this->maps->of($account->desk_id, $account->venue);
        $instrument = $map->instrument($signal->symbol);
        $same = static fn (Leg $leg): bool => $instrument === null ? $map->areSame($leg->symbol, (string) $signal->symbol) : $leg->instrument === $instrument;

        return array_slice(array_values(array_filter($rules->legs, $same)), 0, 1);
    }

    private function waiting(Message $message, Route $route, Account $account, Leg $leg): Decision
    {
        return Decision::query()->create([
            'desk_id' => $message->desk_id,
            'message_id' => $message->id,
            'route_id' => $route->id,
            'account_id' => $account->id,
            'instrument' => $leg->instrument,
            'lane' => "{$account->id}:{$leg->instrument}",
            'dry' => $message->dry,
            'state' => DecisionState::Waiting,
            'created_at' => now(),
        ]);
    }
}
