<?php

declare(strict_types=1);

namespace Wexon\Core\Reading;

use InvalidArgumentException;

/** A trader's own regular expression, kept from running away: it gives up after so many steps. */
final readonly class Pattern
{
    private const BOUNDED = '(*LIMIT_MATCH=30000)(*LIMIT_DEPTH=2000)';

    private const LONGEST = 200;

    private const LONGEST_TEXT = 8_192;

    private function __construct(public string $written) {}

    /** @throws InvalidArgumentException If it is no regular expression. */
    public static function of(string $written): self
    {
        if ($written === '' || strlen($written) > self::LONGEST || str_contains($written, '(*')) {
            throw new InvalidArgumentException('A pattern is a regular expression of one to '.self::LONGEST.' characters, without verbs such as (*SKIP).');
        }
        $pattern = new self($written);
        if (@preg_match($pattern->delimited(), '') === false) {
            throw new InvalidArgumentException("“{$written}” is no regular expression: ".preg_replace('/^preg_match\(\): (?:Compilation failed: )?/', '', error_get_last()['message'] ?? 'it cannot be used').'.');
        }

        return $pattern;
    }

    /** @return array<array-key, string>|null The groups; null when it is not found. */
    public function groups(string $text): ?array
    {
        return preg_match($this->delimited(), mb_strcut($text, 0, self::LONGEST_TEXT, 'UTF-8'), $found) === 1 ? $found : null;
    }

    private function delimited(): string
    {
        return '~'.self::BOUNDED.str_replace('~', '\\x7E', $this->written).'~ui';
    }
}
