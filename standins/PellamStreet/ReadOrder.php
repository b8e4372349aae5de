<?php

declare(strict_types=1);

namespace Standin\PellamStreet;

use Standin\Exchange\Market as Listed;
use Standin\Exchange\OrderRequest;
use Standin\Exchange\Problem;
use Symfony\Component\HttpFoundation\InputBag;
use Wexon\Core\Order\OrderType;
use Wexon\Core\Order\TimeInForce;
use Wexon\Core\Signal\OrderSide;

/** An order as Pellam Street's clients write it: {reference, symbol, action, shares, order, limit, stop, lasts}. */
final class ReadOrder
{
    /** Side, and whether it closes. */
    private const ACTIONS = [
        'buy' => [OrderSide::Buy, false], 'sell' => [OrderSide::Sell, true],
        'sell_short' => [OrderSide::Sell, false], 'buy_to_cover' => [OrderSide::Buy, true],
    ];

    private const LASTS = ['day' => TimeInForce::Day, 'until_cancelled' => TimeInForce::Gtc];

    /**
     * @param  InputBag<bool|float|int|string|null>  $body
     *
     * @throws Problem If something in it will not do.
     */
    public static function of(InputBag $body, Listed $market): OrderRequest
    {
        $reference = OrderRequest::clientId((string) $body->get('reference'), 'reference');
        [$side, $closes] = self::ACTIONS[(string) $body->get('action')] ?? throw Problem::of(422, 'bad_action', 'action is one of '.implode(', ', array_keys(self::ACTIONS)).'.');
        $type = OrderType::tryFrom((string) $body->get('order')) ?? throw Problem::of(422, 'bad_order', 'order is market, limit, stop or stop_limit.');
        $share = $market->instrument((string) $body->get('symbol'));

        return new OrderRequest(
            $reference,
            $share,
            $side,
            $type,
            OrderRequest::stepped((string) $body->get('shares'), 'shares', $share->lotStep),
            $type->hasLimit() ? OrderRequest::stepped((string) $body->get('limit'), 'limit', $share->tick) : null,
            $type->hasTrigger() ? OrderRequest::stepped((string) $body->get('stop'), 'stop', $share->tick) : null,
            self::LASTS[(string) $body->get('lasts', 'day')] ?? throw Problem::of(422, 'bad_lasts', 'lasts is day or until_cancelled.'),
            false,
            $closes,
        );
    }
}
