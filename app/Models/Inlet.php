<?php

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Str;

/**
 * A secret web address that accepts messages. The token is found by its hash and kept encrypted, to be shown again.
 *
 * @property int $id
 * @property int $desk_id
 * @property string $name
 * @property string $token
 * @property string $token_hash
 * @property int $per_minute
 * @property CarbonImmutable|null $last_heard_at
 * @property CarbonImmutable $created_at
 * @property Desk $desk
 * @property \Illuminate\Database\Eloquent\Collection<int, Route> $routes
 */
class Inlet extends Model
{
    private const TOKEN_LENGTH = 40;

    protected $dateFormat = 'Y-m-d H:i:s.u';

    protected $fillable = ['desk_id', 'name', 'per_minute'];

    protected $hidden = ['token', 'token_hash'];

    protected $casts = ['token' => 'encrypted', 'last_heard_at' => 'immutable_datetime', 'created_at' => 'immutable_datetime'];

    protected static function booted(): void
    {
        static::creating(static function (Inlet $inlet): void {
            $token = Str::random(self::TOKEN_LENGTH);
            $inlet->token = $token;
            $inlet->token_hash = hash('sha256', $token);
        });
    }

    public function address(): string
    {
        return rtrim((string) config('wexon.public_url'), '/').'/in/'.$this->token;
    }

    /** @return BelongsTo<Desk, $this> */
    public function desk(): BelongsTo
    {
        return $this->belongsTo(Desk::class);
    }

    /** @return HasMany<Route, $this> */
    public function routes(): HasMany
    {
        return $this->hasMany(Route::class);
    }
}
