<?php

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A route as somebody saved it.
 *
 * @property int $id
 * @property int $route_id
 * @property int|null $user_id
 * @property array<string, mixed> $draft as the editor sends it
 * @property CarbonImmutable $created_at
 * @property User|null $user
 */
class RouteVersion extends Model
{
    public $timestamps = false;

    protected $dateFormat = 'Y-m-d H:i:s.u';

    protected $fillable = ['route_id', 'user_id', 'draft', 'created_at'];

    protected $casts = ['draft' => 'array', 'created_at' => 'immutable_datetime'];

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
