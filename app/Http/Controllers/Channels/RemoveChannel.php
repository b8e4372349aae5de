<?php

namespace App\Http\Controllers\Channels;

use App\Models\Channel;
use Illuminate\Http\Response;

final class RemoveChannel
{
    public function __invoke(Channel $channel): Response
    {
        $channel->delete();

        return new Response(status: 204);
    }
}
