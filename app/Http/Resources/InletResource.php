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
            'last_heard_at' => Moment::of($this->last_heard_at),
            'routes' => $this->resource->routes->map(static fn (Route $route): array => ['id' => $route->id, 'name' => $route->name, 'state' => $route->state->value])->values(),
        ];
    }
}
