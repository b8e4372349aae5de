<?php

namespace App\Http\Controllers\Journal;

use App\Http\Resources\MessageResource;
use App\Models\Message;

/** One message with everything that came of it. */
final class ShowMessage
{
    public function __invoke(Message $message): MessageResource
    {
        return new MessageResource($message->load(['inlet', 'parent:id,ulid', 'parts:id,ulid,parent_id', 'slip', 'original.decisions.route', 'original.decisions.account', 'decisions.route', 'decisions.account', 'decisions.orders']));
    }
}
