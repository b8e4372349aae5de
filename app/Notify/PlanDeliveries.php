<?php

namespace App\Notify;

use App\Models\Channel;
use App\Models\Delivery;
use App\Models\Notice;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;

/** Makes deliveries of what is new for each channel: one for each notice, one for all of them in a storm, none before quiet hours are over. */
final class PlanDeliveries
{
    /** Notices at once, and deliveries within a minute, from which they are told together. */
    private const STORM = 5;

    /** Seconds for which a storm is gathered. */
    private const GATHERED = 60;

    private const MOST_NOTICES = 200;

    private const MOST_LINES = 30;

    public function plan(): void
    {
        foreach (Channel::query()->where('is_on', true)->with('desk')->get() as $channel) {
            $notices = Notice::query()->where('desk_id', $channel->desk_id)->where('id', '>', $channel->seen)->orderBy('id')->limit(self::MOST_NOTICES)->get();
            $wanted = $notices->filter(static fn (Notice $notice): bool => in_array($notice->kind, $channel->kinds, true) && ($channel->routes === [] || $notice->route_id === null || in_array($notice->route_id, $channel->routes, true)))->values();
            if ($notices->isNotEmpty()) {
                DB::transaction(fn () => $this->keep($channel, $notices->max('id'), $wanted));
            }
        }
    }

    /** @param  Collection<int, Notice>  $wanted */
    private function keep(Channel $channel, int $seen, Collection $wanted): void
    {
        $now = CarbonImmutable::now();
        $due = $channel->quietUntil($now) ?? $now;
        $lately = $channel->deliveries()->where('created_at', '>', $now->subSeconds(self::GATHERED)->format('Y-m-d H:i:s.u'))->count();
        $gathering = $channel->deliveries()->where('state', 'due')->where('notices', '>', 1)->where('attempts', 0)->orderByDesc('id')->first();
        $isStorm = $due > $now || $gathering !== null || $wanted->count() + $lately > self::STORM;
        if ($isStorm && $wanted->isNotEmpty()) {
            $this->gather($channel, $gathering, $wanted, $due > $now ? $due : $now->addSeconds(self::GATHERED), $now);
        }
        foreach ($isStorm ? [] : $wanted as $notice) {
            $channel->deliveries()->create(['subject' => $this->subject($notice), 'words' => $this->line($notice), 'notices' => 1, 'state' => 'due', 'created_at' => $now, 'due_at' => $now]);
        }
        $channel->update(['seen' => $seen]);
    }

    /** @param  Collection<int, Notice>  $wanted */
    private function gather(Channel $channel, ?Delivery $gathering, Collection $wanted, CarbonImmutable $due, CarbonImmutable $now): void
    {
        $count = ($gathering->notices ?? 0) + $wanted->count();
        $room = max(0, self::MOST_LINES - ($gathering->notices ?? 0));
        $lines = [...$gathering === null ? [] : [$gathering->words], ...$wanted->take($room)->map($this->line(...))->all()];
        $values = ['subject' => "Wexon: {$count} notices together", 'words' => implode("\n", $lines), 'notices' => max(2, $count)];
        $gathering === null
            ? $channel->deliveries()->create($values + ['state' => 'due', 'created_at' => $now, 'due_at' => $due])
            : $gathering->update($values);
    }

    private function subject(Notice $notice): string
    {
        return 'Wexon: '.mb_substr($notice->words, 0, 120);
    }

    private function line(Notice $notice): string
    {
        return "{$notice->created_at->format('H:i:s')} UTC {$notice->kind}: {$notice->words}".($notice->link === null ? '' : ' '.config('wexon.public_url').$notice->link);
    }
}
