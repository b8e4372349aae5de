<?php

declare(strict_types=1);

namespace Wexon\Core\Reading\Field;

/** Every field of the signal that a reading can fill, in the order in which the screens show them. */
final class SignalFields
{
    /** @var array<string, array{label: string, says: string, kind: FieldKind}>|null */
    private static ?array $all = null;

    /** @return array<string, array{label: string, says: string, kind: FieldKind}> */
    public static function all(): array
    {
        return self::$all ??= [
            'do' => ['label' => 'What to do', 'says' => 'enter, exit, buy … or with its side: “exit long”', 'kind' => new ActionKind],
            'side' => ['label' => 'Side', 'says' => 'long or short', 'kind' => new WordKind],
            'symbol' => ['label' => 'Symbol', 'says' => 'the chart\'s ticker', 'kind' => new TextKind],
            'size' => ['label' => 'Size', 'says' => 'how much', 'kind' => new SizeKind],
            'share' => ['label' => 'Share to close', 'says' => 'percent of the position, for an exit', 'kind' => new NumberKind],
            'price' => ['label' => 'Chart\'s price', 'says' => 'when the alert fired', 'kind' => new NumberKind],
            'limit' => ['label' => 'Limit', 'says' => 'of a limit order', 'kind' => new DistanceKind],
            'trigger' => ['label' => 'Trigger', 'says' => 'of a stop order', 'kind' => new DistanceKind],
            'stop' => ['label' => 'Protective stop', 'says' => 'price or distance', 'kind' => new DistanceKind],
            'targets' => ['label' => 'Targets', 'says' => 'one, or several such as “1.5%:50 3%:50”', 'kind' => new TargetsKind],
            'trailing' => ['label' => 'Trailing', 'says' => 'distance of a stop that follows', 'kind' => new DistanceKind],
            'position_before' => ['label' => 'Chart\'s position before', 'says' => 'long, short, flat, or a signed size', 'kind' => new PositionKind('before')],
            'position_after' => ['label' => 'Chart\'s position after', 'says' => 'long, short, flat, or a signed size', 'kind' => new PositionKind('after')],
            'position_size' => ['label' => 'Chart\'s position size', 'says' => 'after the order', 'kind' => new PositionKind('size')],
            'label' => ['label' => 'Label', 'says' => 'shown in the Journal', 'kind' => new TextKind],
            'accounts' => ['label' => 'Accounts', 'says' => 'by the route\'s own labels', 'kind' => new AccountsKind],
            'fired_at' => ['label' => 'Time fired', 'says' => 'by the chart\'s clock', 'kind' => new TimeKind],
            'expires_at' => ['label' => 'Expires', 'says' => 'nothing is done after this time', 'kind' => new TimeKind],
            'id' => ['label' => 'Sender\'s id', 'says' => 'the same id is never acted on twice', 'kind' => new TextKind],
        ];
    }

    /** @return list<string> */
    public static function names(): array
    {
        return array_keys(self::all());
    }
}
