<?php

namespace App\Models;

enum DecisionState: string
{
    /** In its lane, not yet decided. */
    case Waiting = 'waiting';
    /** Decided and on disk with its orders, which are on their way. */
    case Sending = 'sending';
    /** Nothing more will happen. */
    case Done = 'done';
}
