<?php

declare(strict_types=1);

namespace Wexon\Core\Slip;

use Wexon\Core\Signal\Signal;

/** One alert to be made on the charting platform. */
final readonly class Slip
{
    public function __construct(
        /** What tells it apart from the route's other slips: "enter long MARL/USD", "script MARL/USD". */
        public string $kind,
        /** What its message means, without what the chart fills in; null for a script's, whose orders say it. */
        public ?Signal $signal,
        public string $symbol,
        public string $name,
        /** When to let the alert fire, and why. */
        public string $when,
        public string $why,
    ) {}
}
