<?php

namespace App\Connector;

use Wexon\Core\Market\Bar;

/** A connector whose venue tells what prices did before. */
interface TellsHistory
{
    /**
     * @param  int  $seconds  Of a bar.
     * @return list<Bar> The oldest first; the last one is still going on.
     *
     * @throws VenueTrouble
     */
    public function bars(string $instrument, int $seconds, int $count): array;
}
