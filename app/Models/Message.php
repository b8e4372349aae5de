<?php

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * What arrived at an inlet, byte for byte. Only what was found out about it is ever added.
 *
 * @property int $id
 * @property string $ulid
 * @property int $desk_id
 * @property int $inlet_id
 * @property string $body
 * @property string|null $content_type
 * @property array<string, string> $headers
 * @property string $sender
 * @property bool $dry
 * @property MessageState $state
 * @property string|null $outcome
 * @property array<string, mixed>|null $signal
 * @property string|null $signal_id
 * @property CarbonImmutable $received_at
 * @property Inlet $inlet
 * @property \Illuminate\Database\Eloquent\Collection<int, Decision> $decisions
 */
class Message extends Model
{
    public $timestamps = false;

    protected $dateFormat = 'Y-m-d H:i:s.u';

    protected $fillable = ['state', 'outcome', 'signal', 'signal_id'];

    protected $casts = [
        'headers' => 'array',
        'dry' => 'bool',
        'state' => MessageState::class,
        'signal' => 'array',
        'received_at' => 'immutable_datetime',
    ];

    /** @return BelongsTo<Inlet, $this> */
    public function inlet(): BelongsTo
    {
        return $this->belongsTo(Inlet::class);
    }

    /** @return HasMany<Decision, $this> */
    public function decisions(): HasMany
    {
        return $this->hasMany(Decision::class);
    }
}
