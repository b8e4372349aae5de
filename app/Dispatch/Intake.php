<?php

namespace App\Dispatch;

use App\Jobs\WorkLane;
use App\Live\Live;
use App\Models\Decision;
use App\Models\Inlet;
use App\Models\Message;
use App\Models\MessageState;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\DB;
use Throwable;

/** Reads stored messages in the order they came in, and puts what they mean into the lanes. One worker at a time does this. */
final readonly class Intake
{
    /** Where the inlet puts its jobs: they go before all others. */
    public const QUEUE = 'intake';

    private const BATCH = 50;

    private const SURPLUS = 500;

    public function __construct(private ReadMessage $read, private Live $live) {}

    public function work(): void
    {
        do {
            $mine = NamedLock::run('intake', function (): void {
                $this->dropSurplusJobs();
                while ($this->readBatch() === self::BATCH);
            });
        } while ($mine && $this->stored()->exists());
    }

    /**
     * One worker reads the messages of a whole burst, so the jobs that came with the others need not be run one by one.
     * A job is on disk together with its message: whatever is dropped here, its message is read right after.
     */
    private function dropSurplusJobs(): void
    {
        do {
            $waiting = DB::table('jobs')->where('queue', self::QUEUE)->whereNull('reserved_at')->limit(self::SURPLUS)->pluck('id');
            DB::table('jobs')->whereIn('id', $waiting)->whereNull('reserved_at')->delete();
        } while ($waiting->count() === self::SURPLUS);
    }

    /** @return int How many were read. */
    private function readBatch(): int
    {
        $messages = $this->stored()->with('inlet.reading')->orderBy('id')->limit(self::BATCH)->get();
        $this->read->begin();
        $decisions = DB::transaction(fn (): array => $messages->flatMap($this->readOne(...))->all());
        foreach (array_unique(array_map(static fn (Decision $decision): string => $decision->lane, $decisions)) as $lane) {
            WorkLane::dispatch($lane);
        }
        foreach ($messages->keyBy('inlet_id') as $inletId => $last) {
            Inlet::query()->whereKey($inletId)->update(['last_heard_at' => $last->received_at]);
            $this->live->messages($last->desk_id);
        }

        return $messages->count();
    }

    /**
     * A message that makes us stumble is marked as such, and holds up none of the others.
     *
     * @return list<Decision>
     */
    private function readOne(Message $message): array
    {
        try {
            return DB::transaction(fn (): array => $this->read->read($message));
        } catch (Throwable $error) {
            report($error);
            $message->update(['state' => MessageState::Unreadable, 'outcome' => 'Wexon failed while reading this message; the error is in the log. Nothing was done.']);

            return [];
        }
    }

    /** @return Builder<Message> */
    private function stored(): Builder
    {
        return Message::query()->where('state', MessageState::Stored);
    }
}
