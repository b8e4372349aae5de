<?php

namespace App\Models;

use App\Casts\DecimalCast;
use Brick\Math\BigDecimal;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Wexon\Core\Decision\Ticket;
use Wexon\Core\Signal\OrderSide;

/**
 * A ticket that was committed to be sent.
 *
 * @property int $id
 * @property int $desk_id
 * @property int $decision_id
 * @property int|null $route_id
 * @property int $account_id
 * @property int $number
 * @property string $client_id
 * @property string $instrument
 * @property OrderSide $side
 * @property string $type
 * @property BigDecimal $quantity
 * @property bool $reduce_only
 * @property OrderState $state
 * @property string|null $venue_id
 * @property BigDecimal $filled
 * @property BigDecimal|null $average
 * @property BigDecimal $fee
 * @property string|null $words what the venue said, when it refused
 * @property CarbonImmutable $created_at
 * @property CarbonImmutable|null $acknowledged_at
 * @property Account $account
 * @property Decision $decision
 */
class Order extends Model
{
    public $timestamps = false;

    protected $dateFormat = 'Y-m-d H:i:s.u';

    protected $guarded = [];

    protected $casts = [
        'side' => OrderSide::class,
        'quantity' => DecimalCast::class,
        'reduce_only' => 'bool',
        'state' => OrderState::class,
        'filled' => DecimalCast::class,
        'average' => DecimalCast::class,
        'fee' => DecimalCast::class,
        'created_at' => 'immutable_datetime',
        'acknowledged_at' => 'immutable_datetime',
    ];

    public function ticket(): Ticket
    {
        return Ticket::market($this->number, $this->instrument, $this->side, $this->quantity, $this->reduce_only);
    }

    /** @return BelongsTo<Account, $this> */
    public function account(): BelongsTo
    {
        return $this->belongsTo(Account::class);
    }

    /** @return BelongsTo<Decision, $this> */
    public function decision(): BelongsTo
    {
        return $this->belongsTo(Decision::class);
    }

    /** @return HasMany<Fill, $this> */
    public function fills(): HasMany
    {
        return $this->hasMany(Fill::class);
    }
}
