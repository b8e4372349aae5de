<?php

declare(strict_types=1);

namespace Standin\Bench\Script;

use Wexon\Core\Study\Candle;
use Wexon\Core\Study\Parameter;
use Wexon\Core\Study\Studies;
use Wexon\Core\Study\Study;

/** Long when the fast midpoint line goes above the slow one, short when below, flat when the close comes back over the fast one. */
final class MidpointCross implements Script
{
    use ActsAtTheClose;

    private int $before = 0;

    private function __construct(private readonly Study $midpoints) {}

    public static function definition(): Definition
    {
        return new Definition('Midpoint cross', 'Enters on a cross of the fast and the slow midpoint line, on its side; gets out when the close is back beyond the slow line.', [
            'fast' => new Parameter('Fast length', 9, 1, 200),
            'slow' => new Parameter('Slow length', 26, 2, 400),
        ], static fn (array $given): self => new self(Studies::make('midpoints', $given)));
    }

    public function close(Candle $candle, Book $book, Terms $terms): array
    {
        $lines = $this->midpoints->next($candle);
        if (! isset($lines['fast'], $lines['slow'])) {
            return [];
        }
        $now = $lines['fast'] <=> $lines['slow'];
        $crossed = $now !== 0 && $now !== $this->before && $this->before !== 0;
        $this->before = $now === 0 ? $this->before : $now;
        $isBack = $book->position()->getSign() === -($candle->close <=> $lines['slow']) && ! $book->position()->isZero();

        return match (true) {
            $crossed && $now > 0 => Stance::long($book, $terms->size, 'midpoints cross up'),
            $crossed => Stance::short($book, $terms->size, 'midpoints cross down'),
            $isBack => Stance::flat($book, 'back beyond the slow line'),
            default => [],
        };
    }
}
