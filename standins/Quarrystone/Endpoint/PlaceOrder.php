<?php

declare(strict_types=1);

namespace Standin\Quarrystone\Endpoint;

use Brick\Math\BigDecimal;
use Brick\Math\Exception\MathException;
use Standin\Quarrystone\Key;
use Standin\Quarrystone\Market;
use Standin\Quarrystone\Orders;
use Standin\Quarrystone\Problem;
use Symfony\Component\HttpFoundation\Request;
use Wexon\Core\Signal\OrderSide;

/** POST /v1/orders {client_id, instrument, side, type, quantity, reduce_only}. */
final class PlaceOrder implements Endpoint
{
    public function answer(Request $request, Key $key): array
    {
        $key->need('trade');
        $body = $request->getPayload();
        $clientId = (string) $body->get('client_id');
        if (preg_match('/^[A-Za-z0-9_-]{1,40}$/', $clientId) !== 1) {
            throw Problem::of(422, 'bad_client_id', 'client_id takes 1 to 40 letters, digits, dashes or underscores.');
        }
        if ($body->get('type') !== 'market') {
            throw Problem::of(422, 'bad_type', 'type is “market”.');
        }
        $side = OrderSide::tryFrom((string) $body->get('side')) ?? throw Problem::of(422, 'bad_side', 'side is “buy” or “sell”.');
        $instrument = Market::instrument((string) $body->get('instrument'));
        try {
            $quantity = BigDecimal::of((string) $body->get('quantity'));
        } catch (MathException) {
            throw Problem::of(422, 'bad_quantity', 'quantity is a decimal number in text.');
        }
        if (! $quantity->isPositive() || ! $instrument->roundSizeDown($quantity)->isEqualTo($quantity)) {
            throw Problem::of(422, 'bad_quantity', "quantity is above zero and in steps of {$instrument->lotStep}.");
        }

        return Orders::place($key->accountId, $clientId, $instrument, $side, $quantity, $body->getBoolean('reduce_only'));
    }
}
