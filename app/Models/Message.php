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
 * @property string $arrived_by web, mail or hand
 * @property string|null $code of the slip whose own address it came to
 * @property string|null $format
 * @property list<string>|null $notes what had to be mended to read it
 * @property list<array{symbol: string, venue: string, instrument: string, leg: string, route: string}>|null $suggestions what an unknown symbol may mean
 * @property int $blanked how many secrets were blanked out before it was stored
 * @property int|null $parent_id the body that it is a part of
 * @property int|null $part
 * @property int|null $slip_id
 * @property int|null $rerun_of
 * @property string|null $raw the mail as it came
 * @property CarbonImmutable $received_at
 * @property Message|null $original
 * @property Message|null $parent
 * @property Slip|null $slip
 * @property \Illuminate\Database\Eloquent\Collection<int, Message> $parts
 * @property Inlet $inlet
 * @property \Illuminate\Database\Eloquent\Collection<int, Decision> $decisions
 */
class Message extends Model
{
    public $timestamps = false;

    protected $dateFormat = 'Y-m-d H:i:s.u';

    protected $fillable = ['state', 'outcome', 'signal', 'signal_id', 'format', 'notes', 'suggestions', 'slip_id'];

    protected $casts = [
        'headers' => 'array',
        'dry' => 'bool',
        'state' => MessageState::class,
        'signal' => 'array',
        'notes' => 'array',
        'suggestions' => 'array',
        'received_at' => 'immutable_datetime',
    ];

    /** @return BelongsTo<Inlet, $this> */
    public function inlet(): BelongsTo
    {
        return $this->belongsTo(Inlet::class);
    }

    /** @return BelongsTo<self, $this> */
    public function original(): BelongsTo
    {
        return $this->belongsTo(self::class, 'rerun_of');
    }

    /** @return BelongsTo<self, $this> */
    public function parent(): BelongsTo
    {
        return $this->belongsTo(self::class);
    }

    /** @return HasMany<self, $this> */
    public function parts(): HasMany
    {
        return $this->hasMany(self::class, 'parent_id')->orderBy('part');
    }

    /** @return BelongsTo<Slip, $this> */
    public function slip(): BelongsTo
    {
        return $this->belongsTo(Slip::class);
    }

    /** @return HasMany<Decision, $this> */
    public function decisions(): HasMany
    {
        return $this->hasMany(Decision::class);
    }
}
