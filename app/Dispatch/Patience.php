<?php

namespace App\Dispatch;

use App\Connector\TroubleKind;
use App\Connector\VenueTrouble;
use Illuminate\Support\Sleep;

/** Tries something at a venue again: a few times when in doubt, and for as long as the venue is only busy. A no is an answer. */
final class Patience
{
    private const TRIES = 4;

    /** Pauses between the tries, in milliseconds; a venue that is busy says itself how long. */
    private const PAUSES = [200, 500, 1_000];

    /** Seconds for which a venue may be busy. */
    private const BUSY_FOR = 60;

    /**
     * @template T
     *
     * @param  callable(): T  $attempt
     * @param  callable(VenueTrouble): void  $onTrouble
     * @return T
     *
     * @throws VenueTrouble The last one, when patience is at its end.
     */
    public static function with(callable $attempt, callable $onTrouble): mixed
    {
        $until = microtime(true) + self::BUSY_FOR;
        for ($tries = 0; ;) {
            try {
                return $attempt();
            } catch (VenueTrouble $trouble) {
                $onTrouble($trouble);
                if ($trouble->kind->isFinal()) {
                    throw $trouble;
                }
                $isBusy = $trouble->kind === TroubleKind::Busy;
                $tries += $isBusy ? 0 : 1;
                if ($tries >= self::TRIES || microtime(true) > $until) {
                    throw $trouble;
                }
                Sleep::for($trouble->retryAfter === null ? (self::PAUSES[$tries - 1] ?? 1_000) : (int) ceil($trouble->retryAfter * 1_000))->milliseconds();
            }
        }
    }
}
