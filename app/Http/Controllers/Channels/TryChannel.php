<?php

namespace App\Http\Controllers\Channels;

use App\Http\Resources\ChannelResource;
use App\Models\Channel;
use App\Models\User;
use App\Notify\SendDeliveries;
use Illuminate\Container\Attributes\CurrentUser;

/** Sends a few words at once, to see whether they arrive. */
final class TryChannel
{
    public function __invoke(Channel $channel, #[CurrentUser] User $user, SendDeliveries $send): ChannelResource
    {
        $delivery = $channel->deliveries()->create(['subject' => 'Wexon: a test', 'words' => "{$user->name} is trying the channel “{$channel->name}”. Nothing has happened.", 'notices' => 1, 'state' => 'due', 'created_at' => now(), 'due_at' => now()]);
        $send->attempt($delivery->setRelation('channel', $channel));

        return new ChannelResource($channel->load('lastDeliveries'));
    }
}
