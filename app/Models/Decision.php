<?php

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * One message for one account: first its place in the lane, then the full trace of what was decided.
 *
 * @property int $id
 * @property int $desk_id
 * @property int $message_id
 * @property int|null $route_id
 * @property int $account_id
 * @property string $instrument
 * @property string $lane
 * @property bool $dry
 * @property DecisionState $state
 * @property string|null $verdict
 * @property string|null $intent
 * @property string|null $summary
 *
 * @phpstan-import-type RulesSpec from \Wexon\Core\Route\RouteRules
 * @phpstan-import-type WorkingArray from \Wexon\Core\Order\WorkingOrder
 * @phpstan-import-type ForeseenArray from \Wexon\Core\Protection\Foreseen
 * @phpstan-import-type SnapshotArray from \Wexon\Core\Decision\Snapshot
 *
 * @property array{signal: array<string, mixed>, rules: RulesSpec, snapshot: SnapshotArray}|null $inputs
 * @property array{steps: list<array{station: string, verdict: string, sentence: string, numbers: array<string, string>}>, tickets: list<array<string, mixed>>, cancels?: list<WorkingArray>, leverage?: array{times: string, margin: string}|null, ladder?: list<array<string, int|string>>, protection?: ForeseenArray|null}|null $trace
 * @property CarbonImmutable $created_at
 * @property CarbonImmutable|null $decided_at
 * @property CarbonImmutable|null $finished_at
 * @property Message $message
 * @property Route|null $route
 * @property Account $account
 * @property \Illuminate\Database\Eloquent\Collection<int, Order> $orders
 */
class Decision extends Model
{
    public $timestamps = false;

    protected $dateFormat = 'Y-m-d H:i:s.u';

    protected $guarded = [];

    protected $casts = [
        'dry' => 'bool',
        'state' => DecisionState::class,
        'inputs' => 'array',
        'trace' => 'array',
        'created_at' => 'immutable_datetime',
        'decided_at' => 'immutable_datetime',
        'finished_at' => 'immutable_datetime',
    ];

    /** @return BelongsTo<Message, $this> */
    public function message(): BelongsTo
    {
        return $this->belongsTo(Message::class);
    }

    /** @return BelongsTo<Route, $this> */
    public function route(): BelongsTo
    {
        return $this->belongsTo(Route::class);
    }

    /** @return BelongsTo<Account, $this> */
    public function account(): BelongsTo
    {
        return $this->belongsTo(Account::class);
    }

    /** @return HasMany<Order, $this> */
    public function orders(): HasMany
    {
        return $this->hasMany(Order::class)->orderBy('number');
    }
}
