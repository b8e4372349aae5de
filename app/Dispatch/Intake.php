<?php

namespace App\Dispatch;

use App\Jobs\WorkLane;
use App\Live\Live;
use App\Models\Decision;
use App\Models\Message;
use App\Models\MessageState;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\DB;
use Throwable;

/** Reads stored messages in the order they came in, and puts what they mean into the lanes. One worker at a time does this. */
final readonly class Intake
{
    private const BATCH = 50;

    public function __construct(private ReadMessage $read, private Live $live) {}

    public function work(): void
    {
        do {
            $mine = NamedLock::run('intake', function (): void {
                while ($this->readBatch() === self::BATCH);
            });
        } while ($mine && $this->stored()->exists());
    }

    /** @return int How many were read. */
    private function readBatch(): int
    {
        $messages = $this->stored()->with('inlet')->orderBy('id')->limit(self::BATCH)->get();
        $decisions = DB::transaction(fn (): array => $messages->flatMap($this->readOne(...))->all());
        foreach (array_unique(array_map(static fn (Decision $decision): string => $decision->lane, $decisions)) as $lane) {
            WorkLane::dispatch($lane);
        }
        foreach ($messages as $message) {
            $this->live->message($message);
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
