<?php

declare(strict_types=1);

namespace Wexon\Core\Reading\Format;

/** Anything else: a word, a phrase, a page of text. */
final readonly class PhraseFormat implements Format
{
    public function name(): string
    {
        return 'phrase';
    }

    public function take(string $text): array
    {
        return [Document::of($text)];
    }
}
