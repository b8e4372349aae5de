<?php

declare(strict_types=1);

namespace Wexon\Core\Slip;

use Wexon\Core\Route\AllowedSides;
use Wexon\Core\Route\Leg;
use Wexon\Core\Route\OppositeSignal;
use Wexon\Core\Route\RouteRules;
use Wexon\Core\Signal\Action;
use Wexon\Core\Signal\AskedSize;
use Wexon\Core\Signal\Side;
use Wexon\Core\Signal\Signal;

/**
 * The exact set of alerts that a route needs: for a chart with a plain indicator one for each signal, for a chart with a
 * strategy script one for all of them.
 */
final class SlipSet
{
    public const STYLES = ['plain', 'script'];

    /**
     * @param  string  $style  One of STYLES.
     * @param  AskedSize|null  $size  What plain slips ask for, when the route takes the size from the message.
     * @return list<Slip>
     */
    public static function of(string $routeName, RouteRules $rules, string $style, bool $adds, ?AskedSize $size): array
    {
        $slips = [];
        foreach ($rules->legs as $leg) {
            $slips[] = $style === 'script' ? [self::script($routeName, $leg)] : self::plain($routeName, $rules, $leg, $adds, $size);
        }

        return array_merge(...$slips);
    }

    private static function script(string $routeName, Leg $leg): Slip
    {
        return new Slip(
            "script {$leg->symbol}",
            null,
            $leg->symbol,
            "{$routeName}: every order of the script on {$leg->symbol}",
            'At each order of the script.',
            'The script keeps a position of its own. Every one of its orders is passed on with that position, so that an exit is never taken for an entry of the other side.',
        );
    }

    /** @return list<Slip> */
    private static function plain(string $routeName, RouteRules $rules, Leg $leg, bool $adds, ?AskedSize $size): array
    {
        $sides = array_values(array_filter(Side::cases(), $rules->sides->allow(...)));
        $alwaysIn = $rules->sides === AllowedSides::Both && $rules->opposite === OppositeSignal::CloseAndReverse;
        $slips = [];
        foreach ($sides as $side) {
            $actions = $alwaysIn ? [Action::Flip] : [Action::Enter, ...($adds ? [Action::Add] : []), Action::Exit];
            foreach ($actions as $action) {
                $signal = new Signal($action, $leg->symbol, $side, $action === Action::Exit ? null : $size);
                $slips[] = new Slip((string) $signal, $signal, $leg->symbol, "{$routeName}: {$signal}", self::when($action), self::why($action));
            }
        }

        return $slips;
    }

    private static function when(Action $action): string
    {
        return $action === Action::Add ? 'Once for each bar, at its close.' : 'Once, at the close of the bar in which the condition becomes true.';
    }

    private static function why(Action $action): string
    {
        return match ($action) {
            Action::Exit => 'A condition can hold during a bar and be gone at its close. Choose “crosses”, not “is above”: one that is true on every bar sends an exit on every bar. If you must be out at once, let it fire during the bar, and accept exits that the closed bar does not show.',
            Action::Add => 'Each add is an order. A condition that stays true adds at every bar, up to the route\'s limit of adds.',
            default => 'A condition can hold during a bar and be gone at its close: the chart then shows no signal, but the order is out. Choose one that becomes true (“crosses”), not one that is true (“is above”), or it repeats on every bar.',
        };
    }
}
