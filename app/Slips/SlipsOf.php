<?php

namespace App\Slips;

use App\Http\Resources\Moment;
use App\Models\ChartProfile;
use App\Models\Route;
use App\Models\Slip;
use Carbon\CarbonImmutable;
use InvalidArgumentException;
use Wexon\Core\Slip\Slip as SlipValue;
use Wexon\Core\Slip\SlipText;

/** A route's slips as the API gives them. The address is not in it: only the inlet's own answer holds that. */
final class SlipsOf
{
    /** @return array{settings: array<string, mixed>|null, usual_expiry: string|null, bench_url: string|null, trouble: string|null, slips: list<array<string, mixed>>} */
    public static function route(Route $route): array
    {
        $route->loadMissing(['slips', 'inlet.desk']);
        $settings = $route->slip_settings;
        if ($settings === null) {
            return ['settings' => null, 'usual_expiry' => null, 'bench_url' => null, 'trouble' => null, 'slips' => []];
        }
        $profile = ChartProfile::query()->find($settings['profile_id']);
        $values = RouteSlips::valuesOf($route);
        $slips = [];
        $trouble = null;
        foreach ($route->slips as $slip) {
            $value = $values[$slip->kind] ?? null;
            if ($value === null || $profile === null) {
                continue;
            }
            try {
                $text = SlipText::of($value, $profile->value(), $settings['form'], $slip->code, $route->inlet->phrase);
            } catch (InvalidArgumentException $error) {
                $trouble = $error->getMessage();
                $text = '';
            }
            $slips[] = self::slip($slip, $value, $settings['way'], $text, $route->inlet->desk->zone);
        }
        // The route has changed since: the slips are made anew, so that they are the exact set.
        $missing = array_diff(array_keys($values), array_column($slips, 'kind'));
        $trouble ??= $missing === [] ? null : 'The route has changed: make the slips again. Those that stay keep their alerts.';
        $trouble ??= $route->inlet->signing_secret !== null ? "“{$route->inlet->name}” takes signed messages only, and a charting platform cannot sign: take that off on the inlet's page, or let the alerts come to another inlet." : null;
        $days = $profile?->value()->alertDays;

        return [
            'settings' => $settings,
            'usual_expiry' => $days === null ? null : CarbonImmutable::now($route->inlet->desk->zone)->addDays($days)->format('Y-m-d'),
            'bench_url' => config('wexon.bench_url'),
            'trouble' => $trouble,
            'slips' => $slips,
        ];
    }

    /** @return array<string, mixed> */
    private static function slip(Slip $slip, SlipValue $value, string $way, string $text, string $zone): array
    {
        return [
            'id' => $slip->id,
            'code' => $slip->code,
            'kind' => $slip->kind,
            'side' => $value->signal?->side?->value,
            'symbol' => $value->symbol,
            'name' => $value->name,
            'when' => $value->when,
            'why' => $value->why,
            // Its own address says it all; then the message may be anything.
            'message' => $way === 'address' ? null : $text,
            'copied' => (object) $slip->copied,
            'expires_on' => $slip->expires_on?->format('Y-m-d'),
            'expiry' => $slip->expiry(CarbonImmutable::now(), $zone)->value,
            'silent_since' => Moment::of($slip->silent_since),
            'heard' => $slip->heard,
            'first_heard_at' => Moment::of($slip->first_heard_at),
            'last_heard_at' => Moment::of($slip->last_heard_at),
        ];
    }
}
