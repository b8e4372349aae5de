<?php

declare(strict_types=1);

namespace Wexon\Core\Profile;

/** Every placeholder text that a desk's charting platforms use: none may be left in a message that arrives. */
final readonly class Placeholders
{
    /** What looks like one of the bench's, even when it names no variable that there is. */
    private const LIKE_BENCH = '/\$\{[A-Za-z_][\w.]{0,40}\}/';

    /** @param  list<string>  $texts */
    private function __construct(private array $texts) {}

    public static function of(ChartProfile ...$profiles): self
    {
        return new self(array_values(array_unique(array_merge([], ...array_map(static fn (ChartProfile $profile): array => array_values($profile->variables), array_values($profiles))))));
    }

    /** The first that is left in a text; null when all were filled in. */
    public function firstIn(string $text): ?string
    {
        foreach ($this->texts as $placeholder) {
            if (str_contains($text, $placeholder)) {
                return $placeholder;
            }
        }

        return preg_match(self::LIKE_BENCH, $text, $found) === 1 ? $found[0] : null;
    }
}
