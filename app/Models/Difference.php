<?php

namespace App\Models;

use App\Casts\DecimalCast;
use Brick\Math\BigDecimal;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * Something that a venue says of an account otherwise than our books.
 *
 * @property int $id
 * @property int $desk_id
 * @property int $account_id
 * @property 'position'|'order' $kind
 * @property string $subject the instrument of a position, the client order id of an order
 * @property string|null $instrument
 * @property BigDecimal $ours
 * @property BigDecimal $theirs
 * @property string $words
 * @property 'open'|'ignored'|'adopted'|'closed'|'gone' $state
 * @property bool|null $is_there
 * @property string|null $answered_by
 * @property CarbonImmutable $seen_at
 * @property CarbonImmutable|null $ended_at
 * @property Account $account
 */
class Difference extends Model
{
    public $timestamps = false;

    protected $dateFormat = 'Y-m-d H:i:s.u';

    protected $guarded = [];

    protected $casts = ['ours' => DecimalCast::class, 'theirs' => DecimalCast::class, 'is_there' => 'bool', 'seen_at' => 'immutable_datetime', 'ended_at' => 'immutable_datetime'];

    /** @return BelongsTo<Account, $this> */
    public function account(): BelongsTo
    {
        return $this->belongsTo(Account::class);
    }

    public function end(string $state, ?string $by = null): void
    {
        $this->update(['state' => $state, 'is_there' => null, 'answered_by' => $by, 'ended_at' => now()]);
    }
}
