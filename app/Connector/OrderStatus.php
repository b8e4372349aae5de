<?php

namespace App\Connector;

/** Where an order stands at the venue. */
enum OrderStatus: string
{
    /** Nothing, or a part of it, is filled; the rest waits. */
    case Working = 'working';
    case Filled = 'filled';
    /** What was not filled is taken back, by us or by the venue. */
    case Cancelled = 'cancelled';
}
