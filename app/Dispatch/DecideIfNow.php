<?php

namespace App\Dispatch;

use App\Connector\VenueTrouble;
use App\Models\Account;
use App\Models\Decision;
use App\Models\Route;
use Wexon\Core\Decision\Decide;
use Wexon\Core\Route\Leg;
use Wexon\Core\Route\RouteRules;
use Wexon\Core\Signal\Signal;

/** What a signal would come to now by rules that are still being written: the same decision, with the venue's quote and money. Nothing is kept or sent. */
final readonly class DecideIfNow
{
    public function __construct(private TakeSnapshot $snapshot) {}

    /**
     * @param  Route|null  $route  The route that is being changed: what it holds, has working and has set aside counts.
     * @param  bool  $flat  As if nothing were held.
     * @return array{decision: array<string, mixed>|null, trouble: string|null}
     */
    public function decide(Signal $signal, RouteRules $rules, Leg $leg, Account $account, ?Route $route = null, bool $flat = false): array
    {
        $signal = $signal->symbol === null ? $signal->about($leg->symbol) : $signal;
        try {
            $snapshot = $this->snapshot->take(Decision::imagined($account, $leg, $route?->id), $rules->guards, $signal);

            return ['decision' => Decide::decide($signal, $rules, $flat ? $snapshot->flat() : $snapshot)->toArray(), 'trouble' => null];
        } catch (VenueTrouble $trouble) {
            return ['decision' => null, 'trouble' => $trouble->getMessage()];
        }
    }
}
