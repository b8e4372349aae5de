<?php

declare(strict_types=1);

namespace Standin\Quarrystone;

use Standin\Exchange\Market;
use Standin\Exchange\OrderRequest;
use Standin\Exchange\Problem;
use Symfony\Component\HttpFoundation\InputBag;
use Wexon\Core\Order\OrderType;
use Wexon\Core\Order\TimeInForce;
use Wexon\Core\Signal\OrderSide;

/** An order as Quarrystone's clients write it. */
final class ReadOrder
{
    private const TYPES = ['market' => OrderType::Market, 'limit' => OrderType::Limit, 'stop' => OrderType::Stop, 'stop_limit' => OrderType::StopLimit];

    private const VALID = ['until_cancelled' => TimeInForce::Gtc, 'immediate' => TimeInForce::Ioc, 'complete' => TimeInForce::Fok];

    /**
     * @param  InputBag<bool|float|int|string|null>  $body
     *
     * @throws Problem If something in it will not do.
     */
    public static function of(InputBag $body, Market $market): OrderRequest
    {
        $clientId = OrderRequest::clientId((string) $body->get('client_id'), 'client_id');
        $type = self::TYPES[(string) $body->get('type')] ?? throw Problem::of(422, 'bad_type', 'type is one of '.implode(', ', array_keys(self::TYPES)).'.');
        $instrument = $market->instrument((string) $body->get('instrument'));

        return new OrderRequest(
            $clientId,
            $instrument,
            OrderSide::tryFrom((string) $body->get('side')) ?? throw Problem::of(422, 'bad_side', 'side is “buy” or “sell”.'),
            $type,
            OrderRequest::stepped((string) $body->get('quantity'), 'quantity', $instrument->lotStep),
            $type->hasLimit() ? OrderRequest::stepped((string) $body->get('price'), 'price', $instrument->tick) : null,
            $type->hasTrigger() ? OrderRequest::stepped((string) $body->get('trigger_price'), 'trigger_price', $instrument->tick) : null,
            self::VALID[(string) $body->get('valid', 'until_cancelled')] ?? throw Problem::of(422, 'bad_valid', 'valid is one of '.implode(', ', array_keys(self::VALID)).'.'),
            $body->getBoolean('maker_only'),
            $body->getBoolean('reduce_only'),
            $type === OrderType::Stop && $body->has('follows_by') ? OrderRequest::stepped((string) $body->get('follows_by'), 'follows_by', $instrument->tick) : null,
            $body->has('cancel_group') ? OrderRequest::clientId((string) $body->get('cancel_group'), 'cancel_group') : null,
        );
    }
}
