<?php

namespace App\Dispatch;

use App\Jobs\ReadMessages;
use App\Jobs\WorkLane;
use App\Models\Decision;
use App\Models\Message;
use App\Models\MessageState;
use Illuminate\Support\Facades\Queue;

/** Finds what a worker left behind when it died or the venue left it in doubt, and puts it back into the queue. */
final class Sweep
{
    private const LANES = 200;

    /** @param  int  $olderThan Seconds. */
    public function run(int $olderThan): void
    {
        $moment = now()->subSeconds($olderThan);
        if (Message::query()->where('state', MessageState::Stored)->where('received_at', '<=', $moment)->exists()) {
            Queue::pushOn(Intake::QUEUE, new ReadMessages);
        }
        $lanes = Decision::query()->whereNull('finished_at')->where('created_at', '<=', $moment)->distinct()->limit(self::LANES)->pluck('lane');
        foreach ($lanes as $lane) {
            WorkLane::dispatch($lane);
        }
    }
}
