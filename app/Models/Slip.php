<?php

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Str;
use Wexon\Core\Slip\Expiry;

/**
 * An alert that the trader makes on the charting platform. What it says follows from the route; here is what became of it.
 *
 * @property int $id
 * @property int $desk_id
 * @property int $route_id
 * @property string $code
 * @property string $kind
 * @property array<string, string> $copied when each part was copied
 * @property CarbonImmutable|null $expires_on the last day on which it fires
 * @property Expiry|null $reminded
 * @property CarbonImmutable|null $silent_since
 * @property int $heard
 * @property CarbonImmutable|null $first_heard_at
 * @property CarbonImmutable|null $last_heard_at
 * @property Route $route
 */
class Slip extends Model
{
    private const CODE_LENGTH = 8;

    protected $dateFormat = 'Y-m-d H:i:s.u';

    protected $fillable = ['desk_id', 'route_id', 'kind', 'copied', 'expires_on', 'reminded', 'silent_since'];

    protected $attributes = ['copied' => '{}', 'heard' => 0];

    protected $casts = [
        'copied' => 'array',
        'expires_on' => 'immutable_date:Y-m-d',
        'reminded' => Expiry::class,
        'silent_since' => 'immutable_datetime',
        'first_heard_at' => 'immutable_datetime',
        'last_heard_at' => 'immutable_datetime',
    ];

    protected static function booted(): void
    {
        static::creating(static function (Slip $slip): void {
            $slip->code = strtolower(Str::random(self::CODE_LENGTH));
        });
    }

    /** From the end of its last day, in the desk's zone, it is past. */
    public function expiry(CarbonImmutable $now, string $zone): Expiry
    {
        return Expiry::of($this->expires_on?->shiftTimezone($zone)->endOfDay(), $now);
    }

    /** @return BelongsTo<Route, $this> */
    public function route(): BelongsTo
    {
        return $this->belongsTo(Route::class);
    }

    /** @return HasMany<Message, $this> */
    public function messages(): HasMany
    {
        return $this->hasMany(Message::class);
    }
}
