<?php

namespace App\Http\Controllers\Channels;

use App\Http\Requests\ChannelRequest;
use App\Http\Resources\ChannelResource;
use App\Models\Channel;
use App\Models\Notice;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Support\Str;

/** A new channel: it is told of what happens from now on. */
final class MakeChannel
{
    private const SECRET = 40;

    public function __invoke(ChannelRequest $request, #[CurrentUser] User $user): ChannelResource
    {
        $channel = Channel::query()->create($request->validated() + ['desk_id' => $user->desk_id, 'secret' => Str::random(self::SECRET), 'seen' => (int) Notice::query()->max('id')]);

        return new ChannelResource($channel->load('lastDeliveries'));
    }
}
