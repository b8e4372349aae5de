<?php

declare(strict_types=1);

namespace Wexon\Core\Reading\Format;

/** One shape that a message can have. */
interface Format
{
    /** "json", "pairs": as the screens and the API name it. */
    public function name(): string;

    /**
     * @param  string  $text  UTF-8, without the blanks around it, not empty.
     * @return list<Document>|null One for each message in the text; null when it has another shape.
     */
    public function take(string $text): ?array;
}
