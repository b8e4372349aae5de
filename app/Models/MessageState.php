<?php

namespace App\Models;

enum MessageState: string
{
    /** On disk, not yet looked at. */
    case Stored = 'stored';
    /** Its text has no meaning that could be found. */
    case Unreadable = 'unreadable';
    /** The sender's id was seen before. */
    case Duplicate = 'duplicate';
    /** Understood, but no route wants it. */
    case Unmatched = 'unmatched';
    /** Handed to at least one route. */
    case Routed = 'routed';
}
