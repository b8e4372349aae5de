<?php

namespace App\Notify;

/** What a desk can be told of. */
enum Kind: string
{
    case Fill = 'fill';
    case Refused = 'refused';
    case Protection = 'protection';
    case Ask = 'ask';
    case Trouble = 'trouble';
    case Difference = 'difference';
    case State = 'state';
    case Halt = 'halt';
    case Silence = 'silence';
    case Expiry = 'expiry';
    case Secret = 'secret';
    case Mail = 'mail';
    case Summary = 'summary';

    /** Whether it happens all the time, so that it does not count as unread. */
    public function isOrdinary(): bool
    {
        return in_array($this, [self::Fill, self::Refused, self::Protection], true);
    }
}
