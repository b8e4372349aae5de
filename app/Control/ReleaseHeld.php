<?php

namespace App\Control;

use App\Jobs\WorkLane;
use App\Live\Live;
use App\Models\Decision;
use App\Models\DecisionState;
use Illuminate\Database\Eloquent\Builder;
use Wexon\Core\Decision\Verdict;

/** Signals that wait: for a place, which the one that has waited longest gets, or for somebody to say yes. Whose time is up goes, or is given up. */
final readonly class ReleaseHeld
{
    private const MOST = 200;

    public function __construct(private GatherFacts $facts, private Live $live) {}

    public function look(): void
    {
        foreach ($this->held()->where('held_until', '<=', now()->format('Y-m-d H:i:s.u'))->limit(self::MOST)->get() as $decision) {
            $this->timeIsUp($decision);
        }
        $given = [];
        foreach ($this->held()->where('held_for', 'place')->limit(self::MOST)->get() as $decision) {
            if ($this->hasRoom($decision, $given)) {
                $given[] = $decision;
                $this->release($decision, []);
            }
        }
    }

    /**
     * Somebody, or the clock, says yes to a share of the size, in percent.
     *
     * @return bool False when it does not wait for an answer any more.
     */
    public function approve(Decision $decision, string $by, string $share): bool
    {
        return $decision->held_for === 'approval' && $this->release($decision, ['approved_by' => $by, 'approved_share' => $share]);
    }

    /**
     * Decided once more, with what the world is like by then.
     *
     * @param  array<string, mixed>  $with
     * @return bool False when it does not wait any more.
     */
    private function release(Decision $decision, array $with): bool
    {
        $isMine = $this->held()->whereKey($decision->id)->update(['state' => DecisionState::Waiting, 'finished_at' => null] + $with) === 1;
        if ($isMine) {
            WorkLane::dispatch($decision->lane);
        }

        return $isMine;
    }

    /** @return bool False when it does not wait any more. */
    public function giveUp(Decision $decision, string $words): bool
    {
        $isMine = $this->held()->whereKey($decision->id)->update(['state' => DecisionState::Done, 'verdict' => Verdict::Refuse->value, 'summary' => mb_substr($words, 0, 600), 'finished_at' => now()->format('Y-m-d H:i:s.u')]) === 1;
        if ($isMine) {
            $this->live->decision($decision->refresh()->load('message'));
        }

        return $isMine;
    }

    private function timeIsUp(Decision $decision): void
    {
        $goes = $decision->held_for === 'approval' && $decision->route?->rulesValue()->ask?->goes === true;
        match (true) {
            $goes => $this->approve($decision, 'the clock', '100'),
            $decision->held_for === 'place' => $this->giveUp($decision, 'It waited for a place in vain. '.($decision->summary ?? '')),
            default => $this->giveUp($decision, 'Nobody said yes in time, so nothing was sent.'),
        };
    }

    /** @param  list<Decision>  $given  Who got a place in this look. */
    private function hasRoom(Decision $decision, array $given): bool
    {
        foreach ([[$decision->route_id, $decision->route?->rulesValue()->guards->positions], [null, $decision->account->limits()->positions]] as [$routeId, $most]) {
            $same = array_filter($given, static fn (Decision $other): bool => $other->account_id === $decision->account_id && ($routeId === null || $other->route_id === $routeId));
            if ($most !== null && count($this->facts->places($decision->account_id, $routeId)) + count($same) >= $most) {
                return false;
            }
        }

        return true;
    }

    /** @return Builder<Decision> */
    private function held(): Builder
    {
        return Decision::query()->where('state', DecisionState::Held)->with(['route', 'account'])->orderBy('id');
    }
}
