<?php

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Wexon\Core\Profile\ChartProfile as ChartProfileValue;

/**
 * The people who trade together, and everything that is theirs.
 *
 * @property int $id
 * @property string $name
 * @property string $zone
 */
class Desk extends Model
{
    protected $dateFormat = 'Y-m-d H:i:s.u';

    protected $fillable = ['name', 'zone'];

    protected static function booted(): void
    {
        static::created(static fn (Desk $desk) => $desk->chartProfiles()->create(['name' => 'Bench', 'spec' => ChartProfileValue::bench()->toArray()]));
    }

    /** @return HasMany<Account, $this> */
    public function accounts(): HasMany
    {
        return $this->hasMany(Account::class);
    }

    /** @return HasMany<Inlet, $this> */
    public function inlets(): HasMany
    {
        return $this->hasMany(Inlet::class);
    }

    /** @return HasMany<Route, $this> */
    public function routes(): HasMany
    {
        return $this->hasMany(Route::class);
    }

    /** @return HasMany<Message, $this> */
    public function messages(): HasMany
    {
        return $this->hasMany(Message::class);
    }

    /** @return HasMany<Decision, $this> */
    public function decisions(): HasMany
    {
        return $this->hasMany(Decision::class);
    }

    /** @return HasMany<Order, $this> */
    public function orders(): HasMany
    {
        return $this->hasMany(Order::class);
    }

    /** @return HasMany<Fill, $this> */
    public function fills(): HasMany
    {
        return $this->hasMany(Fill::class);
    }

    /** @return HasMany<Position, $this> */
    public function positions(): HasMany
    {
        return $this->hasMany(Position::class);
    }

    /** @return HasMany<Reading, $this> */
    public function readings(): HasMany
    {
        return $this->hasMany(Reading::class);
    }

    /** @return HasMany<ChartProfile, $this> */
    public function chartProfiles(): HasMany
    {
        return $this->hasMany(ChartProfile::class);
    }

    /** @return HasMany<SymbolLink, $this> */
    public function symbolLinks(): HasMany
    {
        return $this->hasMany(SymbolLink::class);
    }

    /** @return HasMany<SymbolRule, $this> */
    public function symbolRules(): HasMany
    {
        return $this->hasMany(SymbolRule::class);
    }

    /** @return HasMany<Slip, $this> */
    public function slips(): HasMany
    {
        return $this->hasMany(Slip::class);
    }

    /** @return HasMany<Notice, $this> */
    public function notices(): HasMany
    {
        return $this->hasMany(Notice::class);
    }

    /** @return HasMany<DescribedVenue, $this> */
    public function describedVenues(): HasMany
    {
        return $this->hasMany(DescribedVenue::class);
    }
}
