<?php

namespace App\Models;

use App\Casts\DecimalCast;
use Brick\Math\BigDecimal;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Wexon\Core\Guard\Limits;
use Wexon\Core\Route\OwnRules;

/**
 * A connection to a venue.
 *
 * @property int $id
 * @property int $desk_id
 * @property string $name
 * @property string $venue
 * @property string $environment practice or live, as the venue says
 * @property array<string, string> $credentials
 * @property list<string> $permissions
 * @property string $currency
 * @property BigDecimal $equity
 * @property BigDecimal $free
 * @property array<string, mixed>|null $guards what it lets its routes do
 * @property BigDecimal|null $peak_equity the most money that it had
 * @property string|null $trouble
 * @property CarbonImmutable $checked_at
 * @property \Illuminate\Database\Eloquent\Relations\Pivot|null $pivot
 * @property \Illuminate\Database\Eloquent\Collection<int, Route> $routes
 */
class Account extends Model
{
    protected $dateFormat = 'Y-m-d H:i:s.u';

    protected $fillable = ['desk_id', 'name', 'venue', 'environment', 'credentials', 'permissions', 'currency', 'equity', 'free', 'trouble', 'checked_at', 'guards', 'peak_equity'];

    protected $hidden = ['credentials'];

    protected $casts = [
        'credentials' => 'encrypted:array',
        'permissions' => 'array',
        'equity' => DecimalCast::class,
        'free' => DecimalCast::class,
        'guards' => 'array',
        'peak_equity' => DecimalCast::class,
        'checked_at' => 'immutable_datetime',
    ];

    /** @return BelongsToMany<Route, $this> */
    public function routes(): BelongsToMany
    {
        return $this->belongsToMany(Route::class)->withPivot('allocation', 'own');
    }

    public function limits(): Limits
    {
        return Limits::of($this->guards ?? []);
    }

    /** What its sizes are multiplied by in the route that it was loaded with. */
    public function scale(): BigDecimal
    {
        $scale = $this->pivot?->getAttribute('scale');

        return is_numeric($scale) ? BigDecimal::of((string) $scale)->stripTrailingZeros() : BigDecimal::one();
    }

    /** What it does otherwise than the others, in the route that it was loaded with. */
    public function ownRules(): OwnRules
    {
        $own = $this->pivot?->getAttribute('own');

        return OwnRules::of($this->scale(), is_string($own) ? json_decode($own, true, flags: JSON_THROW_ON_ERROR) : []);
    }

    /** Money that is set aside for the route that it was loaded with; null: none. */
    public function allocation(): ?BigDecimal
    {
        $allocation = $this->pivot?->getAttribute('allocation');

        return is_numeric($allocation) ? BigDecimal::of((string) $allocation)->stripTrailingZeros() : null;
    }

    /** The label that the route which it was loaded with gives it. */
    public function label(): ?string
    {
        $label = $this->pivot?->getAttribute('label');

        return is_string($label) && $label !== '' ? $label : null;
    }
}
