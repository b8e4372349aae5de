<?php

namespace App\Http\Resources;

use App\Journal\Outcome;
use App\Mail\ConfirmationMail;
use App\Models\Decision;
use App\Models\Message;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use Wexon\Core\Decision\Comparison;

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
            'arrived_by' => $this->arrived_by,
            'dry' => $this->dry,
            'state' => $this->state->value,
            'outcome' => $this->outcome,
            'format' => $this->format,
            'notes' => $this->notes ?? [],
            'blanked' => $this->blanked,
            'links' => $this->state->value === 'confirmation' ? ConfirmationMail::links($this->resource) : [],
            'suggestions' => $this->suggestions ?? [],
            'parent' => $this->parent?->ulid,
            'parts' => $this->parts->map(static fn (Message $part): string => $part->ulid)->values(),
            'slip' => $this->slip === null ? null : ['route_id' => $this->slip->route_id, 'kind' => $this->slip->kind],
            'rerun_of' => $this->original?->ulid,
            'differs' => $this->differs(),
            'signal' => $this->signal,
            'received_at' => Moment::of($this->received_at),
            'decisions' => DecisionResource::collection($this->decisions->each(fn (Decision $decision) => $decision->setRelation('message', $this->resource))),
        ];
    }

    /** @return list<array{what: string, before: string|null, after: string|null}>|null Null until all is decided, and for a message that is no other run again. */
    private function differs(): ?array
    {
        $original = $this->original;
        if ($original === null || $this->state->value === 'stored' || $this->decisions->contains(static fn (Decision $decision): bool => $decision->decided_at === null)) {
            return null;
        }

        return Comparison::of(Outcome::of($original), Outcome::of($this->resource));
    }
}
