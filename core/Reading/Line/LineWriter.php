<?php

declare(strict_types=1);

namespace Wexon\Core\Reading\Line;

use Wexon\Core\Signal\Action;
use Wexon\Core\Signal\Signal;

/** Writes a signal in the one-line text form: {@see LineReader} reads it back. */
final class LineWriter
{
    private const TIME = 'Y-m-d\TH:i:s.vp';

    public static function write(Signal $signal): string
    {
        $side = $signal->side->value ?? ($signal->action === Action::Set ? 'flat' : null);
        $all = $signal->all || ($signal->symbol === null && $signal->action === Action::Flatten) ? 'all' : null;
        $clauses = [
            'size' => $signal->size === null ? null : (string) $signal->size,
            'share' => $signal->share === null ? null : "{$signal->share}%",
            'limit' => self::text($signal->limit),
            'trigger' => self::text($signal->trigger),
            'stop' => self::text($signal->stop),
            'targets' => $signal->targets === [] ? null : implode(' ', array_map(strval(...), $signal->targets)),
            'trailing' => self::text($signal->trailing),
            'chart' => $signal->position === null ? null : implode(' ', $signal->position->toArray()),
            'price' => self::text($signal->price),
            'label' => self::quoted($signal->label),
            'accounts' => $signal->accounts === [] ? null : self::quoted(implode(',', $signal->accounts)),
            'fired' => $signal->firedAt?->format(self::TIME),
            'expires' => $signal->expiresAt?->format(self::TIME),
            'id' => self::quoted($signal->id),
            'slip' => self::quoted($signal->slip),
        ];
        $words = array_filter([$signal->action->value, $side, $all, self::quoted($signal->symbol)], is_string(...));
        foreach ($clauses as $clause => $value) {
            if ($value !== null) {
                array_push($words, $clause, $value);
            }
        }

        return implode(' ', $words);
    }

    private static function text(?object $value): ?string
    {
        return $value instanceof \Stringable ? (string) $value : null;
    }

    /** Quoted when it would not be one plain word. */
    private static function quoted(?string $text): ?string
    {
        if ($text === null) {
            return null;
        }
        $isPlain = preg_match('/^[^\s"\\\\]+$/u', $text) === 1 && ! in_array(strtolower($text), [...LineReader::CLAUSES, 'all', 'long', 'short', 'flat'], true);

        return $isPlain ? $text : '"'.addcslashes($text, '"\\').'"';
    }
}
