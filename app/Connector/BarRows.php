<?php

namespace App\Connector;

use Brick\Math\BigDecimal;
use Carbon\CarbonImmutable;
use Wexon\Core\Market\Bar;

/** Bars that a venue lists as rows of begin (milliseconds since 1970), open, high, low, close. */
final class BarRows
{
    /**
     * @param  list<array{int, string, string, string, string}>  $rows
     * @return list<Bar>
     */
    public static function read(array $rows): array
    {
        return array_map(static fn (array $row): Bar => new Bar(CarbonImmutable::createFromTimestampMs($row[0]), BigDecimal::of($row[1]), BigDecimal::of($row[2]), BigDecimal::of($row[3]), BigDecimal::of($row[4])), $rows);
    }
}
