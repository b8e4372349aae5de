<?php

namespace App\Http\Controllers\Channels;

use App\Http\Resources\ChannelResource;
use App\Models\Channel;
use App\Models\Delivery;
use App\Notify\SendDeliveries;

/** Tries a delivery once more that has not arrived. */
final class SendAgain
{
    public function __invoke(Channel $channel, int $delivery, SendDeliveries $send): ChannelResource
    {
        $one = $channel->deliveries()->whereKey($delivery)->firstOrFail();
        abort_if($one->state === 'sent', 409, 'This has arrived already.');
        $send->attempt($one->setRelation('channel', $channel));

        return new ChannelResource($channel->load('lastDeliveries'));
    }
}
