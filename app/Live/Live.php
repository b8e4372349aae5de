<?php

namespace App\Live;

use App\Models\Account;
use App\Models\Decision;
use App\Models\Order;
use App\Models\Route;
use Illuminate\Support\Facades\Http;
use Illuminate\Support\Facades\Log;
use Throwable;
use Wexon\Core\Market\Quote;

/**
 * Tells the open screens of a desk that something has changed. nginx passes each event on as a server-sent event.
 *
 * A screen that misses one catches up with its next request, so trouble here never holds anything up.
 */
final class Live
{
    private const TIMEOUT = 1;

    /** Some messages were read. */
    public function messages(int $deskId): void
    {
        $this->publish($deskId, ['kind' => 'message']);
    }

    public function decision(Decision $decision): void
    {
        $steps = $decision->trace['steps'] ?? [];
        $this->publish($decision->desk_id, [
            'kind' => 'decision',
            'id' => $decision->id,
            'message' => $decision->message->ulid,
            'route_id' => $decision->route_id,
            'account_id' => $decision->account_id,
            'state' => $decision->state->value,
            'verdict' => $decision->verdict,
            'station' => $steps === [] ? null : $steps[array_key_last($steps)]['station'],
            'dry' => $decision->dry,
        ]);
    }

    public function order(Order $order): void
    {
        $this->publish($order->desk_id, ['kind' => 'order', 'id' => $order->id, 'state' => $order->state->value]);
    }

    public function notices(int $deskId): void
    {
        $this->publish($deskId, ['kind' => 'notice']);
    }

    /** Where venues and our books do not agree has changed. */
    public function difference(int $deskId): void
    {
        $this->publish($deskId, ['kind' => 'difference']);
    }

    /** Something was halted, or a halt was lifted. */
    public function halt(int $deskId): void
    {
        $this->publish($deskId, ['kind' => 'halt']);
    }

    public function account(Account $account): void
    {
        $this->publish($account->desk_id, ['kind' => 'account', 'id' => $account->id]);
    }

    /** How far the first connection to a venue is. */
    public function connecting(int $deskId, int $percent, string $doing): void
    {
        $this->publish($deskId, ['kind' => 'connecting', 'percent' => $percent, 'doing' => $doing]);
    }

    public function route(Route $route): void
    {
        $this->publish($route->desk_id, ['kind' => 'route', 'id' => $route->id, 'state' => $route->state->value]);
    }

    /**
     * @param  array<string, Quote>  $quotes  By "venue:instrument".
     * @param  list<array<string, mixed>>  $positions  As {@see \App\Blotter\ValuePositions} gives them.
     * @return bool Whether a screen of the desk is open.
     */
    public function prices(int $deskId, array $quotes, array $positions): bool
    {
        return $this->publish($deskId, [
            'kind' => 'prices',
            'quotes' => (object) array_map(static fn (Quote $quote): array => ['bid' => (string) $quote->bid, 'ask' => (string) $quote->ask], $quotes),
            'positions' => $positions,
        ]);
    }

    /**
     * @param  array<string, mixed>  $event
     * @return bool Whether somebody listens, as nginx says by its answer.
     */
    private function publish(int $deskId, array $event): bool
    {
        if (config('wexon.live_url') === null) {
            return false;
        }
        try {
            return Http::timeout(self::TIMEOUT)->connectTimeout(self::TIMEOUT)->asJson()->post(config('wexon.live_url')."/publish/desk-{$deskId}", $event)->created();
        } catch (Throwable $trouble) {
            Log::warning('A screen event was not published: '.$trouble->getMessage());

            return false;
        }
    }
}
