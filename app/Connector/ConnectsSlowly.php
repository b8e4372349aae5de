<?php

namespace App\Connector;

/** A connector whose first connection takes many seconds. */
interface ConnectsSlowly
{
    /**
     * Connects, unless it is connected already.
     *
     * @param  callable(int, string): void  $progress  Percent, and what is being done.
     *
     * @throws VenueTrouble
     */
    public function connect(callable $progress): void;
}
