<?php

namespace App\Http\Resources;

use App\Models\Difference;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/** @mixin Difference */
final class DifferenceResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'id' => $this->id,
            'account' => ['id' => $this->account->id, 'name' => $this->account->name, 'environment' => $this->account->environment],
            'kind' => $this->kind,
            'instrument' => $this->instrument,
            'ours' => (string) $this->ours->stripTrailingZeros(),
            'theirs' => (string) $this->theirs->stripTrailingZeros(),
            'words' => $this->words,
            'state' => $this->state,
            'answered_by' => $this->answered_by,
            'seen_at' => Moment::of($this->seen_at),
        ];
    }
}
