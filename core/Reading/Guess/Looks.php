<?php

declare(strict_types=1);

namespace Wexon\Core\Reading\Guess;

use Wexon\Core\Reading\Numbers;
use Wexon\Core\Reading\Times;
use Wexon\Core\Signal\Action;
use Wexon\Core\Signal\Distance;

/** Whether a value looks like what a field holds. */
final class Looks
{
    private const SYMBOL = '/^(?=.*[A-Z])[A-Z0-9][A-Z0-9._:\/!-]{0,30}$/';

    public static function like(string $field, string $value): bool
    {
        $value = trim($value);

        return $value !== '' && match ($field) {
            'do' => self::isAction($value),
            'side' => isset(Vocabulary::SIDES[Vocabulary::letters($value)]) || in_array(strtolower($value), ['long', 'short'], true),
            'symbol' => preg_match(self::SYMBOL, strtoupper($value)) === 1 && ! self::isAction($value),
            'size', 'share' => Numbers::within($value) !== null || preg_match('/^[\d.]+\s*%$/', $value) === 1,
            'price', 'position_size' => Numbers::plain($value) !== null,
            'limit', 'trigger', 'stop', 'trailing' => Numbers::plain($value) !== null || Distance::written(str_replace(' ', '', $value)) !== null,
            'targets' => Distance::written(explode(':', explode(' ', $value)[0])[0]) !== null,
            'position_before', 'position_after' => Numbers::plain($value) !== null || in_array(strtolower($value), ['long', 'short', 'flat', 'none', 'neutral'], true),
            'fired_at', 'expires_at' => Times::read($value) !== null,
            default => mb_strlen($value) <= 120,
        };
    }

    public static function isAction(string $value): bool
    {
        $letters = Vocabulary::letters($value);

        return isset(Vocabulary::ACTIONS[$letters]) || Action::tryFrom(strtolower(explode(' ', $value)[0])) !== null;
    }
}
