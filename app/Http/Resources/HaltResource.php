<?php

namespace App\Http\Resources;

use App\Models\Halt;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/** @mixin Halt */
final class HaltResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'id' => $this->id,
            'account' => $this->account === null ? null : ['id' => $this->account->id, 'name' => $this->account->name, 'environment' => $this->account->environment],
            'reason' => $this->reason,
            'cancels' => $this->cancels,
            'flattens' => $this->flattens,
            'begun_by' => $this->begun_by,
            'begun_at' => Moment::of($this->begun_at),
            'lifted_by' => $this->lifted_by,
            'lifted_at' => Moment::of($this->lifted_at),
        ];
    }
}
