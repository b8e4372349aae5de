<?php

namespace App\Models;

use App\Casts\DecimalCast;
use Brick\Math\BigDecimal;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Wexon\Core\Position\Position as PositionValue;

/**
 * What an account holds of one instrument, from our own record of the fills.
 *
 * @property int $id
 * @property int $desk_id
 * @property int $account_id
 * @property string $instrument
 * @property BigDecimal $quantity
 * @property BigDecimal $cost
 * @property BigDecimal $realised
 * @property BigDecimal $fees
 * @property BigDecimal $open_fees
 * @property BigDecimal $leverage of the order that was filled last
 * @property BigDecimal $rate of the same order: what one of the quote currency was worth in the account's money
 * @property CarbonImmutable|null $opened_at
 * @property Account $account
 */
class Position extends Model
{
    protected $dateFormat = 'Y-m-d H:i:s.u';

    protected $guarded = [];

    protected $attributes = ['quantity' => '0', 'cost' => '0', 'realised' => '0', 'fees' => '0', 'open_fees' => '0', 'leverage' => '1', 'rate' => '1'];

    protected $casts = [
        'quantity' => DecimalCast::class,
        'cost' => DecimalCast::class,
        'realised' => DecimalCast::class,
        'fees' => DecimalCast::class,
        'open_fees' => DecimalCast::class,
        'leverage' => DecimalCast::class,
        'rate' => DecimalCast::class,
        'opened_at' => 'immutable_datetime',
    ];

    /** Locked until the transaction ends. It is made before that: locking a row that is not there would lock its neighbours. */
    public static function locked(int $deskId, int $accountId, string $instrument): self
    {
        $which = ['account_id' => $accountId, 'instrument' => $instrument];
        self::query()->insertOrIgnore([...$which, 'desk_id' => $deskId, ...(new self)->getAttributes()]);

        return self::query()->where($which)->lockForUpdate()->firstOrFail();
    }

    /** @return $this With what is held and what it has made so far. */
    public function become(PositionValue $value): self
    {
        return $this->fill(['quantity' => $value->quantity, 'cost' => $value->cost, 'realised' => $value->realised, 'fees' => $value->fees, 'open_fees' => $value->openFees]);
    }

    public function value(BigDecimal $multiplier): PositionValue
    {
        return PositionValue::of($this->quantity, $this->cost, $this->realised, $this->fees, $this->open_fees, $multiplier);
    }

    /** @return BelongsTo<Account, $this> */
    public function account(): BelongsTo
    {
        return $this->belongsTo(Account::class);
    }
}
