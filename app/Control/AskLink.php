<?php

namespace App\Control;

use App\Models\Decision;

/** The address under which somebody who is not signed in can answer one question, as long as it is open. */
final class AskLink
{
    private const LENGTH = 40;

    public static function of(Decision $decision): string
    {
        return "/ask/{$decision->id}/".self::token($decision);
    }

    public static function opens(Decision $decision, string $token): bool
    {
        return hash_equals(self::token($decision), $token);
    }

    private static function token(Decision $decision): string
    {
        return substr(hash_hmac('sha256', "ask:{$decision->id}:{$decision->message->ulid}", (string) config('app.key')), 0, self::LENGTH);
    }
}
