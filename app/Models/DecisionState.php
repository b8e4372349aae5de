<?php

namespace App\Models;

enum DecisionState: string
{
    /** In its lane, not yet decided. */
    case Waiting = 'waiting';
    /** Decided and on disk with its orders, which are on their way. */
    case Sending = 'sending';
    /** Decided, and it waits for a place or for somebody to say yes; the lane goes on. */
    case Held = 'held';
    /** Nothing more will happen. */
    case Done = 'done';
}
