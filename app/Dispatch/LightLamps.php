<?php

namespace App\Dispatch;

use App\Live\Live;
use App\Models\Decision;
use App\Models\Message;
use App\Models\Route;
use Illuminate\Database\Eloquent\Collection;
use Wexon\Core\Route\Leg;
use Wexon\Core\Signal\Signal;
use Wexon\Core\Together\Lights;
use Wexon\Core\Together\Together;

/**
 * Routes that wait for several signals: each message, from any inlet of the desk, lights or puts out their lamps, and the
 * one that makes enough of them true sets the route off. Messages are read one at a time, so nothing passes side by side.
 */
final class LightLamps
{
    private const WORDS = 300;

    /** @var array<int, list<int>> By desk, which of its routes wait for several signals. */
    private array $waiting = [];

    public function __construct(private readonly MatchSignal $match, private readonly Live $live) {}

    /** What was set up may have changed. */
    public function forget(): void
    {
        $this->waiting = [];
    }

    /**
     * @return array{list<Decision>, list<string>} What comes of it, and what it did to which route's lamps.
     */
    public function light(Message $message, Signal $signal): array
    {
        $decisions = [];
        $words = [];
        $this->waiting[$message->desk_id] ??= array_values(Route::query()->where('desk_id', $message->desk_id)->whereNotNull('rules->together')->pluck('id')->all());
        foreach ($this->waiting[$message->desk_id] === [] ? [] : Route::query()->whereKey($this->waiting[$message->desk_id])->with('accounts')->orderBy('id')->get() as $route) {
            $rules = $route->rulesValue();
            $together = $rules->together;
            if ($together === null || ! $together->hears($signal, $message->inlet_id)) {
                continue;
            }
            $lights = $together->after($route->lightsValue(), $signal, $message->inlet_id, $message->received_at->toDateTimeImmutable());
            $side = $together->becomes($lights);
            $words[] = "“{$route->name}”: ".$this->told($together, $lights, $signal);
            if ($message->dry) {
                continue;
            }
            $route->update(['lights' => ($side === null ? $lights : new Lights($lights->lit, $side))->toArray()]);
            $this->live->route($route);
            if ($side !== null) {
                array_push($decisions, ...$this->setOff($message, $signal, $route, $rules->legs, $together->words($lights, $side)));
            }
        }

        return [$decisions, $words];
    }

    /**
     * Of a route that waits for several, a single signal opens nothing: only what closes goes through.
     *
     * @param  Collection<int, Route>  $routes
     * @return Collection<int, Route>
     */
    public static function leaves(Collection $routes, Signal $signal): Collection
    {
        return Together::sideOf($signal) === null ? $routes : $routes->reject(static fn (Route $route): bool => isset($route->rules['together']))->values();
    }

    /**
     * @param  list<Leg>  $legs
     * @return list<Decision>
     */
    private function setOff(Message $message, Signal $signal, Route $route, array $legs, string $words): array
    {
        $leg = array_values(array_filter($legs, static fn (Leg $leg): bool => $signal->symbol !== null && $leg->takes($signal->symbol)))[0] ?? $legs[0];
        $decisions = $this->match->match($message, Together::entry($signal, $leg), Collection::make([$route]));
        foreach ($decisions as $decision) {
            $decision->update(['together' => mb_substr($words, 0, self::WORDS)]);
        }

        return $decisions;
    }

    private function told(Together $together, Lights $lights, Signal $signal): string
    {
        $side = Together::sideOf($signal);

        return $side === null ? 'put out what it closes' : $together->words($lights, $side);
    }
}
