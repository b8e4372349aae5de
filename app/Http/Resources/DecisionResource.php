<?php

namespace App\Http\Resources;

use App\Models\Decision;
use App\Models\DecisionState;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/** @mixin Decision */
final class DecisionResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'id' => $this->id,
            'message' => $this->message->ulid,
            'received_at' => Moment::of($this->message->received_at),
            'signal' => $this->message->signal,
            'route' => $this->route === null ? null : ['id' => $this->route->id, 'name' => $this->route->name],
            'account' => ['id' => $this->account->id, 'name' => $this->account->name, 'environment' => $this->account->environment],
            'instrument' => $this->instrument,
            'dry' => $this->dry,
            'state' => $this->state->value,
            'verdict' => $this->verdict,
            'intent' => $this->intent,
            'summary' => $this->summary,
            'guard' => $this->guard,
            'held_for' => $this->state === DecisionState::Held ? $this->held_for : null,
            'held_until' => $this->state === DecisionState::Held ? Moment::of($this->held_until) : null,
            'approved_by' => $this->approved_by,
            'approved_share' => $this->approved_share === null ? null : (string) $this->approved_share->stripTrailingZeros(),
            'asked' => $this->trace['asked'] ?? [],
            'overruled' => $this->overruled,
            'overruled_by' => $this->overruled_by,
            'steps' => Steps::of($this->trace['steps'] ?? []),
            'tickets' => $this->trace['tickets'] ?? [],
            'cancels' => $this->trace['cancels'] ?? [],
            'ladder' => $this->trace['ladder'] ?? [],
            'orders' => OrderResource::collection($this->orders->each(fn ($order) => $order->setRelation('decision', $this->resource)->setRelation('account', $this->account))),
            'replayable' => $this->inputs !== null,
            'decided_at' => Moment::of($this->decided_at),
            'finished_at' => Moment::of($this->finished_at),
        ];
    }
}
