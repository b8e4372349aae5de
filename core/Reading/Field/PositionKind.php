<?php

declare(strict_types=1);

namespace Wexon\Core\Reading\Field;

use Wexon\Core\Reading\Numbers;
use Wexon\Core\Reading\ReadingError;

/** A part of the chart's own position: a side as a word, or as the sign of a size. */
final readonly class PositionKind implements FieldKind
{
    private const NONE = ['flat', 'none', 'no', 'neutral', 'out'];

    /** @param  string  $part  before, after or size. */
    public function __construct(private string $part) {}

    public function units(): array
    {
        return [];
    }

    public function part(string $field, string|array $value, ?string $unit): array
    {
        $text = strtolower(Scalar::of($field, $value));
        $number = Numbers::plain($text);
        if ($this->part === 'size') {
            return ['position' => ['size' => $number ?? throw ReadingError::at($field, $value, 'a number such as 3', Numbers::within($text))]];
        }
        if ($number !== null) {
            $isZero = preg_match('/[1-9]/', explode('e', $number)[0]) !== 1;
            $side = $isZero ? 'flat' : (str_starts_with($number, '-') ? 'short' : 'long');

            return ['position' => [$this->part => $side]];
        }

        return ['position' => [$this->part => in_array($text, self::NONE, true) ? 'flat' : $text]];
    }
}
