<?php

namespace App\Protect;

use App\Connector\Connector;
use App\Connector\Connectors;
use App\Dispatch\NamedLock;
use App\Dispatch\SendOrder;
use App\Models\Order;
use App\Models\OrderState;
use App\Models\Position;
use Wexon\Core\Market\Quote;

/** Planned adds that do not rest at the venue: each is sent when the market is at its limit, as long as its position is there. */
final class WatchAdds
{
    /** Seconds. */
    private const READ_EVERY = 0.2;

    /** @var array<string, list<Order>> By "venue:instrument". */
    private array $orders = [];

    private float $readAt = 0.0;

    public function __construct(private readonly Connectors $connectors, private readonly SendOrder $send) {}

    /**
     * @param  list<int>  $accounts
     * @param  array<string, array{Connector, list<string>}>  $also  What others want.
     * @return array<string, array{Connector, list<string>}> By venue: whom to ask about what.
     */
    public function wanted(array $accounts, array $also): array
    {
        $this->read($accounts);
        foreach ($this->orders as [$order]) {
            [$connector, $instruments] = $also[$order->account->venue] ?? [$this->connectors->for($order->account), []];
            if (! in_array($order->instrument, $instruments, true)) {
                $instruments[] = $order->instrument;
                sort($instruments);
                $also[$order->account->venue] = [$connector, $instruments];
            }
        }

        return $also;
    }

    /** @param  array<string, Quote>  $fresh  By "venue:instrument". */
    public function look(array $fresh): void
    {
        foreach (array_intersect_key($fresh, $this->orders) as $key => $quote) {
            foreach ($this->orders[$key] as $order) {
                if ($order->limit_price !== null && $quote->reaches($order->side, $order->limit_price)) {
                    NamedLock::run("lane:{$order->account_id}:{$order->instrument}", fn () => $this->sendOne($order));
                }
            }
        }
    }

    /** @param  list<int>  $accounts */
    private function read(array $accounts): void
    {
        if (microtime(true) < $this->readAt + self::READ_EVERY) {
            return;
        }
        $this->readAt = microtime(true);
        $orders = Order::query()->whereIn('account_id', $accounts)->where('state', OrderState::Scheduled)->where('watched', true)->with('account')->orderBy('id')->get();
        $this->orders = [];
        foreach ($orders as $order) {
            $this->orders["{$order->account->venue}:{$order->instrument}"][] = $order;
        }
    }

    private function sendOne(Order $order): void
    {
        $position = Position::query()->where('account_id', $order->account_id)->where('instrument', $order->instrument)->value('quantity');
        if ($position === null || $position->getSign() !== $order->side->sign()) {
            return;
        }
        $isMine = Order::query()->whereKey($order->id)->where('state', OrderState::Scheduled)
            ->update(['state' => OrderState::Committed, 'due_at' => now()->format('Y-m-d H:i:s.u')]) === 1;
        if ($isMine) {
            $this->send->send($order->refresh()->load(['account', 'decision']), fresh: true);
        }
        $this->readAt = 0.0;
    }
}
