<?php

namespace App\Connector;

/** What a venue's no can mean when the order may have been there before. */
final class Asked
{
    /**
     * Tries, and when the venue refuses, looks whether it has the order already: then the report of that one is the answer.
     *
     * @param  callable(): OrderReport  $attempt
     * @param  callable(): (OrderReport|null)  $find
     *
     * @throws VenueTrouble
     */
    public static function orFind(callable $attempt, callable $find): OrderReport
    {
        try {
            return $attempt();
        } catch (VenueTrouble $trouble) {
            $earlier = $trouble->kind === TroubleKind::Refused ? $find() : null;

            return $earlier ?? throw $trouble;
        }
    }

    /**
     * @param  callable(): OrderReport  $find
     * @return OrderReport|null Null when the venue says that there is none.
     *
     * @throws VenueTrouble
     */
    public static function orNull(callable $find): ?OrderReport
    {
        try {
            return $find();
        } catch (VenueTrouble $trouble) {
            return $trouble->kind === TroubleKind::Refused ? null : throw $trouble;
        }
    }
}
