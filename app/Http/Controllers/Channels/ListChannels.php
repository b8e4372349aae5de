<?php

namespace App\Http\Controllers\Channels;

use App\Http\Resources\ChannelResource;
use App\Models\Channel;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Resources\Json\AnonymousResourceCollection;

/** The desk's channels, each with its last deliveries. */
final class ListChannels
{
    public function __invoke(#[CurrentUser] User $user): AnonymousResourceCollection
    {
        return ChannelResource::collection(Channel::query()->where('desk_id', $user->desk_id)->with('lastDeliveries')->orderBy('id')->get());
    }
}
