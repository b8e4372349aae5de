<?php

declare(strict_types=1);

namespace Wexon\Core\Guard;

use Wexon\Core\Decision\Snapshot;
use Wexon\Core\Intent\ResolvedIntent;
use Wexon\Core\Route\RouteRules;
use Wexon\Core\Signal\Signal;

/** What a guard may look at. */
final readonly class GuardInput
{
    public function __construct(
        public Signal $signal,
        public ResolvedIntent $intent,
        public RouteRules $rules,
        public Snapshot $snapshot,
    ) {}
}
