<?php

namespace App\Models;

enum OrderState: string
{
    /** On disk with its client order id; the venue may or may not know it yet. */
    case Committed = 'committed';
    /** Goes out when its time has come, or the market is at its price. */
    case Scheduled = 'scheduled';
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
        return ! in_array($this, [self::Committed, self::Scheduled, self::Working], true);
    }

    /** What stands behind it in its decision may go out. */
    public function letsOthersFollow(): bool
    {
        return in_array($this, [self::Filled, self::Working, self::Scheduled], true);
    }

    /** @return list<self> Those that can still be taken back. */
    public static function open(): array
    {
        return [self::Scheduled, self::Working];
    }
}
