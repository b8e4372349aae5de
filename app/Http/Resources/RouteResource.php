<?php

namespace App\Http\Resources;

use App\Models\Account;
use App\Models\Route;
use Carbon\CarbonImmutable;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use Wexon\Core\Route\RouteRules;
use Wexon\Core\Together\Lamp;

/** @mixin Route */
final class RouteResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $rules = $this->rulesValue();

        return [
            'id' => $this->id,
            'name' => $this->name,
            'state' => $this->state->value,
            'state_by' => $this->state_by,
            'state_reason' => $this->state_reason,
            'state_at' => Moment::of($this->state_at),
            'next_state' => $this->next_state?->value,
            'next_state_at' => Moment::of($this->next_state_at),
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
            'lamps' => $this->lamps($rules),
            'rules' => $rules->toArray(),
            'updated_at' => Moment::of($this->updated_at),
        ];
    }

    /** @return list<array{name: string, kind: string, side: string|null, at: string|null}> Those that are true now have a side. */
    private function lamps(RouteRules $rules): array
    {
        $together = $rules->together;
        $burning = $together?->burning($this->lightsValue(), now()->toDateTimeImmutable()) ?? [];

        return array_map(static fn (Lamp $lamp): array => [
            'name' => $lamp->name, 'kind' => $lamp->kind->value, 'side' => ($burning[$lamp->name] ?? null)[0]->value ?? null,
            'at' => isset($burning[$lamp->name]) ? Moment::of(CarbonImmutable::instance($burning[$lamp->name][1])) : null,
        ], $together->lamps ?? []);
    }
}
