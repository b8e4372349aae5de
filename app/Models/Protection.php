<?php

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Wexon\Core\Protection\Protection as ProtectionValue;

/**
 * What looks after a position, from its first fill to its end.
 *
 * @phpstan-import-type ProtectionArray from ProtectionValue
 *
 * @property int $id
 * @property int $desk_id
 * @property int $account_id
 * @property int|null $route_id
 * @property int $decision_id
 * @property string $instrument
 * @property ProtectionArray $state
 * @property array{stop: string|null, follows?: bool, targets: list<int>} $held what of it is working at the venue
 * @property bool|null $is_open
 * @property bool $is_due whether the orders at the venue may have to be changed
 * @property string|null $reason
 * @property CarbonImmutable $opened_at
 * @property CarbonImmutable|null $closed_at
 * @property CarbonImmutable $changed_at
 * @property Account $account
 * @property Decision $decision
 */
class Protection extends Model
{
    public $timestamps = false;

    protected $dateFormat = 'Y-m-d H:i:s.u';

    protected $guarded = [];

    protected $casts = [
        'state' => 'array',
        'held' => 'array',
        'is_open' => 'bool',
        'is_due' => 'bool',
        'opened_at' => 'immutable_datetime',
        'closed_at' => 'immutable_datetime',
        'changed_at' => 'immutable_datetime',
    ];

    public function value(): ProtectionValue
    {
        return ProtectionValue::fromArray($this->state);
    }

    /** The lane in which everything about its position happens. */
    public function lane(): string
    {
        return "lane:{$this->account_id}:{$this->instrument}";
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

    /** @return HasMany<Order, $this> */
    public function orders(): HasMany
    {
        return $this->hasMany(Order::class);
    }
}
