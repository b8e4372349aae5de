<?php

namespace App\Dispatch;

use App\Models\Account;
use App\Models\Order;
use App\Models\OrderState;
use App\Models\Position;
use App\Models\Route;
use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use Illuminate\Database\Eloquent\Collection as EloquentCollection;
use Illuminate\Support\Collection;
use Wexon\Core\Market\Allocation;

/**
 * What is set aside on an account for its routes, and what of it is in use: by what they hold, and by orders that may
 * still be filled. A position counts to the route that trades its instrument.
 */
final class Allocations
{
    private const SCALE = 8;

    public function any(Account $account): bool
    {
        return $this->routes($account)->isNotEmpty();
    }

    /** As one route sees it; null when nothing at all is set aside on the account. */
    public function forRoute(Account $account, ?int $routeId): ?Allocation
    {
        if (! $this->any($account)) {
            return null;
        }
        $all = $this->all($account);
        $mine = $routeId === null ? null : $all->get($routeId);
        $others = $all->reject(static fn (array $one, int $id): bool => $id === $routeId)->reduce(
            static fn (BigDecimal $sum, array $one): BigDecimal => $sum->plus(BigDecimal::max($one['set_aside']->minus($one['in_use']), 0)),
            BigDecimal::zero(),
        );

        return Allocation::of($mine['set_aside'] ?? null, $mine['in_use'] ?? BigDecimal::zero(), $others);
    }

    /** @return Collection<int, array{set_aside: BigDecimal, in_use: BigDecimal}> By route, only those for which something is set aside. */
    public function all(Account $account): Collection
    {
        $routes = $this->routes($account);
        if ($routes->isEmpty()) {
            return new Collection;
        }
        $positions = Position::query()->where('account_id', $account->id)->where('quantity', '!=', 0)->get();
        $orders = Order::query()->where('account_id', $account->id)->whereIn('state', [OrderState::Committed, ...OrderState::open()])
            ->where('binds', '>', 0)->get();

        return $routes->mapWithKeys(fn (Route $route): array => [$route->id => [
            'set_aside' => $route->allocation(),
            'in_use' => $this->held($route, $positions)->plus($this->ordered($route, $orders)),
        ]])->toBase();
    }

    /** @return EloquentCollection<int, Route> Read once for an account as it was loaded. */
    private function routes(Account $account): EloquentCollection
    {
        return $account->loadMissing('routes')->routes->filter(static fn (Route $route): bool => $route->allocation()->isPositive());
    }

    /** @param  Collection<int, Position>  $positions */
    private function held(Route $route, Collection $positions): BigDecimal
    {
        return $this->sum($positions->whereIn('instrument', $route->instruments()),
            static fn (Position $position): BigDecimal => $position->cost->abs()->multipliedBy($position->rate)->dividedBy($position->leverage, self::SCALE, RoundingMode::UP));
    }

    /** @param  Collection<int, Order>  $orders */
    private function ordered(Route $route, Collection $orders): BigDecimal
    {
        return $this->sum($orders->where('route_id', $route->id), static fn (Order $order): BigDecimal => $order->binds
            ->multipliedBy($order->quantity->minus($order->filled))->dividedBy($order->quantity, self::SCALE, RoundingMode::UP));
    }

    /**
     * @template T
     *
     * @param  Collection<int, T>  $of
     * @param  callable(T): BigDecimal  $worth
     */
    private function sum(Collection $of, callable $worth): BigDecimal
    {
        return $of->reduce(static fn (BigDecimal $sum, $one): BigDecimal => $sum->plus($worth($one)), BigDecimal::zero());
    }
}
