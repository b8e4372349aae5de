<?php

namespace App\Http\Resources;

use App\Models\Channel;
use App\Models\Delivery;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/** @mixin Channel */
final class ChannelResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'id' => $this->id,
            'name' => $this->name,
            'way' => $this->way,
            'target' => $this->target,
            'form' => $this->form->value,
            'secret' => $this->way === 'webhook' ? $this->secret : null,
            'kinds' => $this->kinds,
            'routes' => $this->routes,
            'quiet_from' => $this->quiet_from,
            'quiet_to' => $this->quiet_to,
            'is_on' => $this->is_on,
            'deliveries' => $this->lastDeliveries->map(static fn (Delivery $one): array => [
                'id' => $one->id, 'subject' => $one->subject, 'notices' => $one->notices, 'state' => $one->state, 'attempts' => $one->attempts,
                'trouble' => $one->trouble, 'due_at' => Moment::of($one->due_at), 'sent_at' => Moment::of($one->sent_at),
            ])->all(),
        ];
    }
}
