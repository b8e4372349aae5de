<?php

namespace App\Slips;

use App\Live\Live;
use App\Models\Message;
use App\Models\Notice;
use App\Models\Slip;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Wexon\Core\Route\RouteState;
use Wexon\Core\Slip\Expiry;
use Wexon\Core\Slip\Silence;

/** Reminds of alerts that expire, a week and a day before and when it is past, and of those that have gone silent. */
final readonly class Remind
{
    /** Messages by which it is judged what is usual. */
    private const LAST = 20;

    public function __construct(private Live $live) {}

    public function run(CarbonImmutable $now): void
    {
        Slip::query()->with(['route'])->whereNotNull('expires_on')->chunkById(200, function ($slips) use ($now): void {
            foreach ($slips as $slip) {
                $this->expiry($slip, $now);
            }
        });
        Slip::query()->with('route')->whereNull('silent_since')->where('heard', '>', 0)
            ->whereRelation('route', 'state', RouteState::Armed->value)->chunkById(200, function ($slips) use ($now): void {
                foreach ($slips as $slip) {
                    $this->silence($slip, $now);
                }
            });
    }

    private function expiry(Slip $slip, CarbonImmutable $now): void
    {
        $expiry = $slip->expiry($now, (string) DB::table('desks')->where('id', $slip->desk_id)->value('zone'));
        if ($expiry->wantsReminder($slip->reminded)) {
            $this->notice($slip, 'expiry', "The alert for “{$slip->route->name}: {$slip->kind}” {$expiry->words()} ({$slip->expires_on?->format('Y-m-d')}).", $now);
            $slip->update(['reminded' => $expiry]);
        } elseif ($slip->reminded !== null && in_array($expiry, [Expiry::Far, Expiry::None], true)) {
            $slip->update(['reminded' => null]);
        }
    }

    private function silence(Slip $slip, CarbonImmutable $now): void
    {
        $heard = $slip->messages()->orderByDesc('id')->limit(self::LAST)->get(['id', 'received_at'])->all();
        $longest = Silence::unusual(array_values(array_map(static fn (Message $message): CarbonImmutable => $message->received_at, $heard)), $now);
        if ($longest !== null) {
            $this->notice($slip, 'silence', "Nothing has come of “{$slip->route->name}: {$slip->kind}” since {$slip->last_heard_at?->format('Y-m-d H:i')} UTC; so far it was never silent for longer than {$this->words($longest)}. Look whether the alert is still there.", $now);
            $slip->update(['silent_since' => $now]);
        }
    }

    private function notice(Slip $slip, string $kind, string $words, CarbonImmutable $now): void
    {
        Notice::query()->create(['desk_id' => $slip->desk_id, 'kind' => $kind, 'words' => $words, 'link' => "/routes/{$slip->route_id}/slips", 'created_at' => $now]);
        $this->live->notices($slip->desk_id);
    }

    private function words(int $seconds): string
    {
        return match (true) {
            $seconds < 7_200 => max(1, intdiv($seconds, 60)).' min',
            $seconds < 172_800 => intdiv($seconds, 3_600).' h',
            default => intdiv($seconds, 86_400).' days',
        };
    }
}
