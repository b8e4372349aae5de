<?php

namespace App\Slips;

use App\Models\Route;
use App\Models\Slip;
use Illuminate\Support\Facades\DB;
use Wexon\Core\Reading\Fields;
use Wexon\Core\Reading\Message\MessageParts;
use Wexon\Core\Reading\ReadingError;
use Wexon\Core\Signal\AskedSize;
use Wexon\Core\Signal\Signal;
use Wexon\Core\Slip\Slip as SlipValue;
use Wexon\Core\Slip\SlipSet;

/** The alert slips of a route: what they say follows from the route and its settings; what became of each is kept. */
final class RouteSlips
{
    /** @return array<string, SlipValue> By kind. Empty before the trader has said how the chart works. */
    public static function valuesOf(Route $route): array
    {
        $settings = $route->slip_settings;
        if ($settings === null) {
            return [];
        }
        $slips = SlipSet::of($route->name, $route->rulesValue(), $settings['style'], $settings['adds'], self::size($settings['size']));

        return array_combine(array_map(static fn (SlipValue $slip): string => $slip->kind, $slips), $slips);
    }

    /** What a message to the slip's own address means; with its code, so that the slip is ticked off. */
    public static function signalOf(Slip $slip): ?Signal
    {
        $value = self::valuesOf($slip->route)[$slip->kind] ?? null;

        return $value?->signal?->ofSlip($slip->code);
    }

    /** Makes the kept slips those of the route as it is now. One that stays keeps its code and its history. */
    public static function renew(Route $route): void
    {
        $kinds = array_keys(self::valuesOf($route));
        DB::transaction(static function () use ($route, $kinds): void {
            $route->slips()->whereNotIn('kind', $kinds)->delete();
            $there = $route->slips()->pluck('kind')->all();
            foreach (array_diff($kinds, $there) as $kind) {
                $route->slips()->create(['desk_id' => $route->desk_id, 'kind' => $kind]);
            }
        });
    }

    /**
     * @param  array{amount: string, unit: string}|null  $size
     *
     * @throws ReadingError If it is no size.
     */
    public static function size(?array $size): ?AskedSize
    {
        return $size === null ? null : MessageParts::size(Fields::of(['size' => $size], ''));
    }
}
