<?php

namespace App\Models;

use Brick\Math\BigDecimal;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\Pivot;
use Wexon\Core\Route\Leg;
use Wexon\Core\Route\OwnRules;
use Wexon\Core\Route\RouteRules;
use Wexon\Core\Route\RouteState;
use Wexon\Core\Together\Lights;

/**
 * The rules from one inlet to one or more accounts.
 *
 * @phpstan-import-type RulesSpec from RouteRules
 * @phpstan-import-type LightsArray from Lights
 *
 * @property int $id
 * @property int $desk_id
 * @property int $inlet_id
 * @property string $name
 * @property RouteState $state
 * @property RulesSpec $rules
 * @property array{style: string, form: string, way: string, adds: bool, profile_id: int, size: array{amount: string, unit: string}|null}|null $slip_settings
 * @property string|null $state_by who brought it into its state: a name, "the clock", "a rule"
 * @property string|null $state_reason
 * @property CarbonImmutable|null $state_at
 * @property LightsArray|null $lights
 * @property RouteState|null $next_state that the clock brings it into
 * @property CarbonImmutable|null $next_state_at
 * @property string|null $next_state_by who said so
 * @property CarbonImmutable|null $armed_at
 * @property CarbonImmutable $updated_at
 * @property Inlet $inlet
 * @property \Illuminate\Database\Eloquent\Collection<int, Account> $accounts each with the route's own label in its pivot
 * @property \Illuminate\Database\Eloquent\Collection<int, Slip> $slips
 */
class Route extends Model
{
    protected $dateFormat = 'Y-m-d H:i:s.u';

    protected $fillable = ['desk_id', 'inlet_id', 'name', 'state', 'rules', 'slip_settings', 'armed_at', 'state_by', 'state_reason', 'state_at', 'lights', 'next_state', 'next_state_at', 'next_state_by'];

    protected $casts = ['state' => RouteState::class, 'rules' => 'array', 'lights' => 'array', 'next_state' => RouteState::class, 'next_state_at' => 'immutable_datetime', 'slip_settings' => 'array', 'armed_at' => 'immutable_datetime', 'state_at' => 'immutable_datetime', 'updated_at' => 'immutable_datetime'];

    public function rulesValue(): RouteRules
    {
        return RouteRules::of($this->rules);
    }

    public function lightsValue(): Lights
    {
        return $this->lights === null ? Lights::none() : Lights::fromArray($this->lights);
    }

    /** @return BelongsTo<Inlet, $this> */
    public function inlet(): BelongsTo
    {
        return $this->belongsTo(Inlet::class);
    }

    /** @return BelongsToMany<Account, $this> */
    public function accounts(): BelongsToMany
    {
        return $this->belongsToMany(Account::class)->withPivot('label', 'scale', 'allocation', 'own');
    }

    /** Money that is set aside for it on the account that it was loaded with; zero: none. */
    public function allocation(): BigDecimal
    {
        $pivot = $this->relationLoaded('pivot') ? $this->getRelation('pivot') : null;
        $allocation = $pivot instanceof Pivot ? $pivot->getAttribute('allocation') : null;

        return BigDecimal::of(is_numeric($allocation) ? (string) $allocation : 0)->stripTrailingZeros();
    }

    /** @return list<string> What it trades on the account that it was loaded with. */
    public function instruments(): array
    {
        $pivot = $this->relationLoaded('pivot') ? $this->getRelation('pivot') : null;
        $own = $pivot instanceof Pivot ? $pivot->getAttribute('own') : null;
        $rules = OwnRules::of('1', is_string($own) ? json_decode($own, true, flags: JSON_THROW_ON_ERROR) : []);

        return array_map(static fn (array $leg): string => $rules->leg(Leg::of($leg['symbol'], $leg['instrument']))->instrument, $this->rules['legs']);
    }

    /** @return HasMany<Slip, $this> */
    public function slips(): HasMany
    {
        return $this->hasMany(Slip::class)->orderBy('id');
    }

    /** @return HasMany<RouteVersion, $this> */
    public function versions(): HasMany
    {
        return $this->hasMany(RouteVersion::class);
    }
}
