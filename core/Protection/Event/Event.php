<?php

declare(strict_types=1);

namespace Wexon\Core\Protection\Event;

use Wexon\Core\Instrument\Instrument;
use Wexon\Core\Protection\Outcome;
use Wexon\Core\Protection\Protection;

/** Something that happens to a position which is looked after. */
interface Event
{
    public function applyTo(Protection $protection, Instrument $instrument): Outcome;
}
