<?php

declare(strict_types=1);

namespace Standin\Bench\Script;

use Wexon\Core\Study\Candle;
use Wexon\Core\Study\Parameter;
use Wexon\Core\Study\Studies;
use Wexon\Core\Study\Study;

/** Long while the trend is up, flat while it is down. */
final class FollowTheTrend implements Script
{
    use ActsAtTheClose;

    private function __construct(private readonly Study $trend) {}

    public static function definition(): Definition
    {
        return new Definition('Trend flip, long only', 'Buys when the trend line flips up, sells all when it flips down.', [
            'length' => new Parameter('Length of the range', 10, 1, 200),
            'factor' => new Parameter('Ranges away', 3, 0.1, 20, whole: false),
        ], static fn (array $given): self => new self(Studies::make('trend_flip', $given)));
    }

    public function close(Candle $candle, Book $book, Terms $terms): array
    {
        return match ($this->trend->next($candle)['direction'] ?? null) {
            1.0 => $book->position()->isPositive() ? [] : Stance::long($book, $terms->size, 'trend up'),
            -1.0 => Stance::flat($book, 'trend down'),
            default => [],
        };
    }
}
