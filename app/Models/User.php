<?php

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Foundation\Auth\User as Authenticatable;
use Laravel\Sanctum\HasApiTokens;

/**
 * @property int $id
 * @property int $desk_id
 * @property string $name
 * @property string $password hashed
 * @property string $email
 * @property Desk $desk
 */
class User extends Authenticatable
{
    use HasApiTokens;

    protected $dateFormat = 'Y-m-d H:i:s.u';

    protected $fillable = ['desk_id', 'name', 'email', 'password'];

    protected $hidden = ['password', 'remember_token'];

    protected $casts = ['password' => 'hashed'];

    /** @return BelongsTo<Desk, $this> */
    public function desk(): BelongsTo
    {
        return $this->belongsTo(Desk::class);
    }
}
