<?php

namespace App\Http\Resources;

use App\Models\Decision;
use App\Models\Message;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * A message as a line of a list: what came of it without the steps.
 *
 * @mixin Message
 */
final class MessageRowResource extends JsonResource
{
    private const LONGEST_BODY = 200;

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'id' => $this->ulid,
            'inlet' => ['id' => $this->inlet->id, 'name' => $this->inlet->name],
            'body' => mb_strimwidth(mb_scrub($this->body, 'UTF-8'), 0, self::LONGEST_BODY, '…'),
            'arrived_by' => $this->arrived_by,
            'part' => $this->part,
            'rerun' => $this->rerun_of !== null,
            'dry' => $this->dry,
            'state' => $this->state->value,
            'outcome' => $this->outcome,
            'signal' => $this->signal,
            'received_at' => Moment::of($this->received_at),
            'decisions' => $this->decisions->map(static fn (Decision $decision): array => [
                'id' => $decision->id,
                'route' => $decision->route === null ? null : ['id' => $decision->route->id, 'name' => $decision->route->name],
                'dry' => $decision->dry,
                'verdict' => $decision->verdict,
                'summary' => $decision->summary,
            ])->values(),
        ];
    }
}
