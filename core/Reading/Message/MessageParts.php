<?php

declare(strict_types=1);

namespace Wexon\Core\Reading\Message;

use Brick\Math\BigDecimal;
use Wexon\Core\Reading\Fields;
use Wexon\Core\Reading\ReadingError;
use Wexon\Core\Reading\Split;
use Wexon\Core\Signal\AskedSize;
use Wexon\Core\Signal\ChartPosition;
use Wexon\Core\Signal\Distance;
use Wexon\Core\Signal\DistanceKind;
use Wexon\Core\Signal\Side;
use Wexon\Core\Signal\SizeUnit;
use Wexon\Core\Signal\Target;
use Wexon\Core\Signal\Trailing;

/** The parts of a message that are more than one word or number. */
final class MessageParts
{
    private const MOST_TARGETS = 10;

    private const MOST_ACCOUNTS = 50;

    private const DISTANCE = 'a distance such as {"percent": 2}, {"ticks": 12} or {"at": 38.46}, or as text "2%", "12ticks", "@38.46"';

    /** @throws ReadingError */
    public static function size(Fields $fields): ?AskedSize
    {
        $size = $fields->raw('size');
        if (! is_array($size)) {
            $amount = $fields->positive('size');

            return $amount === null ? null : AskedSize::of($amount);
        }
        $inside = Fields::of($size, 'size.');
        $inside->allowOnly(['amount', 'unit', 'currency']);
        $unit = SizeUnit::from($inside->word('unit', SizeUnit::words()) ?? 'units');
        $currency = $inside->text('currency', 12);
        if ($currency !== null && $unit !== SizeUnit::Money) {
            throw ReadingError::at('size.currency', $currency, "no currency, because the unit is {$unit->value}", null);
        }
        if ($currency !== null && preg_match('/^[A-Z]{3,12}$/i', $currency) !== 1) {
            throw ReadingError::at('size.currency', $currency, 'the letters of a currency, such as USD');
        }
        $amount = $inside->positive('amount') ?? throw ReadingError::missing('size.amount', 'a number above zero');

        return AskedSize::of($amount, $unit, $currency === null ? null : strtoupper($currency));
    }

    /** @throws ReadingError */
    public static function position(Fields $fields): ?ChartPosition
    {
        $position = $fields->tree('position', 'an object with before and after');
        if ($position === null) {
            return null;
        }
        $inside = Fields::of($position, 'position.');
        $inside->allowOnly(['before', 'after', 'size']);
        $words = ['long', 'short', 'flat'];

        return ChartPosition::of(
            Side::tryFrom($inside->word('before', $words) ?? throw ReadingError::missing('position.before', implode(', ', $words))),
            Side::tryFrom($inside->word('after', $words) ?? throw ReadingError::missing('position.after', implode(', ', $words))),
            $inside->number('size'),
        );
    }

    /** @throws ReadingError */
    public static function distance(Fields $fields, string $name): ?Distance
    {
        $value = $fields->raw($name);
        if (is_array($value) && ! array_is_list($value)) {
            $inside = Fields::of($value, $fields->named($name).'.');
            $inside->allowOnly(array_column(DistanceKind::cases(), 'value'));

            return self::oneOf($inside, $fields->named($name), $value);
        }
        $text = $fields->text($name, 64);
        if ($text === null) {
            return null;
        }

        return self::notZero(Distance::written($text) ?? throw ReadingError::at($fields->named($name), $text, self::DISTANCE), $fields->named($name));
    }

    /** @throws ReadingError */
    public static function trailing(Fields $fields): ?Trailing
    {
        $value = $fields->raw('trailing');
        if (! is_array($value) || ! isset($value['distance'])) {
            $distance = self::distance($fields, 'trailing');

            return $distance === null ? null : Trailing::of($distance);
        }
        $inside = Fields::of($value, 'trailing.');
        $inside->allowOnly(['distance', 'start', 'step']);

        return Trailing::of(
            self::distance($inside, 'distance') ?? throw ReadingError::missing('trailing.distance', self::DISTANCE),
            self::distance($inside, 'start'),
            self::distance($inside, 'step'),
        );
    }

    /**
     * @return list<Target>
     *
     * @throws ReadingError
     */
    public static function targets(Fields $fields): array
    {
        $given = $fields->raw('targets');
        if ($given === null || $given === '' || $given === []) {
            return [];
        }
        $given = is_string($given) ? Split::by('/[\s,]+/', trim($given)) : $given;
        if (! is_array($given) || ! array_is_list($given) || count($given) > self::MOST_TARGETS) {
            throw ReadingError::at('targets', $given, 'a list of at most '.self::MOST_TARGETS.' targets such as {"percent": 1.5, "share": 50}');
        }
        $targets = array_map(self::target(...), $given, array_keys($given));
        $shares = BigDecimal::sum(BigDecimal::zero(), ...array_map(static fn (Target $target): BigDecimal => $target->share ?? BigDecimal::zero(), $targets));
        if ($shares->isGreaterThan(100)) {
            throw ReadingError::at('targets', "{$shares} %", 'shares that sum to 100 or less');
        }

        return $targets;
    }

    /** @throws ReadingError */
    private static function target(mixed $given, int $number): Target
    {
        $name = "targets.{$number}";
        if (is_array($given) && ! array_is_list($given)) {
            $inside = Fields::of($given, "{$name}.");
            $inside->allowOnly([...array_column(DistanceKind::cases(), 'value'), 'share']);

            return Target::of(self::oneOf($inside, $name, array_diff_key($given, ['share' => 0])), $inside->share('share'));
        }
        [$distance, $share] = is_string($given) ? [...explode(':', $given, 2), null] : [null, null];
        $fields = Fields::of([$number => $distance, 'share' => $share], 'targets.');

        return Target::of(
            self::distance($fields, (string) $number) ?? throw ReadingError::at($name, $given, self::DISTANCE),
            $fields->share('share'),
        );
    }

    /**
     * @return list<string>
     *
     * @throws ReadingError
     */
    public static function accounts(Fields $fields): array
    {
        $given = $fields->raw('accounts');
        if ($given === null || $given === '' || $given === []) {
            return [];
        }
        $given = is_string($given) ? explode(',', $given) : $given;
        if (! is_array($given) || ! array_is_list($given) || count($given) > self::MOST_ACCOUNTS) {
            throw ReadingError::at('accounts', $given, 'a list of the labels that the route gives its accounts');
        }
        $labels = [];
        foreach ($given as $number => $label) {
            $labels[] = Fields::of([$number => $label], 'accounts.')->text((string) $number, 40) ?? throw ReadingError::missing("accounts.{$number}", 'the label of an account');
        }

        return $labels;
    }

    /**
     * @param  array<array-key, mixed>  $given
     *
     * @throws ReadingError
     */
    private static function oneOf(Fields $inside, string $name, array $given): Distance
    {
        if (count($given) !== 1) {
            throw ReadingError::at($name, $given, 'exactly one of '.implode(', ', array_column(DistanceKind::cases(), 'value')));
        }
        $kind = DistanceKind::from((string) array_key_first($given));

        return self::notZero(Distance::of($kind, $inside->number($kind->value) ?? throw ReadingError::missing("{$name}.{$kind->value}", 'a number')), $name);
    }

    /** @throws ReadingError */
    private static function notZero(Distance $distance, string $name): Distance
    {
        if ($distance->amount->isZero() || ($distance->kind !== DistanceKind::Price && $distance->kind !== DistanceKind::Percent && $distance->amount->isNegative())) {
            throw ReadingError::at($name, (string) $distance, 'a distance above zero');
        }

        return $distance;
    }
}
