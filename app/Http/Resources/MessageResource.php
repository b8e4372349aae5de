<?php

namespace App\Http\Resources;

use App\Models\Decision;
use App\Models\Message;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/** @mixin Message */
final class MessageResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'id' => $this->ulid,
            'inlet' => ['id' => $this->inlet->id, 'name' => $this->inlet->name],
            'body' => mb_scrub($this->body, 'UTF-8'),
            'content_type' => $this->content_type,
            'headers' => (object) $this->headers,
            'sender' => $this->sender,
            'dry' => $this->dry,
            'state' => $this->state->value,
            'outcome' => $this->outcome,
            'signal' => $this->signal,
            'received_at' => Moment::of($this->received_at),
            'decisions' => DecisionResource::collection($this->decisions->each(fn (Decision $decision) => $decision->setRelation('message', $this->resource))),
        ];
    }
}
