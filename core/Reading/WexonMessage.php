<?php

declare(strict_types=1);

namespace Wexon\Core\Reading;

use Wexon\Core\Reading\Message\MessageParts;
use Wexon\Core\Reading\Message\WhatFits;
use Wexon\Core\Signal\Action;
use Wexon\Core\Signal\Side;
use Wexon\Core\Signal\Signal;

/** Reads our own message format, version 1: docs/message.md, docs/schemas/message-1.json. */
final class WexonMessage
{
    /** The shared phrase has been checked at the inlet; here it is only allowed to be there. */
    public const FIELDS = [
        'do', 'side', 'symbol', 'all', 'size', 'share', 'limit', 'trigger', 'stop', 'targets', 'trailing', 'position', 'price',
        'label', 'accounts', 'fired_at', 'expires_at', 'id', 'slip', 'phrase',
    ];

    /** @throws ReadingError If a field is missing, unknown, or holds what it may not. */
    public static function read(string $body): Signal
    {
        $message = ExactJson::decode($body);
        if (! is_array($message) || array_is_list($message)) {
            throw ReadingError::at('message', $message, 'one JSON object');
        }

        return self::fromArray($message);
    }

    /** True for an object that says what to do and has no field but ours: it is meant in our format. */
    public static function isMeant(mixed $message): bool
    {
        return is_array($message) && isset($message['do']) && array_diff(array_keys($message), self::FIELDS) === [];
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
        $signal = new Signal(
            action: $action,
            symbol: $fields->text('symbol', 64),
            side: self::side($fields, $action),
            size: MessageParts::size($fields),
            position: MessageParts::position($fields),
            price: $fields->positive('price'),
            label: $fields->text('label', 120),
            firedAt: $fields->time('fired_at'),
            id: $fields->text('id', 120),
            share: $fields->share('share'),
            limit: MessageParts::distance($fields, 'limit'),
            trigger: MessageParts::distance($fields, 'trigger'),
            stop: MessageParts::distance($fields, 'stop'),
            targets: MessageParts::targets($fields),
            trailing: MessageParts::trailing($fields),
            all: $fields->flag('all'),
            accounts: MessageParts::accounts($fields),
            expiresAt: $fields->time('expires_at'),
            slip: $fields->text('slip', 16),
        );
        WhatFits::check($signal);

        return $signal;
    }

    /** @throws ReadingError */
    private static function side(Fields $fields, Action $action): ?Side
    {
        $words = $action === Action::Set ? ['long', 'short', 'flat'] : ['long', 'short'];
        $word = $fields->word('side', $words);
        if ($word === null && $action === Action::Set) {
            throw ReadingError::missing('side', 'long, short or flat, because “do” is set');
        }

        return Side::tryFrom($word ?? '');
    }
}
