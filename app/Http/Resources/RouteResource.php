<?php

namespace App\Http\Resources;

use App\Models\Account;
use App\Models\Route;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use Wexon\Core\Route\RouteRules;

/** @mixin Route */
final class RouteResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'id' => $this->id,
            'name' => $this->name,
            'state' => $this->state->value,
            'inlet' => ['id' => $this->inlet->id, 'name' => $this->inlet->name],
            'accounts' => $this->accounts->map(static fn (Account $account): array => [
                'id' => $account->id,
                'name' => $account->name,
                'venue' => $account->venue,
                'environment' => $account->environment,
                'label' => $account->label(),
                'scale' => (string) $account->scale(),
                'allocation' => $account->allocation() === null ? null : (string) $account->allocation(),
                'own' => (object) $account->ownRules()->toArray(),
                'trouble' => $account->trouble,
            ])->values(),
            'rules' => RouteRules::of($this->rules)->toArray(),
            'updated_at' => Moment::of($this->updated_at),
        ];
    }
}
