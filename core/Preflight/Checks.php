<?php

declare(strict_types=1);

namespace Wexon\Core\Preflight;

use Wexon\Core\Preflight\Check\AccountCheck;
use Wexon\Core\Preflight\Check\AddsCheck;
use Wexon\Core\Preflight\Check\Check;
use Wexon\Core\Preflight\Check\EntryCheck;
use Wexon\Core\Preflight\Check\EveryBarCheck;
use Wexon\Core\Preflight\Check\InletCheck;
use Wexon\Core\Preflight\Check\LiveCheck;
use Wexon\Core\Preflight\Check\MappedCheck;
use Wexon\Core\Preflight\Check\OthersCheck;
use Wexon\Core\Preflight\Check\PlacesCheck;
use Wexon\Core\Preflight\Check\ShortableCheck;
use Wexon\Core\Preflight\Check\SlipsCheck;
use Wexon\Core\Preflight\Check\StopCheck;
use Wexon\Core\Preflight\Check\TargetsCheck;
use Wexon\Core\Preflight\Check\WayOutCheck;

/**
 * Everything that is looked at before a route is armed.
 *
 * @phpstan-import-type FindingArray from Finding
 */
final class Checks
{
    /** @return list<FindingArray> What must be mended first. */
    public static function run(RouteSeen $route): array
    {
        $findings = [];
        foreach (self::all() as $check) {
            foreach ($check->findings($route) as $finding) {
                $findings[$finding->level->value][] = $finding->toArray($check->name());
            }
        }

        return array_merge(...array_map(static fn (Level $level): array => $findings[$level->value] ?? [], Level::cases()));
    }

    /** @return list<Check> */
    private static function all(): array
    {
        return [
            new AccountCheck, new MappedCheck, new ShortableCheck, new EntryCheck, new AddsCheck, new TargetsCheck, new StopCheck, new WayOutCheck,
            new SlipsCheck, new InletCheck, new OthersCheck, new EveryBarCheck, new PlacesCheck, new LiveCheck,
        ];
    }
}
