<?php

declare(strict_types=1);

namespace Standin\Bench\Script;

use Wexon\Core\Study\Candle;
use Wexon\Core\Study\Parameter;
use Wexon\Core\Study\Studies;
use Wexon\Core\Study\Study;

/** In when the close is outside the bands, on that side; out when it is back at the middle. */
final class BandBreakout implements Script
{
    use ActsAtTheClose;

    private function __construct(private readonly Study $bands) {}

    public static function definition(): Definition
    {
        return new Definition('Band breakout', 'Buys a close above the upper band, sells one below the lower; gets out when the close is back at the middle.', [
            'length' => new Parameter('Length', 20, 2, 300),
            'factor' => new Parameter('Deviations', 2, 0.1, 10, whole: false),
        ], static fn (array $given): self => new self(Studies::make('bollinger', $given)));
    }

    public function close(Candle $candle, Book $book, Terms $terms): array
    {
        $bands = $this->bands->next($candle);
        if ($bands === []) {
            return [];
        }
        $held = $book->position()->getSign();

        return match (true) {
            $held === 0 && $candle->close > $bands['upper'] => Stance::long($book, $terms->size, 'above the band'),
            $held === 0 && $candle->close < $bands['lower'] => Stance::short($book, $terms->size, 'below the band'),
            $held !== 0 && ($candle->close <=> $bands['middle']) !== $held => Stance::flat($book, 'back at the middle'),
            default => [],
        };
    }
}
