<?php

declare(strict_types=1);

namespace Standin\Larkmoor;

use Standin\Exchange\Market as Listed;
use Standin\Exchange\OrderRequest;
use Standin\Exchange\Problem;
use Symfony\Component\HttpFoundation\InputBag;
use Wexon\Core\Order\OrderType;
use Wexon\Core\Order\TimeInForce;
use Wexon\Core\Signal\OrderSide;

/** An order as Larkmoor's terminals write it: {tag, pair, way, kind, lots, at, effect}. */
final class ReadOrder
{
    private const KINDS = ['now' => OrderType::Market, 'limit' => OrderType::Limit, 'stop' => OrderType::Stop];

    /**
     * @param  InputBag<bool|float|int|string|null>  $body
     *
     * @throws Problem If something in it will not do.
     */
    public static function of(InputBag $body, Listed $market): OrderRequest
    {
        $tag = OrderRequest::clientId((string) $body->get('tag'), 'tag');
        $kind = self::KINDS[(string) $body->get('kind')] ?? throw Problem::of(422, 'bad_kind', 'kind is now, limit or stop.');
        $pair = $market->instrument((string) $body->get('pair'));
        $at = $kind === OrderType::Market ? null : OrderRequest::stepped((string) $body->get('at'), 'at', $pair->tick);

        return new OrderRequest(
            $tag,
            $pair,
            OrderSide::tryFrom((string) $body->get('way')) ?? throw Problem::of(422, 'bad_way', 'way is buy or sell.'),
            $kind,
            OrderRequest::stepped((string) $body->get('lots'), 'lots', $pair->lotStep),
            $kind->hasLimit() ? $at : null,
            $kind->hasTrigger() ? $at : null,
            TimeInForce::Gtc,
            false,
            (string) $body->get('effect') === 'close',
        );
    }
}
