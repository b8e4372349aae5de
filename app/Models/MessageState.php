<?php

namespace App\Models;

enum MessageState: string
{
    /** On disk, not yet looked at. */
    case Stored = 'stored';
    /** Its text has no meaning that could be found. */
    case Unreadable = 'unreadable';
    /** Several messages in one body: each of them is one of its own. */
    case Split = 'split';
    /** Understood, but the inlet does not take it: it is paused, or the symbol is not on its list. */
    case Barred = 'barred';
    /** A mail that wants its link to be opened, as platforms send before they send alerts. */
    case Confirmation = 'confirmation';
    /** The sender's id was seen before. */
    case Duplicate = 'duplicate';
    /** Understood, but no route wants it. */
    case Unmatched = 'unmatched';
    /** Handed to at least one route. */
    case Routed = 'routed';
}
