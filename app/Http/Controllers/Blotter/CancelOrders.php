<?php

namespace App\Http\Controllers\Blotter;

use App\Connector\VenueTrouble;
use App\Dispatch\TakeBack;
use App\Models\Order;
use App\Models\OrderState;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Wexon\Core\Order\OrderRole;

/** Takes back every working order of the desk, or those of one account or route; stops and targets stay with their positions. */
final class CancelOrders
{
    private const MOST = 500;

    public function __invoke(Request $request, #[CurrentUser] User $user, TakeBack $takeBack): JsonResponse
    {
        $given = array_filter($request->validate(['account_id' => ['nullable', 'integer'], 'route_id' => ['nullable', 'integer']]));
        $cancelled = 0;
        $troubles = [];
        foreach ($user->desk->orders()->whereIn('state', OrderState::open())->whereIn('role', OrderRole::unprotecting())->where($given)->with('account')->orderBy('id')->limit(self::MOST)->get() as $order) {
            try {
                $takeBack->takeBack($order, "Taken back with all others by {$user->name}.");
                $cancelled += $order->state === OrderState::Cancelled ? 1 : 0;
            } catch (VenueTrouble $trouble) {
                $troubles[] = "{$this->named($order)}: {$trouble->getMessage()}";
            }
        }

        return new JsonResponse(['cancelled' => $cancelled, 'troubles' => $troubles]);
    }

    private function named(Order $order): string
    {
        return "{$order->account->name}, {$order->working()}";
    }
}
