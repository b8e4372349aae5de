<?php

namespace App\Dispatch;

use App\Connector\VenueTrouble;
use App\Models\Fill;
use App\Models\Order;
use App\Models\OrderState;
use App\Models\Position;
use Illuminate\Database\Eloquent\Builder;
use Wexon\Core\Order\OrderRole;

/** A position that is closed is neither entered further nor added to: what was to do so is taken back. */
final readonly class TakeBackAdds
{
    public function __construct(private TakeBack $takeBack) {}

    /**
     * Called in the position's lane. Orders that were decided after it was closed stay, as does the other half of a flip.
     *
     * @throws VenueTrouble
     */
    public function ifClosed(int $accountId, string $instrument): void
    {
        $which = ['account_id' => $accountId, 'instrument' => $instrument];
        $left = Order::query()->where($which)->whereIn('role', [OrderRole::Entry, OrderRole::Add])->whereIn('state', OrderState::open());
        if ($left->doesntExist() || Position::query()->where($which)->where('quantity', '!=', 0)->exists()) {
            return;
        }
        $last = Fill::query()->where($which)->orderByDesc('filled_at')->orderByDesc('id')->with('order')->first();
        if ($last === null || $last->order->role->opens()) {
            return;
        }
        $left->where('created_at', '<', $last->filled_at->format('Y-m-d H:i:s.u'))
            ->where(static fn (Builder $order) => $order->where('decision_id', '!=', $last->order->decision_id)->orWhere('id', '<', $last->order_id));
        foreach ($left->with('account')->get() as $order) {
            $this->takeBack->takeBack($order, 'Taken back: its position is closed.');
        }
    }
}
