<?php

namespace App\Models;

use App\Casts\DecimalCast;
use Brick\Math\BigDecimal;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Wexon\Core\Decision\Ticket;
use Wexon\Core\Order\Chase;
use Wexon\Core\Order\OrderRole;
use Wexon\Core\Order\OrderTerms;
use Wexon\Core\Order\TimeInForce;
use Wexon\Core\Order\WorkingOrder;
use Wexon\Core\Signal\OrderSide;

/**
 * A ticket that was committed to be sent.
 *
 * @phpstan-import-type ChaseArray from Chase
 *
 * @property int $id
 * @property int $desk_id
 * @property int $decision_id
 * @property int|null $route_id
 * @property int $account_id
 * @property int $number
 * @property string $client_id
 * @property string $instrument
 * @property OrderSide $side
 * @property string $type
 * @property BigDecimal $quantity
 * @property bool $reduce_only
 * @property OrderState $state
 * @property string|null $venue_id
 * @property BigDecimal $filled
 * @property BigDecimal|null $average
 * @property BigDecimal $fee
 * @property string|null $words what the venue said, when it refused
 * @property OrderRole $role
 * @property string|null $label
 * @property BigDecimal|null $limit_price
 * @property BigDecimal|null $trigger_price
 * @property TimeInForce $time_in_force
 * @property bool $post_only
 * @property int|null $cancel_after seconds
 * @property ChaseArray|null $chase
 * @property BigDecimal $binds money that the whole order binds when it is filled
 * @property BigDecimal $leverage
 * @property BigDecimal $rate what one of the quote currency was worth in the account's money
 * @property int|null $protection_id
 * @property string|null $reason why it closes
 * @property int|null $target the number of the target that it is for
 * @property BigDecimal|null $follows_by distance at which the venue moves its trigger after the market
 * @property bool $exclusive whether the venue cancels it when the other that looks after the position is filled
 * @property bool $watched whether it is kept back until the market is at its limit
 * @property CarbonImmutable|null $due_at when a scheduled order goes out
 * @property CarbonImmutable $created_at
 * @property CarbonImmutable|null $acknowledged_at
 * @property Account $account
 * @property Decision $decision
 */
class Order extends Model
{
    private const LONGEST_LABEL = 120;

    private const LONGEST_REASON = 40;

    public $timestamps = false;

    protected $dateFormat = 'Y-m-d H:i:s.u';

    protected $guarded = [];

    protected $casts = [
        'side' => OrderSide::class,
        'quantity' => DecimalCast::class,
        'reduce_only' => 'bool',
        'state' => OrderState::class,
        'filled' => DecimalCast::class,
        'average' => DecimalCast::class,
        'fee' => DecimalCast::class,
        'role' => OrderRole::class,
        'limit_price' => DecimalCast::class,
        'trigger_price' => DecimalCast::class,
        'binds' => DecimalCast::class,
        'leverage' => DecimalCast::class,
        'rate' => DecimalCast::class,
        'time_in_force' => TimeInForce::class,
        'post_only' => 'bool',
        'chase' => 'array',
        'follows_by' => DecimalCast::class,
        'exclusive' => 'bool',
        'watched' => 'bool',
        'due_at' => 'immutable_datetime',
        'created_at' => 'immutable_datetime',
        'acknowledged_at' => 'immutable_datetime',
    ];

    public function ticket(): Ticket
    {
        $ticket = Ticket::of($this->role, $this->instrument, $this->side, $this->quantity, $this->terms(), $this->reduce_only, $this->label)->numbered($this->number);

        return $this->exclusive ? $ticket->exclusive() : $ticket;
    }

    public function terms(): OrderTerms
    {
        if ($this->follows_by !== null && $this->trigger_price !== null) {
            return OrderTerms::following($this->trigger_price, $this->follows_by);
        }

        return OrderTerms::of($this->limit_price, $this->trigger_price, $this->time_in_force, $this->post_only, $this->cancel_after, $this->chase === null ? null : Chase::fromArray($this->chase));
    }

    /** As much of it as is kept. */
    public static function shortReason(string $reason): string
    {
        return mb_substr($reason, 0, self::LONGEST_REASON);
    }

    public function working(): WorkingOrder
    {
        return new WorkingOrder($this->client_id, $this->role, $this->label, $this->side, $this->quantity, $this->filled, $this->terms());
    }

    /**
     * A row for each ticket of a decision, to be on disk before anything is sent.
     *
     * @return array<string, mixed>
     */
    public static function committed(Decision $decision, Ticket $ticket, string $clientId, BigDecimal $binds, BigDecimal $leverage, BigDecimal $rate): array
    {
        return [
            'desk_id' => $decision->desk_id,
            'decision_id' => $decision->id,
            'route_id' => $decision->route_id,
            'account_id' => $decision->account_id,
            'number' => $ticket->number,
            'client_id' => $clientId,
            'role' => $ticket->role->value,
            'label' => $ticket->label === null ? null : mb_substr($ticket->label, 0, self::LONGEST_LABEL),
            'instrument' => $ticket->instrument,
            'side' => $ticket->side->value,
            'type' => $ticket->terms->type->value,
            'quantity' => (string) $ticket->quantity,
            'reduce_only' => $ticket->reduceOnly,
            'limit_price' => $ticket->terms->limit === null ? null : (string) $ticket->terms->limit,
            'trigger_price' => $ticket->terms->trigger === null ? null : (string) $ticket->terms->trigger,
            'time_in_force' => $ticket->terms->timeInForce->value,
            'post_only' => $ticket->terms->postOnly,
            'cancel_after' => $ticket->terms->cancelAfter,
            'chase' => $ticket->terms->chase === null ? null : json_encode($ticket->terms->chase->toArray(), JSON_THROW_ON_ERROR),
            'binds' => (string) $binds,
            'leverage' => (string) $leverage,
            'rate' => (string) $rate,
            'follows_by' => $ticket->terms->followsBy === null ? null : (string) $ticket->terms->followsBy,
            'exclusive' => $ticket->exclusive,
            'watched' => $ticket->watched,
            'state' => ($ticket->after === 0 && ! $ticket->watched ? OrderState::Committed : OrderState::Scheduled)->value,
            'due_at' => $ticket->after === 0 || $ticket->watched ? null : now()->addSeconds($ticket->after)->format('Y-m-d H:i:s.u'),
            'created_at' => now()->format('Y-m-d H:i:s.u'),
        ];
    }

    /** @return BelongsTo<Account, $this> */
    public function account(): BelongsTo
    {
        return $this->belongsTo(Account::class);
    }

    /** @return BelongsTo<Decision, $this> */
    public function decision(): BelongsTo
    {
        return $this->belongsTo(Decision::class);
    }

    /** @return HasMany<Fill, $this> */
    public function fills(): HasMany
    {
        return $this->hasMany(Fill::class);
    }
}
