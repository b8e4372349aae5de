<?php

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Wexon\Core\Route\RouteRules;
use Wexon\Core\Route\RouteState;

/**
 * The rules from one inlet to one or more accounts.
 *
 * @phpstan-import-type RulesSpec from RouteRules
 *
 * @property int $id
 * @property int $desk_id
 * @property int $inlet_id
 * @property string $name
 * @property RouteState $state
 * @property RulesSpec $rules
 * @property CarbonImmutable $updated_at
 * @property Inlet $inlet
 * @property \Illuminate\Database\Eloquent\Collection<int, Account> $accounts
 */
class Route extends Model
{
    protected $dateFormat = 'Y-m-d H:i:s.u';

    protected $fillable = ['desk_id', 'inlet_id', 'name', 'state', 'rules'];

    protected $casts = ['state' => RouteState::class, 'rules' => 'array', 'updated_at' => 'immutable_datetime'];

    public function rulesValue(): RouteRules
    {
        return RouteRules::of($this->rules);
    }

    /** @return BelongsTo<Inlet, $this> */
    public function inlet(): BelongsTo
    {
        return $this->belongsTo(Inlet::class);
    }

    /** @return BelongsToMany<Account, $this> */
    public function accounts(): BelongsToMany
    {
        return $this->belongsToMany(Account::class);
    }
}
