<?php

declare(strict_types=1);

namespace Wexon\Core\Reading\Line;

use Wexon\Core\Reading\ReadingError;

/** The words of one line, taken one after the other. A word in double quotes is never a keyword. */
final class Words
{
    private const WORD = '/\G\s*+(?:"((?:[^"\\\\]++|\\\\.)*+)"|([^\s"]++))(?=\s|$)/su';

    private const MOST = 200;

    private int $at = 0;

    /** @param  list<array{string, bool}>  $words  Each with whether it was quoted. */
    private function __construct(private readonly array $words) {}

    /** @throws ReadingError If a quote is not closed, or there are too many words. */
    public static function of(string $line): self
    {
        $words = [];
        $line = rtrim($line);
        for ($at = 0; $at < strlen($line); $at += strlen($found[0])) {
            if (preg_match(self::WORD, $line, $found, PREG_UNMATCHED_AS_NULL, $at) !== 1) {
                throw ReadingError::at('message', substr($line, $at), 'words, or text between double quotes');
            }
            $words[] = $found[1] === null ? [(string) $found[2], false] : [(string) preg_replace('/\\\\(.)/s', '$1', $found[1]), true];
            if (count($words) > self::MOST) {
                throw ReadingError::at('message', $line, 'a line of at most '.self::MOST.' words');
            }
        }

        return new self($words);
    }

    public function isAtEnd(): bool
    {
        return $this->at >= count($this->words);
    }

    /** The next word; null at the end. */
    public function peek(): ?string
    {
        return $this->words[$this->at][0] ?? null;
    }

    /** The next word in lower case if it can be a keyword. */
    public function keyword(): ?string
    {
        [$word, $quoted] = $this->words[$this->at] ?? [null, true];

        return $quoted || $word === null ? null : strtolower($word);
    }

    /** Takes the next word. */
    public function take(): ?string
    {
        return $this->words[$this->at++][0] ?? null;
    }

    /** @param  list<string>  $keywords */
    public function takeOneOf(array $keywords): ?string
    {
        $keyword = $this->keyword();
        if ($keyword === null || ! in_array($keyword, $keywords, true)) {
            return null;
        }
        $this->at++;

        return $keyword;
    }
}
