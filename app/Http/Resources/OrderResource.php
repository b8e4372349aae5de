<?php

namespace App\Http\Resources;

use App\Models\Order;
use Brick\Math\RoundingMode;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/** @mixin Order */
final class OrderResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'id' => $this->id,
            'message' => $this->decision->message->ulid,
            'route' => $this->decision->route === null ? null : ['id' => $this->decision->route->id, 'name' => $this->decision->route->name],
            'account' => ['id' => $this->account->id, 'name' => $this->account->name, 'environment' => $this->account->environment],
            'client_id' => $this->client_id,
            'venue_id' => $this->venue_id,
            'instrument' => $this->instrument,
            'side' => $this->side->value,
            'type' => $this->type,
            'quantity' => (string) $this->quantity,
            'reduce_only' => $this->reduce_only,
            'state' => $this->state->value,
            'filled' => (string) $this->filled,
            'average' => $this->average === null ? null : (string) $this->average->toScale(min(8, $this->average->getScale()), RoundingMode::HALF_EVEN)->stripTrailingZeros(),
            'fee' => (string) $this->fee,
            'currency' => $this->account->currency,
            'words' => $this->words,
            'created_at' => Moment::of($this->created_at),
            'acknowledged_at' => Moment::of($this->acknowledged_at),
            'milliseconds' => $this->acknowledged_at === null ? null : (int) round($this->decision->message->received_at->diffInMilliseconds($this->acknowledged_at)),
        ];
    }
}
