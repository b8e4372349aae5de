<?php

namespace App\Demo;

use App\Connector\Connectors;
use App\Models\Desk;
use Brick\Math\BigDecimal;
use Illuminate\Support\Str;
use Wexon\Core\Decision\Ticket;
use Wexon\Core\Signal\OrderSide;

/** Tomas has bought something at the venue, past Wexon: a difference to be answered. */
final readonly class ByHand
{
    private const ACCOUNT = 'Quarry second';

    public function __construct(private Connectors $connectors) {}

    public function trade(Desk $desk): void
    {
        $account = $desk->accounts()->where('name', self::ACCOUNT)->sole();
        $this->connectors->for($account)->place(Ticket::market(1, 'hulver_perp', OrderSide::Buy, BigDecimal::of('0.5'), false), 'by-hand-'.Str::lower(Str::random(8)));
    }
}
