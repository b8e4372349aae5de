<?php

namespace App\Http\Resources;

use App\Blotter\Prices;
use App\Models\Order;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/** @mixin Order */
final class OrderResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $prices = app(Prices::class);

        return [
            'id' => $this->id,
            'message' => $this->decision->message->ulid,
            'route' => $this->decision->route === null ? null : ['id' => $this->decision->route->id, 'name' => $this->decision->route->name],
            'account' => ['id' => $this->account->id, 'name' => $this->account->name, 'environment' => $this->account->environment],
            'client_id' => $this->client_id,
            'venue_id' => $this->venue_id,
            'role' => $this->role->value,
            'label' => $this->label,
            'instrument' => $this->instrument,
            'side' => $this->side->value,
            'type' => $this->type,
            'limit' => $prices->price($this->account->venue, $this->instrument, $this->limit_price),
            'trigger' => $prices->price($this->account->venue, $this->instrument, $this->trigger_price),
            'time_in_force' => $this->time_in_force->value,
            'post_only' => $this->post_only,
            'cancel_after' => $this->cancel_after,
            'quantity' => (string) $this->quantity,
            'reduce_only' => $this->reduce_only,
            'state' => $this->state->value,
            'filled' => (string) $this->filled,
            'average' => $prices->average($this->account->venue, $this->instrument, $this->average),
            'fee' => (string) $this->fee,
            'currency' => $prices->currency($this->account->venue, $this->instrument),
            'reason' => $this->reason,
            'words' => $this->words,
            'watched' => $this->watched,
            'due_at' => Moment::of($this->due_at),
            'created_at' => Moment::of($this->created_at),
            'acknowledged_at' => Moment::of($this->acknowledged_at),
            'milliseconds' => $this->acknowledged_at === null ? null : (int) round($this->decision->message->received_at->diffInMilliseconds($this->acknowledged_at)),
        ];
    }
}
