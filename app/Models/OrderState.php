<?php

namespace App\Models;

enum OrderState: string
{
    /** On disk with its client order id; the venue may or may not know it yet. */
    case Committed = 'committed';
    /** Waits at the venue, perhaps partly filled. */
    case Working = 'working';
    case Filled = 'filled';
    /** What was not filled was taken back. */
    case Cancelled = 'cancelled';
    /** The venue said no. */
    case Refused = 'refused';
    /** Never reached the venue, and is now too old to be sent. */
    case Lapsed = 'lapsed';

    /** Nothing more will come of it. */
    public function isFinal(): bool
    {
        return $this !== self::Committed && $this !== self::Working;
    }

    /** What stands behind it in its decision may go out. */
    public function letsOthersFollow(): bool
    {
        return $this === self::Filled || $this === self::Working;
    }
}
