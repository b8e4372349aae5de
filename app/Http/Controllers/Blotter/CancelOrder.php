<?php

namespace App\Http\Controllers\Blotter;

use App\Connector\VenueTrouble;
use App\Dispatch\TakeBack;
use App\Http\Resources\OrderResource;
use App\Models\Order;
use App\Models\OrderState;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;

/** Takes back what is not filled of a working order, now. */
final class CancelOrder
{
    public function __invoke(Order $order, #[CurrentUser] User $user, TakeBack $takeBack): OrderResource
    {
        abort_if($order->role->protects(), 409, 'This order looks after a position and would be placed again: change stop or targets on the page of the position.');
        abort_unless(in_array($order->state, OrderState::open(), true), 409, "This order is {$order->state->value}: there is nothing to take back.");
        try {
            $takeBack->takeBack($order, "Taken back by hand by {$user->name}.");
        } catch (VenueTrouble $trouble) {
            abort(422, $trouble->getMessage());
        }
        abort_unless($order->state === OrderState::Cancelled, 409, 'The order was filled before it could be taken back.');

        return new OrderResource($order);
    }
}
