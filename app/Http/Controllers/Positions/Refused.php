<?php

namespace App\Http\Controllers\Positions;

use App\Connector\VenueTrouble;
use Illuminate\Validation\ValidationException;
use Wexon\Core\Order\OrderRefusal;

/** What is refused by our rules or by the venue is said at the field that it is about. */
final class Refused
{
    /**
     * @template T
     *
     * @param  callable(): T  $act
     * @return T
     *
     * @throws ValidationException
     */
    public static function orDone(string $field, callable $act): mixed
    {
        try {
            return $act();
        } catch (OrderRefusal|VenueTrouble $refusal) {
            throw ValidationException::withMessages([$field => $refusal->getMessage()]);
        }
    }
}
