<?php

namespace App\Connector;

/** Whether an account's money is real; the venue says which. */
enum Environment: string
{
    case Practice = 'practice';
    case Live = 'live';
}
