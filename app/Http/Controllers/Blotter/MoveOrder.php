<?php

namespace App\Http\Controllers\Blotter;

use App\Connector\VenueTrouble;
use App\Dispatch\ReplaceOrder;
use App\Http\Resources\OrderResource;
use App\Models\Instrument;
use App\Models\Order;
use App\Models\OrderState;
use App\Models\User;
use Brick\Math\BigDecimal;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;

/** Takes a working order back and places what is not filled of it at another price. */
final class MoveOrder
{
    public function __invoke(Request $request, Order $order, #[CurrentUser] User $user, ReplaceOrder $replace): OrderResource
    {
        $given = $request->validate(['price' => ['required', 'string', 'regex:/^\d{1,12}(\.\d{1,12})?$/']], ['price.regex' => 'A price is a number such as 38.20.']);
        abort_if($order->role->protects(), 409, 'This order looks after a position: move it on the page of the position.');
        abort_unless($order->state === OrderState::Working, 409, "This order is {$order->state->value}: it cannot be moved.");
        $price = BigDecimal::of($given['price']);
        $tick = Instrument::listed($order->account->venue, $order->instrument)->tick;
        if (! $price->isPositive() || ! $price->remainder($tick)->isZero()) {
            throw ValidationException::withMessages(['price' => "A price of {$order->instrument} is above zero and in steps of {$tick}."]);
        }
        try {
            $moved = $replace->replace($order, $order->terms()->movedTo($price), "Moved to {$price} by {$user->name}.");
        } catch (VenueTrouble $trouble) {
            abort(422, $trouble->getMessage());
        }
        $moved ?? abort(409, 'The order was filled before it could be moved.');

        return new OrderResource($moved->load('decision.route', 'decision.message', 'account'));
    }
}
