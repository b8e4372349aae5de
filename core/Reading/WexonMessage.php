<?php

declare(strict_types=1);

namespace Wexon\Core\Reading;

use Wexon\Core\Signal\Action;
use Wexon\Core\Signal\AskedSize;
use Wexon\Core\Signal\ChartPosition;
use Wexon\Core\Signal\Side;
use Wexon\Core\Signal\Signal;
use Wexon\Core\Signal\SizeUnit;

/** Reads our own message format, version 1: docs/message.md, docs/schemas/message-1.json. */
final class WexonMessage
{
    private const FIELDS = ['do', 'side', 'symbol', 'size', 'position', 'price', 'label', 'fired_at', 'id'];

    /** @throws ReadingError If a field is missing, unknown, or holds what it may not. */
    public static function read(string $body): Signal
    {
        $message = ExactJson::decode($body);
        if (! is_array($message) || array_is_list($message)) {
            throw ReadingError::at('message', $message, 'one JSON object');
        }

        return self::fromArray($message);
    }

    /**
     * @param  array<array-key, mixed>  $message
     *
     * @throws ReadingError If a field is missing, unknown, or holds what it may not.
     */
    public static function fromArray(array $message): Signal
    {
        $fields = Fields::of($message, '');
        $fields->allowOnly(self::FIELDS);
        $action = $fields->word('do', Action::words());
        $action = Action::from($action ?? throw ReadingError::missing('do', 'one of '.implode(', ', Action::words())));
        $side = self::side($fields, $action);

        return new Signal(
            action: $action,
            symbol: $fields->text('symbol', 64) ?? throw ReadingError::missing('symbol', 'the ticker, such as MARL/USD'),
            side: $side,
            size: self::size($message['size'] ?? null),
            position: self::position($message['position'] ?? null),
            price: $fields->positive('price'),
            label: $fields->text('label', 120),
            firedAt: $fields->time('fired_at'),
            id: $fields->text('id', 120),
        );
    }

    private static function side(Fields $fields, Action $action): ?Side
    {
        $side = Side::tryFrom($fields->word('side', ['long', 'short']) ?? '');
        if ($side === null && ($action === Action::Enter || $action === Action::Flip)) {
            throw ReadingError::missing('side', "long or short, because “do” is {$action->value}");
        }
        if ($side !== null && $action->isBare()) {
            throw ReadingError::at('side', $side->value, "no side, because “do” is {$action->value}; write “enter” or “exit” to name a side");
        }

        return $side;
    }

    private static function size(mixed $size): ?AskedSize
    {
        if ($size === null) {
            return null;
        }
        if (! is_array($size)) {
            return AskedSize::of(Fields::of(['size' => $size], '')->positive('size') ?? throw ReadingError::missing('size', 'a number above zero'));
        }
        $fields = Fields::of($size, 'size.');
        $fields->allowOnly(['amount', 'unit']);

        return AskedSize::of(
            $fields->positive('amount') ?? throw ReadingError::missing('size.amount', 'a number above zero'),
            SizeUnit::from($fields->word('unit', SizeUnit::words()) ?? 'units'),
        );
    }

    private static function position(mixed $position): ?ChartPosition
    {
        if ($position === null) {
            return null;
        }
        if (! is_array($position)) {
            throw ReadingError::at('position', $position, 'an object with before and after');
        }
        $fields = Fields::of($position, 'position.');
        $fields->allowOnly(['before', 'after', 'size']);
        $words = ['long', 'short', 'flat'];

        return ChartPosition::of(
            Side::tryFrom($fields->word('before', $words) ?? throw ReadingError::missing('position.before', implode(', ', $words))),
            Side::tryFrom($fields->word('after', $words) ?? throw ReadingError::missing('position.after', implode(', ', $words))),
            $fields->number('size'),
        );
    }
}
