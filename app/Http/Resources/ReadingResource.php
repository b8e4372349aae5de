<?php

namespace App\Http\Resources;

use App\Models\Inlet;
use App\Models\Reading;
use App\Models\ReadingSample;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/** @mixin Reading */
final class ReadingResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'id' => $this->id,
            'name' => $this->name,
            'spec' => ['fields' => (object) array_map(static fn (array $rule): array => isset($rule['translate']) ? ['translate' => (object) $rule['translate']] + $rule : $rule, $this->spec['fields']), 'words' => $this->spec['words'] ?? []],
            'samples' => $this->samples->map(static fn (ReadingSample $sample): array => ['id' => $sample->id, 'body' => $sample->body, 'content_type' => $sample->content_type, 'expected' => $sample->expected])->values(),
            'inlets' => $this->inlets->map(static fn (Inlet $inlet): array => ['id' => $inlet->id, 'name' => $inlet->name])->values(),
            'updated_at' => Moment::of($this->updated_at),
        ];
    }
}
