<?php

declare(strict_types=1);

namespace Wexon\Core\Reading\Format;

use Wexon\Core\Reading\Line\LineReader;
use Wexon\Core\Reading\Split;

/** Our own one-line text form, one or several lines of it. */
final readonly class LineFormat implements Format
{
    public function name(): string
    {
        return 'line';
    }

    public function take(string $text): ?array
    {
        if (! LineReader::isMeant($text)) {
            return null;
        }
        $documents = [];
        foreach (Split::by('/\R/u', $text) as $line) {
            $line = trim($line);
            if ($line === '') {
                continue;
            }
            if (! LineReader::isMeant($line)) {
                return null;
            }
            $documents[] = Document::of($line);
        }

        return $documents;
    }
}
