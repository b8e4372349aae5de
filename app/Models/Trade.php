<?php

namespace App\Models;

use App\Casts\DecimalCast;
use Brick\Math\BigDecimal;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * A round trip, from the first fill that opened a position to the one that closed the last of it.
 *
 * @property int $id
 * @property int $desk_id
 * @property int $account_id
 * @property int|null $route_id
 * @property string $instrument
 * @property string $side
 * @property BigDecimal $opened units that entries and adds opened
 * @property BigDecimal $opened_value the sum of units × price
 * @property BigDecimal $closed
 * @property BigDecimal $closed_value
 * @property BigDecimal $fees
 * @property BigDecimal $profit fees taken off
 * @property BigDecimal|null $risk what the first stop would have lost
 * @property string|null $reason
 * @property CarbonImmutable $opened_at
 * @property CarbonImmutable|null $closed_at
 * @property Account $account
 * @property Route|null $route
 */
class Trade extends Model
{
    public $timestamps = false;

    protected $dateFormat = 'Y-m-d H:i:s.u';

    protected $guarded = [];

    protected $attributes = ['opened' => '0', 'opened_value' => '0', 'closed' => '0', 'closed_value' => '0', 'fees' => '0', 'profit' => '0'];

    protected $casts = [
        'opened' => DecimalCast::class,
        'opened_value' => DecimalCast::class,
        'closed' => DecimalCast::class,
        'closed_value' => DecimalCast::class,
        'fees' => DecimalCast::class,
        'profit' => DecimalCast::class,
        'risk' => DecimalCast::class,
        'opened_at' => 'immutable_datetime',
        'closed_at' => 'immutable_datetime',
    ];

    /** @return BelongsTo<Account, $this> */
    public function account(): BelongsTo
    {
        return $this->belongsTo(Account::class);
    }

    /** @return BelongsTo<Route, $this> */
    public function route(): BelongsTo
    {
        return $this->belongsTo(Route::class);
    }

    /** @return HasMany<Fill, $this> */
    public function fills(): HasMany
    {
        return $this->hasMany(Fill::class);
    }
}
