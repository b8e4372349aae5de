<?php

namespace App\Connector;

/** The few kinds into which every venue's errors are sorted. */
enum TroubleKind: string
{
    /** The venue said no, and means it: the same request would be refused again. */
    case Refused = 'refused';
    /** The key, its secret or its permissions are wrong. */
    case KeyRejected = 'key_rejected';
    /** Too many requests; asking again later is right. */
    case Busy = 'busy';
    /** No answer, or one that does not tell whether the request was carried out. */
    case Doubt = 'doubt';

    /** True when asking again would not change it. */
    public function isFinal(): bool
    {
        return $this === self::Refused || $this === self::KeyRejected;
    }

    /** True when the venue surely did nothing. */
    public function isCertain(): bool
    {
        return $this !== self::Doubt;
    }
}
