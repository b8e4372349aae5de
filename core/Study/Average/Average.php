<?php

declare(strict_types=1);

namespace Wexon\Core\Study\Average;

/** A running average of numbers. */
interface Average
{
    /** @return float|null Null as long as there were too few numbers. */
    public function next(float $number): ?float;
}
