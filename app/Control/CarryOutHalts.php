<?php

namespace App\Control;

use App\Connector\VenueTrouble;
use App\Dispatch\TakeBack;
use App\Models\Account;
use App\Models\Halt;
use App\Models\Order;
use App\Models\OrderState;
use App\Models\Position;
use App\Protect\Hand;
use Brick\Math\BigDecimal;
use Illuminate\Support\Facades\Log;
use RuntimeException;
use Wexon\Core\Order\OrderRole;

/**
 * Takes back what works and closes what is held while a halt says so: at once, and for as long as it is on, so that what
 * was filled in the same moment, or while no watcher ran, is closed as well.
 */
final class CarryOutHalts
{
    private const EVERY = 0.5;

    /** Seconds before something is tried again that did not go. */
    private const RESTS = 5.0;

    private float $lookedAt = 0.0;

    /** @var array<string, float> */
    private array $restsUntil = [];

    public function __construct(private readonly TakeBack $takeBack, private readonly Hand $hand) {}

    /** @param  list<int>  $accounts */
    public function look(array $accounts): void
    {
        if (microtime(true) < $this->lookedAt + self::EVERY) {
            return;
        }
        $this->lookedAt = microtime(true);
        foreach (Halt::query()->whereNull('lifted_at')->where(static fn ($halt) => $halt->where('cancels', true)->orWhere('flattens', true))->get() as $halt) {
            $whose = $halt->account_id === null ? Account::query()->where('desk_id', $halt->desk_id)->pluck('id')->all() : [$halt->account_id];
            $this->carryOut($halt, array_values(array_intersect($whose, $accounts)));
        }
    }

    /** @param  list<int>  $accounts */
    private function carryOut(Halt $halt, array $accounts): void
    {
        foreach (Order::query()->whereIn('account_id', $accounts)->whereIn('state', OrderState::open())->whereIn('role', OrderRole::unprotecting())->with('account')->orderBy('id')->get() as $order) {
            $this->try("order {$order->id}", fn () => $this->takeBack->takeBack($order, "Taken back by the halt of {$halt->begun_by}."));
        }
        foreach ($halt->flattens ? Position::query()->whereIn('account_id', $accounts)->where('quantity', '!=', 0)->with('account')->get() : [] as $position) {
            $this->try("position {$position->id}", fn () => $this->hand->close($position, BigDecimal::of(100), "halt, {$halt->begun_by}"));
        }
    }

    /** @param  callable(): mixed  $act */
    private function try(string $what, callable $act): void
    {
        if (microtime(true) < ($this->restsUntil[$what] ?? 0)) {
            return;
        }
        try {
            $act();
        } catch (VenueTrouble|RuntimeException $trouble) {
            Log::warning("A halt could not be carried out on {$what} yet: {$trouble->getMessage()}");
        }
        // What came of it is only known when the venue has told.
        $this->restsUntil[$what] = microtime(true) + self::RESTS;
    }
}
