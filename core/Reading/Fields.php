<?php

declare(strict_types=1);

namespace Wexon\Core\Reading;

use Brick\Math\BigDecimal;
use Brick\Math\Exception\MathException;
use DateTimeImmutable;

/** Takes typed values out of one decoded object and says, for a value that will not do, what would have done. */
final readonly class Fields
{
    /** Longest number taken, in characters: beyond it no venue has anything to say. */
    private const LONGEST_NUMBER = 40;

    /** @param  array<array-key, mixed>  $values */
    private function __construct(private array $values, private string $prefix) {}

    /** @param  array<array-key, mixed>  $values */
    public static function of(array $values, string $prefix): self
    {
        return new self($values, $prefix);
    }

    /**
     * @param  list<string>  $names
     *
     * @throws ReadingError If there is a field of another name.
     */
    public function allowOnly(array $names): void
    {
        foreach (array_diff(array_keys($this->values), $names) as $unknown) {
            $name = (string) $unknown;
            $nearest = Nearest::of($name, $names);
            $expected = 'no such field'.($nearest === null ? '; known are '.implode(', ', $names) : '');
            throw ReadingError::at($this->named(mb_substr(mb_scrub($name), 0, 40)), $this->values[$unknown], $expected, $nearest);
        }
    }

    public function raw(string $name): mixed
    {
        return $this->values[$name] ?? null;
    }

    public function named(string $name): string
    {
        return $this->prefix.$name;
    }

    /** @throws ReadingError If it is not text, or is longer than allowed. */
    public function text(string $name, int $longest): ?string
    {
        $value = $this->values[$name] ?? null;
        if ($value === null || $value === '') {
            return null;
        }
        if (! is_string($value) || (strlen($value) > $longest && mb_strlen($value) > $longest)) {
            throw ReadingError::at($this->named($name), $value, "text of at most {$longest} characters");
        }

        $line = trim(ctype_print($value) ? $value : (string) preg_replace('/[\x00-\x1F\x7F]+/', ' ', $value));

        return $line === '' ? null : $line;
    }

    /**
     * @param  list<string>  $words
     *
     * @throws ReadingError If it is another word.
     */
    public function word(string $name, array $words): ?string
    {
        $value = $this->text($name, 64);
        if ($value === null) {
            return null;
        }
        $word = strtolower($value);
        if (! in_array($word, $words, true)) {
            throw ReadingError::at($this->named($name), $value, 'one of '.implode(', ', $words), Nearest::of($value, $words));
        }

        return $word;
    }

    /** @throws ReadingError If it is not a number. */
    public function number(string $name): ?BigDecimal
    {
        $value = $this->text($name, 200);
        if ($value === null) {
            return null;
        }
        try {
            if (strlen($value) > self::LONGEST_NUMBER || preg_match('/e[+-]?\d{3,}$/i', $value) === 1) {
                throw ReadingError::at($this->named($name), $value, 'a number of ordinary length');
            }

            return BigDecimal::of($value);
        } catch (MathException) {
            throw ReadingError::at($this->named($name), $value, 'a number such as 0.25', Numbers::within($value));
        }
    }

    /** @throws ReadingError If it is not a number above zero. */
    public function positive(string $name): ?BigDecimal
    {
        $number = $this->number($name);
        if ($number !== null && ! $number->isPositive()) {
            throw ReadingError::at($this->named($name), (string) $number, 'a number above zero', $number->isZero() ? null : (string) $number->abs());
        }

        return $number;
    }

    /** @throws ReadingError If it is not above zero and at most a hundred. */
    public function share(string $name): ?BigDecimal
    {
        $share = $this->positive($name);
        if ($share !== null && $share->isGreaterThan(100)) {
            throw ReadingError::at($this->named($name), (string) $share, 'a percentage up to 100', '100');
        }

        return $share;
    }

    /** @throws ReadingError If it is neither an ISO 8601 time nor a count of seconds or milliseconds since 1970. */
    public function time(string $name): ?DateTimeImmutable
    {
        $value = $this->text($name, 64);

        return $value === null ? null : Times::read($value) ?? throw ReadingError::at($this->named($name), $value, 'an ISO 8601 time such as 2026-03-02T14:30:00Z, or seconds or milliseconds since 1970');
    }

    /** @throws ReadingError If it is not true or false. */
    public function flag(string $name): bool
    {
        $value = $this->values[$name] ?? false;

        return match (true) {
            is_bool($value) => $value,
            $value === 'true' => true,
            $value === 'false', $value === '' => false,
            default => throw ReadingError::at($this->named($name), $value, 'true or false'),
        };
    }

    /**
     * @return array<array-key, mixed>|null
     *
     * @throws ReadingError If it is no object or list.
     */
    public function tree(string $name, string $expected): ?array
    {
        $value = $this->values[$name] ?? null;

        return $value === null || is_array($value) ? $value : throw ReadingError::at($this->named($name), $value, $expected);
    }
}
