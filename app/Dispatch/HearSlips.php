<?php

namespace App\Dispatch;

use App\Models\Decision;
use App\Models\Message;
use App\Models\Slip;
use Illuminate\Support\Facades\DB;
use Wexon\Core\Signal\Signal;

/** Ticks off the alert slip that a real message belongs to: by its code, or else by what it says. */
final class HearSlips
{
    /** @param  list<Decision>  $decisions What the message came to. */
    public function hear(Message $message, Signal $signal, array $decisions): void
    {
        if ($message->dry || $message->arrived_by === 'hand' || $decisions === []) {
            return;
        }
        $slip = $this->slip($signal, $decisions);
        if ($slip === null) {
            return;
        }
        $message->slip_id = $slip->id;
        Slip::query()->whereKey($slip->id)->update([
            'heard' => DB::raw('heard + 1'),
            'first_heard_at' => $slip->first_heard_at ?? $message->received_at,
            'last_heard_at' => $message->received_at,
            'silent_since' => null,
        ]);
    }

    /** @param  non-empty-list<Decision>  $decisions */
    private function slip(Signal $signal, array $decisions): ?Slip
    {
        $routes = array_unique(array_column($decisions, 'route_id'));
        if ($signal->slip !== null) {
            return Slip::query()->where('code', $signal->slip)->whereIn('route_id', $routes)->first();
        }
        $kinds = array_filter([$signal->symbol === null ? null : "{$signal}", $signal->position === null ? null : "script {$signal->symbol}"], is_string(...));
        $slips = Slip::query()->whereIn('route_id', $routes)->whereIn('kind', $kinds)->limit(2)->get();

        return $slips->count() === 1 ? $slips->first() : null;
    }
}
