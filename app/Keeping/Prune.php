<?php

namespace App\Keeping;

use App\Models\Delivery;
use App\Models\Message;
use App\Models\Notice;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\DB;

/**
 * Takes out what nobody looks up any more, so that the tables do not grow for ever: messages that led to no order, with
 * the decisions that refused them, notices, and deliveries. Whatever an order, a fill or a trade came of is kept for good.
 */
final readonly class Prune
{
    /** Rows that are taken at a time, so that nobody waits for a lock for long. */
    private const AT_ONCE = 500;

    public function run(CarbonImmutable $now): void
    {
        $before = $now->subDays((int) config('wexon.keep_days'))->format('Y-m-d H:i:s.u');
        $messages = Message::query()->where('received_at', '<', $before)->whereDoesntHave('parts')
            ->whereDoesntHave('decisions', static fn (Builder $decision) => $decision->whereHas('orders')->orWhereNull('finished_at')->orWhereIn('id', DB::table('protections')->select('decision_id')));
        $messages->whereNotIn('id', DB::table('messages')->whereNotNull('rerun_of')->select('rerun_of'));
        $this->each($messages, $this->messages(...));
        $this->each(Delivery::query()->where('due_at', '<', $before)->where('state', '!=', 'due'), static fn (array $ids) => Delivery::query()->whereKey($ids)->delete());
        $this->each(Notice::query()->where('created_at', '<', $before)->whereNotNull('read_at'), static fn (array $ids) => Notice::query()->whereKey($ids)->delete());
    }

    /** @param  list<int>  $ids */
    private function messages(array $ids): void
    {
        DB::transaction(static function () use ($ids): void {
            DB::table('decisions')->whereIn('message_id', $ids)->delete();
            Message::query()->whereKey($ids)->delete();
        });
    }

    /**
     * @param  Builder<covariant \Illuminate\Database\Eloquent\Model>  $rows
     * @param  callable(list<int>): mixed  $take
     */
    private function each(Builder $rows, callable $take): void
    {
        do {
            $ids = array_values(array_map(intval(...), (clone $rows)->orderBy('id')->limit(self::AT_ONCE)->pluck('id')->all()));
            $ids === [] || $take($ids);
        } while (count($ids) === self::AT_ONCE);
    }
}
