<?php

namespace App\Models;

use App\Casts\DecimalCast;
use Brick\Math\BigDecimal;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Wexon\Core\Signal\OrderSide;

/**
 * Part of an order that has traded, as the venue reports it.
 *
 * @property int $id
 * @property int $order_id
 * @property int $account_id
 * @property string $venue_id
 * @property string $instrument
 * @property OrderSide $side
 * @property BigDecimal $quantity
 * @property BigDecimal $price
 * @property BigDecimal $fee
 * @property CarbonImmutable $filled_at
 * @property Account $account
 * @property Order $order
 */
class Fill extends Model
{
    public $timestamps = false;

    protected $dateFormat = 'Y-m-d H:i:s.u';

    protected $guarded = [];

    protected $casts = [
        'side' => OrderSide::class,
        'quantity' => DecimalCast::class,
        'price' => DecimalCast::class,
        'fee' => DecimalCast::class,
        'filled_at' => 'immutable_datetime',
    ];

    /** @return BelongsTo<Account, $this> */
    public function account(): BelongsTo
    {
        return $this->belongsTo(Account::class);
    }

    /** @return BelongsTo<Order, $this> */
    public function order(): BelongsTo
    {
        return $this->belongsTo(Order::class);
    }
}
