<?php

namespace App\Http\Resources;

use App\Dispatch\Allocations;
use App\Models\Account;
use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/** @mixin Account */
final class AccountResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $allocations = app(Allocations::class)->all($this->resource);

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
            'set_aside' => (string) BigDecimal::sum(BigDecimal::zero(), ...$allocations->pluck('set_aside'))->toScale(2, RoundingMode::HALF_UP),
            'in_use' => (string) BigDecimal::sum(BigDecimal::zero(), ...$allocations->pluck('in_use'))->toScale(2, RoundingMode::UP),
            'guards' => (object) ($this->guards ?? []),
            'peak' => $this->peak_equity === null ? null : (string) $this->peak_equity,
            'trouble' => $this->trouble,
            'checked_at' => Moment::of($this->checked_at),
        ];
    }
}
