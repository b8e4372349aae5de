<?php

namespace App\Models;

use App\Casts\DecimalCast;
use Brick\Math\BigDecimal;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Wexon\Core\Route\Leg;
use Wexon\Core\Route\RouteState;

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
 * @property array{steps: list<array{station: string, verdict: string, sentence: string, numbers: array<string, string>}>, tickets: list<array<string, mixed>>, cancels?: list<WorkingArray>, leverage?: array{times: string, margin: string}|null, ladder?: list<array<string, int|string>>, protection?: ForeseenArray|null, asked?: list<array<string, mixed>>}|null $trace
 * @property string|null $guard that refused it, or lets it wait
 * @property string|null $held_for "place" or "approval"
 * @property CarbonImmutable|null $held_until
 * @property string|null $approved_by
 * @property BigDecimal|null $approved_share percent of the size
 * @property string|null $overruled the guard that somebody overruled
 * @property string|null $overruled_by
 * @property string|null $together the signals that came together
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
    /** What its resource tells of. */
    public const SHOWN = ['message', 'route', 'account', 'orders'];

    public $timestamps = false;

    protected $dateFormat = 'Y-m-d H:i:s.u';

    protected $guarded = [];

    protected $casts = [
        'dry' => 'bool',
        'state' => DecisionState::class,
        'inputs' => 'array',
        'trace' => 'array',
        'held_until' => 'immutable_datetime',
        'approved_share' => DecimalCast::class,
        'created_at' => 'immutable_datetime',
        'decided_at' => 'immutable_datetime',
        'finished_at' => 'immutable_datetime',
    ];

    /** One that nobody asked for: to look at the world of a leg as if its route were armed. It is never saved. */
    public static function imagined(Account $account, Leg $leg, ?int $routeId): self
    {
        return (new self)->forceFill(['account_id' => $account->id, 'route_id' => $routeId, 'instrument' => $leg->instrument, 'lane' => "{$account->id}:{$leg->instrument}"])
            ->setRelation('account', $account)->setRelation('route', (new Route)->forceFill(['state' => RouteState::Armed]));
    }

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
