<?php

declare(strict_types=1);

namespace Wexon\Core\Reading\Line;

use Wexon\Core\Reading\Nearest;
use Wexon\Core\Reading\ReadingError;
use Wexon\Core\Reading\WexonMessage;
use Wexon\Core\Signal\Action;
use Wexon\Core\Signal\Distance;
use Wexon\Core\Signal\Signal;
use Wexon\Core\Signal\SizeUnit;

/** Reads the one-line text form of our message: the grammar is in docs/message.md. */
final class LineReader
{
    public const CLAUSES = ['size', 'share', 'limit', 'trigger', 'stop', 'targets', 'trailing', 'chart', 'price', 'label', 'accounts', 'fired', 'expires', 'id', 'slip', 'phrase'];

    private const SIDES = ['long', 'short', 'flat'];

    private const FIELD_OF = ['fired' => 'fired_at', 'expires' => 'expires_at'];

    /** True when the line begins as one of ours does: with what to do. */
    public static function isMeant(string $line): bool
    {
        return preg_match('/^\s*+([a-z]++)(?=\s)/i', $line, $found) === 1 && Action::tryFrom(strtolower($found[1])) !== null;
    }

    /** True when it also has one of our clauses behind the symbol: a trader's own phrase hardly ever does. */
    public static function hasClause(string $line): bool
    {
        return preg_match('/\s(?:'.implode('|', self::CLAUSES).')\s/i', $line) === 1;
    }

    /** @throws ReadingError If the line is not one of ours. */
    public static function read(string $line): Signal
    {
        return WexonMessage::fromArray(self::toArray(Words::of($line)));
    }

    /**
     * @return array<string, mixed>
     *
     * @throws ReadingError
     */
    private static function toArray(Words $words): array
    {
        $first = $words->takeOneOf(Action::words()) ?? throw ReadingError::at('do', $words->peek() ?? '', 'one of '.implode(', ', Action::words()));
        $message = ['do' => $first];
        $side = $words->takeOneOf(self::SIDES);
        if ($side !== null) {
            $message['side'] = $side;
        }
        if ($words->takeOneOf(['all']) !== null && $first !== Action::Flatten->value) {
            $message['all'] = true;
        }
        if (! $words->isAtEnd() && ! in_array($words->keyword(), self::CLAUSES, true)) {
            $message['symbol'] = $words->take();
        }
        while (! $words->isAtEnd()) {
            $clause = $words->takeOneOf(self::CLAUSES) ?? throw ReadingError::at('message', $words->peek(), 'one of '.implode(', ', self::CLAUSES), Nearest::of((string) $words->peek(), self::CLAUSES));
            $field = self::FIELD_OF[$clause] ?? ($clause === 'chart' ? 'position' : $clause);
            if (isset($message[$field])) {
                throw ReadingError::at($field, $clause, "“{$clause}” once only");
            }
            $message[$field] = self::clause($clause, $words);
        }

        return $message;
    }

    /** @throws ReadingError */
    private static function clause(string $clause, Words $words): mixed
    {
        return match ($clause) {
            'size' => self::size($words),
            'share' => rtrim(self::next($clause, $words), '%'),
            'targets' => self::targets($words),
            'trailing' => self::trailing($words),
            'chart' => self::chart($words),
            default => self::next($clause, $words),
        };
    }

    /** @throws ReadingError */
    private static function next(string $clause, Words $words): string
    {
        return $words->take() ?? throw ReadingError::missing($clause, "a value behind “{$clause}”");
    }

    /**
     * @return array<string, string>
     *
     * @throws ReadingError
     */
    private static function size(Words $words): array
    {
        $amount = self::next('size', $words);
        if (str_ends_with($amount, '%')) {
            return ['amount' => substr($amount, 0, -1), 'unit' => SizeUnit::Percent->value];
        }
        $unit = $words->takeOneOf([...SizeUnit::words(), 'unit', 'lot', 'contract']);
        if ($unit !== null) {
            return ['amount' => $amount, 'unit' => in_array($unit, ['unit', 'lot', 'contract'], true) ? "{$unit}s" : $unit];
        }
        if ($words->keyword() !== null && ! in_array($words->keyword(), self::CLAUSES, true)) {
            return ['amount' => $amount, 'unit' => SizeUnit::Money->value, 'currency' => self::next('size', $words)];
        }

        return ['amount' => $amount];
    }

    /**
     * @return list<string>
     *
     * @throws ReadingError
     */
    private static function targets(Words $words): array
    {
        $targets = [self::next('targets', $words)];
        while (Distance::written(explode(':', $words->keyword() ?? '')[0]) !== null) {
            $targets[] = self::next('targets', $words);
        }

        return $targets;
    }

    /**
     * @return array<string, string>
     *
     * @throws ReadingError
     */
    private static function trailing(Words $words): array
    {
        $trailing = ['distance' => self::next('trailing', $words)];
        while (($part = $words->takeOneOf(['start', 'step'])) !== null) {
            $trailing[$part] = self::next("trailing {$part}", $words);
        }

        return $trailing;
    }

    /**
     * @return array<string, string>
     *
     * @throws ReadingError
     */
    private static function chart(Words $words): array
    {
        $position = ['before' => self::next('chart', $words), 'after' => self::next('chart', $words)];
        if ($words->keyword() !== null && is_numeric($words->keyword())) {
            $position['size'] = self::next('chart', $words);
        }

        return $position;
    }
}
