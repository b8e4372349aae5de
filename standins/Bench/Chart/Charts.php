<?php

declare(strict_types=1);

namespace Standin\Bench\Chart;

use Standin\Bench\Trouble;
use Standin\Exchange\Closings;
use Standin\Exchange\Database;
use Standin\Exchange\Market;
use Standin\Larkmoor\Market as Larkmoor;
use Standin\PellamStreet\Market as PellamStreet;
use Standin\Quarrystone\Market as Quarrystone;

/** Everything that can be charted: what the practice venues trade, and what was brought along. */
final class Charts
{
    /** @var array<string, VenueChart>|null By key. */
    private static ?array $all = null;

    /** @return array<string, Chart> */
    public static function all(): array
    {
        self::$all ??= self::made();

        return self::$all + (new Imports(Database::of('bench')))->charts();
    }

    /** @throws Trouble If there is no such chart. */
    public static function of(string $key): Chart
    {
        self::$all ??= self::made();

        return self::$all[$key] ?? self::all()[$key] ?? throw new Trouble("There is no chart of “{$key}”. Choose one from the list.");
    }

    /** @return array<string, VenueChart> */
    private static function made(): array
    {
        $charts = [];
        foreach (self::markets() as $venue => $market) {
            foreach ($market->names() as $name) {
                $chart = new VenueChart($venue, $name, self::symbol($venue, $name), $market);
                $charts[$chart->key()] = $chart;
            }
        }

        return $charts;
    }

    /** @return array<string, Market> */
    private static function markets(): array
    {
        return [
            'quarrystone' => new Quarrystone,
            'larkmoor' => new Larkmoor(new Closings(Database::of('larkmoor'))),
            'pellam_street' => new PellamStreet(new Closings(Database::of('pellam_street'))),
        ];
    }

    /** As the traders write it. */
    private static function symbol(string $venue, string $name): string
    {
        return match ($venue) {
            'quarrystone' => strtoupper(explode('_', $name)[0]).'/USD',
            'larkmoor' => str_replace('-', '/', $name),
            default => $name,
        };
    }
}
