<?php

namespace App\Control;

use App\Connector\VenueTrouble;
use App\Dispatch\TakeBack;
use App\Live\Live;
use App\Models\Account;
use App\Models\Halt;
use App\Models\Notice;
use App\Models\Order;
use App\Models\OrderState;
use App\Models\Position;
use App\Models\Route;
use App\Models\Trade;
use App\Notify\Kind;
use App\Protect\Hand;
use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use Illuminate\Support\Facades\Log;
use RuntimeException;
use Wexon\Core\Guard\AtLimit;
use Wexon\Core\Guard\Limits;
use Wexon\Core\Order\OrderRole;
use Wexon\Core\Route\RouteState;

/**
 * What limits do by themselves, once a second: close everything at the end of a window, pause or halt when a loss has
 * reached its limit. What they did is seen from what there is, so that a watcher which starts later does it then.
 */
final class WatchLimits
{
    private const EVERY = 1.0;

    private float $lookedAt = 0.0;

    public function __construct(
        private readonly DayProfit $dayProfit,
        private readonly ChangeState $change,
        private readonly Hand $hand,
        private readonly TakeBack $takeBack,
        private readonly Live $live,
    ) {}

    /** @param  list<int>  $accounts */
    public function look(array $accounts): void
    {
        if (microtime(true) < $this->lookedAt + self::EVERY) {
            return;
        }
        $this->lookedAt = microtime(true);
        $limited = static fn ($route) => $route->whereNotNull('rules->guards');
        foreach (Account::query()->whereKey($accounts)->where(static fn ($account) => $account->whereNotNull('guards')->orWhereHas('routes', $limited))->with(['routes' => $limited])->get() as $account) {
            $account->guards === null || $this->account($account, $account->limits());
            foreach ($account->routes as $route) {
                $this->route($route, $account, $route->rulesValue()->guards);
            }
        }
    }

    private function route(Route $route, Account $account, Limits $limits): void
    {
        if ($this->hasEnded($limits)) {
            $this->closeAll($account, $route, 'window');
        }
        $profit = $limits->dayLoss === null || $limits->atDayLoss === AtLimit::Refuse || ! in_array($route->state, [RouteState::Armed, RouteState::WindingDown], true) ? null : $this->dayProfit->of($account, $route->id, $limits->zone);
        if ($profit !== null && $limits->hasLost($profit)) {
            $this->change->byItself($route, RouteState::Paused, 'a rule', "It has lost {$this->shown($profit->abs(), $account)} today on “{$account->name}”; its limit is {$limits->dayLoss}.");
            $limits->atDayLoss === AtLimit::Flatten && $this->closeAll($account, $route, 'loss of the day');
        }
    }

    private function account(Account $account, Limits $limits): void
    {
        if ($this->hasEnded($limits)) {
            $this->closeAll($account, null, 'window');
        }
        $profit = $limits->dayLoss === null || $limits->atDayLoss === AtLimit::Refuse ? null : $this->dayProfit->of($account, null, $limits->zone);
        if ($profit !== null && $limits->hasLost($profit)) {
            $this->halt($account, "it has lost {$this->shown($profit->abs(), $account)} today; its limit is {$limits->dayLoss}", $limits->atDayLoss);
        }
        $fallen = $limits->atFall === AtLimit::Refuse ? null : $limits->fallen($account->peak_equity, $account->equity);
        if ($fallen !== null) {
            $this->halt($account, "it has fallen {$fallen->toScale(2, RoundingMode::DOWN)} % from its peak; its limit is {$limits->fall} %", $limits->atFall);
        }
    }

    private function hasEnded(Limits $limits): bool
    {
        return $limits->window?->closeAtEnd === true && ! $limits->window->isOpen(now()->toDateTimeImmutable());
    }

    /** One at a time; lifted while the limit is still reached, it comes back: then the limit is what has to be changed. */
    private function halt(Account $account, string $why, AtLimit $then): void
    {
        $halt = Halt::query()->firstOrCreate(['desk_id' => $account->desk_id, 'account_id' => $account->id, 'lifted_at' => null], [
            'reason' => $why, 'cancels' => true, 'flattens' => $then === AtLimit::Flatten, 'begun_by' => 'a rule', 'begun_at' => now(),
        ]);
        if ($halt->wasRecentlyCreated) {
            Notice::once($account->desk_id, Kind::Halt, "“{$account->name}” was halted by a rule: {$why}.", '/');
            $this->live->halt($account->desk_id);
        }
    }

    private function closeAll(Account $account, ?Route $route, string $reason): void
    {
        $mine = ['account_id' => $account->id] + ($route === null ? [] : ['route_id' => $route->id]);
        $opening = [OrderRole::Entry, OrderRole::Add, OrderRole::Placed];
        foreach (Order::query()->where($mine)->whereIn('role', $opening)->whereIn('state', OrderState::open())->with('account')->get() as $order) {
            $this->try(fn () => $this->takeBack->takeBack($order, "Taken back: {$reason}."));
        }
        $instruments = $route === null ? null : Trade::query()->where($mine)->whereNull('closed_at')->pluck('instrument');
        $positions = Position::query()->where('account_id', $account->id)->where('quantity', '!=', 0)->when($instruments !== null, static fn ($position) => $position->whereIn('instrument', $instruments))->with('account')->get();
        foreach ($positions as $position) {
            $this->try(fn () => $this->hand->close($position, BigDecimal::of(100), $reason));
        }
    }

    /** @param  callable(): mixed  $act */
    private function try(callable $act): void
    {
        try {
            $act();
        } catch (VenueTrouble|RuntimeException $trouble) {
            Log::warning("A limit could not be carried out yet: {$trouble->getMessage()}");
        }
    }

    private function shown(BigDecimal $money, Account $account): string
    {
        return "{$money->toScale(2, RoundingMode::DOWN)} {$account->currency}";
    }
}
