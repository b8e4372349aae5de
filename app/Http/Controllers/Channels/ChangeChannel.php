<?php

namespace App\Http\Controllers\Channels;

use App\Http\Requests\ChannelRequest;
use App\Http\Resources\ChannelResource;
use App\Models\Channel;
use App\Models\Notice;

/** What was not told while it was off stays untold. */
final class ChangeChannel
{
    public function __invoke(ChannelRequest $request, Channel $channel): ChannelResource
    {
        $channel->update($request->validated() + ($channel->is_on ? [] : ['seen' => (int) Notice::query()->max('id')]));

        return new ChannelResource($channel->load('lastDeliveries'));
    }
}
