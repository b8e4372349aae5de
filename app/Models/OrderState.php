<?php

namespace App\Models;

enum OrderState: string
{
    /** On disk with its client order id; the venue may or may not know it yet. */
    case Committed = 'committed';
    case Filled = 'filled';
    /** The venue said no. */
    case Refused = 'refused';
    /** Never reached the venue, and is now too old to be sent. */
    case Lapsed = 'lapsed';

    public function isFinal(): bool
    {
        return $this !== self::Committed;
    }
}
