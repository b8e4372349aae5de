<?php

namespace App\Dispatch;

use App\Models\Decision;

/**
 * The id under which the venue knows an order: worked out from what the order is for, so that the same order always has
 * the same id, whoever sends it and however often.
 */
final class ClientOrderId
{
    private const LENGTH = 26;

    public static function of(Decision $decision, int $number): string
    {
        $for = [$decision->message->ulid, $decision->route_id, $decision->account_id, $decision->instrument, $number];

        return 'wx'.substr(hash('sha256', implode("\n", $for)), 0, self::LENGTH);
    }
}
