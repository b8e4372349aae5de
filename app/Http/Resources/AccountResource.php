<?php

namespace App\Http\Resources;

use App\Models\Account;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/** @mixin Account */
final class AccountResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'id' => $this->id,
            'name' => $this->name,
            'venue' => $this->venue,
            'environment' => $this->environment,
            'permissions' => $this->permissions,
            'may_withdraw' => in_array('withdraw', $this->permissions, true),
            'currency' => $this->currency,
            'equity' => (string) $this->equity,
            'free' => (string) $this->free,
            'trouble' => $this->trouble,
            'checked_at' => Moment::of($this->checked_at),
        ];
    }
}
