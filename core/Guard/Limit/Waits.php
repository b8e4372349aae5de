<?php

declare(strict_types=1);

namespace Wexon\Core\Guard\Limit;

use Wexon\Core\Guard\Limits;

/** A limit that can let a signal wait instead of refusing it. */
interface Waits extends Limit
{
    /** @return int|null Seconds that it may wait at most, for what the words say; null: it is refused. */
    public function seconds(Limits $limits): ?int;

    /** "a place" */
    public function waitsFor(): string;
}
