<?php

namespace App\Http\Resources;

use App\Models\Inlet;
use App\Models\Route;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/** @mixin Inlet */
final class InletResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'id' => $this->id,
            'name' => $this->name,
            'per_minute' => $this->per_minute,
            'paused' => $this->paused,
            'reading' => $this->reading === null ? null : ['id' => $this->reading->id, 'name' => $this->reading->name],
            'allowed_senders' => $this->allowed_senders,
            'allowed_mail' => $this->allowed_mail,
            'allowed_symbols' => $this->allowed_symbols,
            'has_phrase' => $this->phrase !== null,
            'signed' => $this->signing_secret !== null,
            'old_address_until' => $this->previous_until?->isFuture() === true ? Moment::of($this->previous_until) : null,
            'last_heard_at' => Moment::of($this->last_heard_at),
            'routes' => $this->resource->routes->map(static fn (Route $route): array => ['id' => $route->id, 'name' => $route->name, 'state' => $route->state->value])->values(),
        ];
    }
}
