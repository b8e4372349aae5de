<?php

namespace App\Http\Resources;

use App\Blotter\Prices;
use App\Models\Fill;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/** @mixin Fill */
final class FillResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'id' => $this->id,
            'order_id' => $this->order_id,
            'venue_id' => $this->venue_id,
            'account' => ['id' => $this->account->id, 'name' => $this->account->name, 'environment' => $this->account->environment],
            'instrument' => $this->instrument,
            'side' => $this->side->value,
            'quantity' => (string) $this->quantity,
            'price' => (string) $this->price,
            'fee' => (string) $this->fee,
            'currency' => app(Prices::class)->currency($this->account->venue, $this->instrument),
            'filled_at' => Moment::of($this->filled_at),
        ];
    }
}
