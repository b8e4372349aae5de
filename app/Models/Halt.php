<?php

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * No new orders, on one account or on all of a desk, until somebody lifts it.
 *
 * @property int $id
 * @property int $desk_id
 * @property int|null $account_id null: all accounts
 * @property string $reason
 * @property bool $cancels whether what works is taken back as well
 * @property bool $flattens whether what is held is closed as well
 * @property string $begun_by
 * @property CarbonImmutable $begun_at
 * @property string|null $lifted_by
 * @property CarbonImmutable|null $lifted_at
 * @property Account|null $account
 */
class Halt extends Model
{
    public $timestamps = false;

    protected $dateFormat = 'Y-m-d H:i:s.u';

    protected $guarded = [];

    protected $casts = ['cancels' => 'bool', 'flattens' => 'bool', 'begun_at' => 'immutable_datetime', 'lifted_at' => 'immutable_datetime'];

    /** "Everything is halted since 21:03 UTC by Odile Brandt: the feed is wrong" */
    public function words(): string
    {
        return ($this->account_id === null ? 'Everything is' : 'This account is')." halted since {$this->begun_at->format('D H:i')} UTC by {$this->begun_by}".($this->reason === '' ? '' : ": {$this->reason}");
    }

    /** @return BelongsTo<Account, $this> */
    public function account(): BelongsTo
    {
        return $this->belongsTo(Account::class);
    }
}
