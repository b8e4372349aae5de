<?php

declare(strict_types=1);

namespace Wexon\Core\Reading\Field;

use Wexon\Core\Reading\Numbers;
use Wexon\Core\Reading\ReadingError;
use Wexon\Core\Signal\SizeUnit;

/** How much. A unit that stands behind the number counts more than the one chosen: "5%", "250 USD", "2 lots". */
final readonly class SizeKind implements FieldKind
{
    private const WRITTEN = '/^([+-]?[\d.,\' ]+?(?:e[+-]?\d{1,2})?)\s*(%|[A-Za-z]{3,12})?$/i';

    public function units(): array
    {
        return SizeUnit::words();
    }

    public function part(string $field, string|array $value, ?string $unit): array
    {
        $text = Scalar::of($field, $value);
        $amount = preg_match(self::WRITTEN, $text, $found) === 1 ? Numbers::plain($found[1]) : null;
        if ($amount === null) {
            throw ReadingError::at($field, $text, 'a number, such as 0.25, 5% or 250 USD', Numbers::within($text));
        }
        $size = ['amount' => ltrim($amount, '-'), 'unit' => $unit ?? SizeUnit::Units->value];
        $behind = $found[2] ?? '';

        return [$field => match (true) {
            $behind === '' => $size,
            $behind === '%' => ['unit' => SizeUnit::Percent->value] + $size,
            SizeUnit::tryFrom(rtrim(strtolower($behind), 's').'s') !== null => ['unit' => rtrim(strtolower($behind), 's').'s'] + $size,
            default => ['unit' => SizeUnit::Money->value, 'currency' => $behind] + $size,
        }];
    }
}
