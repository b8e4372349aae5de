<?php

declare(strict_types=1);

namespace Standin\Bench\Script;

use Wexon\Core\Study\Candle;
use Wexon\Core\Study\Parameter;
use Wexon\Core\Study\Studies;
use Wexon\Core\Study\Study;

/** In when the RSI comes up out of the oversold zone, out when it comes to the overbought one. */
final class Oversold implements Script
{
    use ActsAtTheClose;

    private ?float $before = null;

    private function __construct(private readonly Study $rsi, private readonly float $low, private readonly float $high) {}

    public static function definition(): Definition
    {
        return new Definition('Oversold, overbought', 'Buys when the RSI comes back up through the lower bound, sells all at the upper one. Long only.', [
            'length' => new Parameter('RSI length', 14, 2, 200),
            'low' => new Parameter('Oversold below', 30, 1, 50, whole: false),
            'high' => new Parameter('Overbought from', 65, 50, 99, whole: false),
        ], static fn (array $given): self => new self(Studies::make('rsi', ['length' => $given['length']]), $given['low'], $given['high']));
    }

    public function close(Candle $candle, Book $book, Terms $terms): array
    {
        $before = $this->before;
        $rsi = $this->before = $this->rsi->next($candle)['rsi'] ?? null;
        if ($before === null || $rsi === null) {
            return [];
        }

        return match (true) {
            $book->position()->isZero() && $before < $this->low && $rsi >= $this->low => Stance::long($book, $terms->size, 'out of oversold'),
            ! $book->position()->isZero() && $rsi >= $this->high => Stance::flat($book, 'overbought'),
            default => [],
        };
    }
}
