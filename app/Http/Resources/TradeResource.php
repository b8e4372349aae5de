<?php

namespace App\Http\Resources;

use App\Blotter\Prices;
use App\Models\Trade;
use Brick\Math\RoundingMode;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/** @mixin Trade */
final class TradeResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $prices = app(Prices::class);
        $venue = $this->account->venue;

        return [
            'id' => $this->id,
            'account' => ['id' => $this->account->id, 'name' => $this->account->name, 'environment' => $this->account->environment],
            'route' => $this->route === null ? null : ['id' => $this->route->id, 'name' => $this->route->name],
            'instrument' => $this->instrument,
            'side' => $this->side,
            'quantity' => (string) $this->opened->stripTrailingZeros(),
            'entry' => $prices->average($venue, $this->instrument, $this->opened->isZero() ? null : $this->opened_value->dividedBy($this->opened, 18, RoundingMode::HALF_EVEN)),
            'exit' => $prices->average($venue, $this->instrument, $this->closed->isZero() ? null : $this->closed_value->dividedBy($this->closed, 18, RoundingMode::HALF_EVEN)),
            'fees' => (string) $this->fees->toScale(2, RoundingMode::UP),
            'profit' => (string) $this->profit->toScale(2, RoundingMode::HALF_UP),
            'multiple' => $this->risk?->isPositive() === true ? (string) $this->profit->dividedBy($this->risk, 2, RoundingMode::HALF_UP) : null,
            'currency' => $prices->currency($venue, $this->instrument),
            'reason' => $this->reason,
            'opened_at' => Moment::of($this->opened_at),
            'closed_at' => Moment::of($this->closed_at),
        ];
    }
}
