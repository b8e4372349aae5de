<?php

declare(strict_types=1);

namespace Wexon\Core\Decision;

use Brick\Math\BigDecimal;
use DateTimeImmutable;
use Wexon\Core\Guard\Facts;
use Wexon\Core\Guard\Limits;
use Wexon\Core\Instrument\Instrument;
use Wexon\Core\Market\Abilities;
use Wexon\Core\Market\Allocation;
use Wexon\Core\Market\Balance;
use Wexon\Core\Market\Quote;
use Wexon\Core\Order\WorkingOrder;
use Wexon\Core\Position\Position;
use Wexon\Core\Route\MarginKind;
use Wexon\Core\Route\RouteState;

/**
 * The world as one decision sees it. Stored with the decision, so that it can be decided again.
 *
 * @phpstan-import-type WorkingArray from WorkingOrder
 * @phpstan-import-type InstrumentSpec from Instrument
 * @phpstan-import-type AbilitiesArray from Abilities
 * @phpstan-import-type LimitsSpec from Limits
 * @phpstan-import-type FactsArray from Facts
 *
 * @phpstan-type SnapshotArray array{
 *     instrument: InstrumentSpec,
 *     quote: array{bid: string, ask: string, at: string, rate?: string},
 *     balance: array{currency: string, equity: string, free: string},
 *     position: array{quantity: string, cost: string, realised: string, fees: string, open_fees: string},
 *     leverage: string,
 *     route_state: string,
 *     now: string,
 *     adds?: int,
 *     entered?: bool,
 *     working?: list<WorkingArray>,
 *     abilities?: AbilitiesArray,
 *     allocation?: array{set_aside: string|null, in_use: string, others: string},
 *     margin?: string|null,
 *     halt?: string|null,
 *     overruled?: string|null,
 *     together?: string|null,
 *     account_guards?: LimitsSpec,
 *     facts?: array{route: FactsArray, account: FactsArray},
 * }
 */
final readonly class Snapshot
{
    private const TIME = 'Y-m-d\TH:i:s.up';

    public Abilities $abilities;

    /** What the account lets its routes do. */
    public Limits $accountLimits;

    /** What the route did on this account before, as far as its limits ask. */
    public Facts $routeFacts;

    public Facts $accountFacts;

    /**
     * @param  list<WorkingOrder>  $working
     */
    public function __construct(
        public Instrument $instrument,
        public Quote $quote,
        public Balance $balance,
        public Position $position,
        /** As set at the venue for this instrument; 1 for spot. */
        public BigDecimal $leverage,
        public RouteState $routeState,
        public DateTimeImmutable $now,
        /** How often the position has been added to. */
        public int $adds = 0,
        /** Whether the route has entered here since it was armed. */
        public bool $entered = true,
        /** What the route has working for this instrument. */
        public array $working = [],
        public ?Allocation $allocation = null,
        /** As set at the venue; null when it does not say. */
        public ?MarginKind $margin = null,
        /** Null: the usual ones. */
        ?Abilities $abilities = null,
        /** "Everything is halted since …"; null while nothing is. */
        public ?string $halt = null,
        ?Limits $accountLimits = null,
        ?Facts $routeFacts = null,
        ?Facts $accountFacts = null,
        /** The limit that somebody has overruled; null: none. */
        public ?string $overruled = null,
        /** The signals that came together and set the route off; null: it needs none. */
        public ?string $together = null,
    ) {
        $this->abilities = $abilities ?? Abilities::usual();
        $this->accountLimits = $accountLimits ?? Limits::none();
        $this->routeFacts = $routeFacts ?? Facts::none();
        $this->accountFacts = $accountFacts ?? Facts::none();
    }

    /** The same with nothing held and nothing working of the instrument; the money stays as it is. */
    public function flat(): self
    {
        return new self(
            $this->instrument, $this->quote, $this->balance, Position::flat($this->instrument->multiplier), $this->leverage, $this->routeState,
            $this->now, 0, $this->entered, [], $this->allocation, $this->margin, $this->abilities, $this->halt,
            $this->accountLimits, $this->routeFacts, $this->accountFacts, $this->overruled, $this->together,
        );
    }

    /** @param  SnapshotArray  $stored */
    public static function fromArray(array $stored): self
    {
        $instrument = Instrument::of($stored['instrument']);
        $position = $stored['position'];

        return new self(
            $instrument,
            Quote::of($stored['quote']['bid'], $stored['quote']['ask'], new DateTimeImmutable($stored['quote']['at']), $stored['quote']['rate'] ?? '1'),
            Balance::of(...$stored['balance']),
            Position::of($position['quantity'], $position['cost'], $position['realised'], $position['fees'], $position['open_fees'], $instrument->multiplier),
            BigDecimal::of($stored['leverage']),
            RouteState::from($stored['route_state']),
            new DateTimeImmutable($stored['now']),
            $stored['adds'] ?? 0,
            $stored['entered'] ?? true,
            array_map(WorkingOrder::fromArray(...), $stored['working'] ?? []),
            isset($stored['allocation']) ? Allocation::of(...array_values($stored['allocation'])) : null,
            isset($stored['margin']) ? MarginKind::from($stored['margin']) : null,
            isset($stored['abilities']) ? Abilities::fromArray($stored['abilities']) : null,
            $stored['halt'] ?? null,
            Limits::of($stored['account_guards'] ?? []),
            Facts::of($stored['facts']['route'] ?? []),
            Facts::of($stored['facts']['account'] ?? []),
            $stored['overruled'] ?? null,
            $stored['together'] ?? null,
        );
    }

    /** @return SnapshotArray */
    public function toArray(): array
    {
        return [
            'instrument' => $this->instrument->toArray(),
            'quote' => ['bid' => (string) $this->quote->bid, 'ask' => (string) $this->quote->ask, 'at' => $this->quote->at->format(self::TIME)] + ($this->quote->rate->isEqualTo(1) ? [] : ['rate' => (string) $this->quote->rate]),
            'balance' => ['currency' => $this->balance->currency, 'equity' => (string) $this->balance->equity, 'free' => (string) $this->balance->free],
            'position' => [
                'quantity' => (string) $this->position->quantity,
                'cost' => (string) $this->position->cost,
                'realised' => (string) $this->position->realised,
                'fees' => (string) $this->position->fees,
                'open_fees' => (string) $this->position->openFees,
            ],
            'leverage' => (string) $this->leverage,
            'route_state' => $this->routeState->value,
            'now' => $this->now->format(self::TIME),
            'adds' => $this->adds,
            'entered' => $this->entered,
            'working' => array_map(static fn (WorkingOrder $order): array => $order->toArray(), $this->working),
            'abilities' => $this->abilities->toArray(),
            'margin' => $this->margin?->value,
        ] + ($this->allocation === null ? [] : ['allocation' => $this->allocation->toArray()]) + ($this->halt === null ? [] : ['halt' => $this->halt])
          + ($this->together === null ? [] : ['together' => $this->together])
          + ($this->overruled === null ? [] : ['overruled' => $this->overruled])
          + ($this->accountLimits->toArray() === [] ? [] : ['account_guards' => $this->accountLimits->toArray()])
          + ($this->routeFacts->toArray() === [] && $this->accountFacts->toArray() === [] ? [] : ['facts' => ['route' => $this->routeFacts->toArray(), 'account' => $this->accountFacts->toArray()]]);
    }
}
