<?php

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * One thing that is told on a channel: a notice, or many of them together.
 *
 * @property int $id
 * @property int $channel_id
 * @property string $subject
 * @property string $words
 * @property int $notices how many it tells of
 * @property string $state due, sent or failed
 * @property int $attempts
 * @property string|null $trouble what went wrong at the last attempt
 * @property CarbonImmutable $created_at
 * @property CarbonImmutable $due_at
 * @property CarbonImmutable|null $sent_at
 * @property Channel $channel
 */
class Delivery extends Model
{
    public $timestamps = false;

    protected $dateFormat = 'Y-m-d H:i:s.u';

    protected $guarded = [];

    protected $attributes = ['attempts' => 0];

    protected $casts = ['created_at' => 'immutable_datetime', 'due_at' => 'immutable_datetime', 'sent_at' => 'immutable_datetime'];

    /** @return BelongsTo<Channel, $this> */
    public function channel(): BelongsTo
    {
        return $this->belongsTo(Channel::class);
    }
}
