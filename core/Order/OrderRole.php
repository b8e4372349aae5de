<?php

declare(strict_types=1);

namespace Wexon\Core\Order;

/** What an order is for: it decides which working orders a later signal takes back. */
enum OrderRole: string
{
    case Entry = 'entry';
    case Add = 'add';
    case Exit = 'exit';
    /** A resting order that a signal placed by itself, to be cancelled by its label. */
    case Placed = 'placed';

    /** The stop of a position, held at the venue. */
    case Stop = 'stop';
    /** A target of a position, held at the venue. */
    case Target = 'target';

    public function protects(): bool
    {
        return $this === self::Stop || $this === self::Target;
    }

    /** @return list<self> All but those that look after a position. */
    public static function unprotecting(): array
    {
        return array_values(array_filter(self::cases(), static fn (self $role): bool => ! $role->protects()));
    }

    public function opens(): bool
    {
        return $this === self::Entry || $this === self::Add;
    }
}
