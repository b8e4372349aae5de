<?php

declare(strict_types=1);

namespace Wexon\Core\Reading;

use Brick\Math\BigDecimal;
use Brick\Math\Exception\MathException;
use DateTimeImmutable;
use DateTimeZone;

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
        foreach (array_keys($this->values) as $name) {
            if (! in_array($name, $names, true)) {
                throw ReadingError::at($this->prefix.mb_substr(mb_scrub((string) $name), 0, 40), $this->values[$name], 'no such field; '.$this->nearest((string) $name, $names));
            }
        }
    }

    /** @throws ReadingError If it is not text, or is longer than allowed. */
    public function text(string $name, int $longest): ?string
    {
        $value = $this->values[$name] ?? null;
        if ($value === null || $value === '') {
            return null;
        }
        if (! is_string($value) || mb_strlen($value) > $longest) {
            throw ReadingError::at($this->prefix.$name, $value, "text of at most {$longest} characters");
        }
        if (preg_match('/\$\{[^}]*\}/', $value) === 1) {
            throw ReadingError::at($this->prefix.$name, $value, 'a value; this is a placeholder that the charting platform did not fill in');
        }

        return trim($value);
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
            throw ReadingError::at($this->prefix.$name, $value, 'one of '.implode(', ', $words));
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
                throw ReadingError::at($this->prefix.$name, $value, 'a number of ordinary length');
            }

            return BigDecimal::of($value);
        } catch (MathException) {
            throw ReadingError::at($this->prefix.$name, $value, 'a number such as 0.25');
        }
    }

    /** @throws ReadingError If it is not a number above zero. */
    public function positive(string $name): ?BigDecimal
    {
        $number = $this->number($name);
        if ($number !== null && ! $number->isPositive()) {
            throw ReadingError::at($this->prefix.$name, (string) $number, 'a number above zero');
        }

        return $number;
    }

    /** @throws ReadingError If it is not an ISO 8601 time. */
    public function time(string $name): ?DateTimeImmutable
    {
        $value = $this->text($name, 64);
        if ($value === null) {
            return null;
        }
        $shape = '/^\d{4}-\d\d-\d\d[T ]\d\d:\d\d(:\d\d(\.\d{1,9})?)?(Z|[+-]\d\d:?\d\d)?$/i';
        $time = preg_match($shape, $value) === 1 ? date_create_immutable($value, new DateTimeZone('UTC')) : false;
        if ($time === false) {
            throw ReadingError::at($this->prefix.$name, $value, 'an ISO 8601 time such as 2026-03-02T14:30:00Z');
        }

        return $time->setTimezone(new DateTimeZone('UTC'));
    }

    /** @param  list<string>  $names */
    private function nearest(string $name, array $names): string
    {
        foreach ($names as $known) {
            if (levenshtein(strtolower(substr($name, 0, 40)), $known) <= 2) {
                return "did you mean “{$known}”?";
            }
        }

        return 'known are '.implode(', ', $names);
    }
}
