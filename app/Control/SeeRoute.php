<?php

namespace App\Control;

use App\Connector\VenueTrouble;
use App\Dispatch\SymbolMaps;
use App\Dispatch\TakeSnapshot;
use App\Models\Account;
use App\Models\Decision;
use App\Models\Instrument;
use App\Models\Message;
use App\Models\Route;
use App\Slips\RouteSlips;
use App\Slips\SlipsOf;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Wexon\Core\Decision\Snapshot;
use Wexon\Core\Guard\Limits;
use Wexon\Core\Instrument\Instrument as InstrumentValue;
use Wexon\Core\Preflight\AccountSeen;
use Wexon\Core\Preflight\Heard;
use Wexon\Core\Preflight\RouteSeen;
use Wexon\Core\Preflight\SlipSeen;
use Wexon\Core\Route\Leg;
use Wexon\Core\Route\RouteRules;
use Wexon\Core\Route\RouteState;
use Wexon\Core\Signal\Action;
use Wexon\Core\Signal\Signal;

/** Gathers everything around a route that the preflight looks at. */
final readonly class SeeRoute
{
    private const LAST_SIGNALS = 8;

    private const LAST_MESSAGES = 50;

    public function __construct(private TakeSnapshot $snapshot, private Halts $halts, private GatherFacts $facts, private SymbolMaps $maps) {}

    public function see(Route $route): RouteSeen
    {
        $route->loadMissing(['inlet.desk', 'accounts', 'slips']);
        $rules = $route->rulesValue();
        $armed = Route::query()->where('desk_id', $route->desk_id)->whereKeyNot($route->id)->where('state', RouteState::Armed->value)->with('accounts')->get();

        return new RouteSeen(
            $rules,
            array_values($route->accounts->map(fn (Account $account): AccountSeen => $this->account($route, $account, $rules->on($account->ownRules()), $armed->all()))->all()),
            $this->slips($route),
            $this->heard($route, $rules, $armed->all()),
            CarbonImmutable::now(),
        );
    }

    /** @param  array<int, Route>  $armed */
    private function account(Route $route, Account $account, RouteRules $rules, array $armed): AccountSeen
    {
        $trouble = $account->trouble;
        $legs = [];
        foreach ($rules->legs as $leg) {
            try {
                $legs[] = ['symbol' => $leg->symbol, 'snapshot' => $this->world($route, $account, $leg), 'linked' => $this->linked($account, $leg)];
            } catch (VenueTrouble $problem) {
                $trouble ??= $problem->getMessage();
            }
        }
        $mine = array_map(static fn (Leg $leg): string => $leg->instrument, $rules->legs);
        $others = [];
        foreach ($armed as $other) {
            $there = $other->accounts->find($account->id);
            $same = $there === null ? [] : array_intersect($mine, array_map(static fn (Leg $leg): string => $leg->instrument, $other->rulesValue()->on($there->ownRules())->legs));
            if ($same !== []) {
                $others[] = "“{$other->name}” (".implode(', ', $same).')';
            }
        }

        return new AccountSeen($account->name, $account->environment === 'live', $account->permissions, $trouble, $this->halts->of($account)?->words(), $rules, $legs, $others);
    }

    private function linked(Account $account, Leg $leg): ?InstrumentValue
    {
        $name = $this->maps->of($account->desk_id, $account->venue)->instrument($leg->symbol);

        return $name === null ? null : Instrument::query()->where('venue', $account->venue)->where('name', $name)->first()?->value();
    }

    /** @throws VenueTrouble If the venue does not tell. */
    private function world(Route $route, Account $account, Leg $leg): ?Snapshot
    {
        if (! Instrument::query()->where('venue', $account->venue)->where('name', $leg->instrument)->exists()) {
            return null;
        }

        return $this->snapshot->take(Decision::imagined($account, $leg, $route->id), Limits::none(), new Signal(Action::Enter, $leg->symbol))->flat();
    }

    /** @return list<SlipSeen> */
    private function slips(Route $route): array
    {
        $values = RouteSlips::valuesOf($route);
        $zone = $route->inlet->desk->zone;

        return array_map(static fn (array $slip): SlipSeen => new SlipSeen(
            $slip['name'],
            ($values[$slip['kind']] ?? null)?->signal?->action->value,
            // The code is the slip's own; all else should differ too.
            $slip['message'] === null ? null : str_replace((string) $slip['code'], '', (string) $slip['message']),
            $slip['expires_on'] === null ? null : CarbonImmutable::parse($slip['expires_on'], $zone)->endOfDay(),
        ), SlipsOf::route($route)['slips']);
    }

    /** @param  array<int, Route>  $armed */
    private function heard(Route $route, RouteRules $rules, array $armed): Heard
    {
        $inlet = $route->inlet;
        $senders = Message::query()->where('inlet_id', $inlet->id)->where('arrived_by', 'web')->orderByDesc('id')->limit(self::LAST_MESSAGES)->pluck('sender')->unique()->map(strval(...))->values()->all();
        $strangers = DB::table('inlet_refusals')->where('inlet_id', $inlet->id)->where('reason', 'sender')->where('day', now()->format('Y-m-d'))->pluck('last_sender')->map(strval(...))->all();
        $signals = Decision::query()->where('route_id', $route->id)->where('dry', false)->whereNotNull('intent')->orderByDesc('id')->limit(self::LAST_SIGNALS)->with('message')->get()->unique('message_id')->reverse()
            ->map(static fn (Decision $one): array => ['intent' => ($one->message->signal['do'] ?? '').' '.($one->message->signal['side'] ?? ''), 'at' => $one->message->received_at->getTimestamp()])->values()->all();
        $symbols = array_map(static fn (Leg $leg): string => strtoupper($leg->symbol), $rules->legs);
        $sharers = array_filter($armed, static fn (Route $other): bool => $other->inlet_id === $inlet->id && array_intersect($symbols, array_map(static fn (array $leg): string => strtoupper($leg['symbol']), $other->rules['legs'])) !== []);

        return new Heard(
            $inlet->name,
            $inlet->allowed_senders !== [] || $inlet->signing_secret !== null || $inlet->phrase !== null,
            array_values($senders),
            array_values($strangers),
            array_values(array_map(static fn (array $one): array => ['intent' => trim($one['intent']), 'at' => $one['at']], $signals)),
            $this->facts->clock($inlet->id),
            array_values(array_map(static fn (Route $other): string => "“{$other->name}”", $sharers)),
            $route->slip_settings['size']['unit'] ?? null,
        );
    }
}
