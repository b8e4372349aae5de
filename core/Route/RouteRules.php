<?php

declare(strict_types=1);

namespace Wexon\Core\Route;

use Brick\Math\BigDecimal;
use InvalidArgumentException;
use Wexon\Core\Guard\Limits;
use Wexon\Core\Ladder\Ladder;
use Wexon\Core\Order\OrderStyle;
use Wexon\Core\Protection\ProtectionRules;
use Wexon\Core\Protection\Whole;
use Wexon\Core\Sizing\Caps;
use Wexon\Core\Sizing\Multiplied;
use Wexon\Core\Sizing\SizeRule;
use Wexon\Core\Sizing\SizeRules;
use Wexon\Core\Together\Together;

/**
 * Everything a trader sets on a route, as one value: docs/schemas/route-1.json.
 *
 * @phpstan-import-type SizeSpec from SizeRules
 * @phpstan-import-type AddsSpec from Adds
 * @phpstan-import-type CapsSpec from Caps
 * @phpstan-import-type StyleSpec from OrderStyle
 * @phpstan-import-type LeverageSpec from Leverage
 * @phpstan-import-type LadderSpec from Ladder
 * @phpstan-import-type ProtectionSpec from ProtectionRules
 * @phpstan-import-type WholeSpec from Whole
 * @phpstan-import-type LimitsSpec from Limits
 * @phpstan-import-type AskSpec from Ask
 * @phpstan-import-type TogetherSpec from Together
 *
 * @phpstan-type RulesSpec array{legs: list<array{symbol: string, instrument: string}>, sides: string, opposite: string, size: SizeSpec, disagreement?: string, start_clean?: bool, adds?: AddsSpec, caps?: CapsSpec, entry?: StyleSpec, exit?: StyleSpec, leverage?: LeverageSpec|null, ladder?: LadderSpec|null, flip_pause?: int, when_closed?: string, protection?: ProtectionSpec, exit_profit?: string|null, pause_on_difference?: bool, whole?: WholeSpec|null, guards?: LimitsSpec, ask?: AskSpec|null, together?: TogetherSpec|null}
 */
final readonly class RouteRules
{
    /** @param  list<Leg>  $legs */
    private function __construct(
        public array $legs,
        public AllowedSides $sides,
        public OppositeSignal $opposite,
        public SizeRule $size,
        public Disagreement $disagreement,
        /** After arming, exits and adds are left alone until the first entry. */
        public bool $startClean,
        public Adds $adds,
        public Caps $caps,
        /** How orders that open something are sent. */
        public OrderStyle $entry,
        /** How orders that close something are sent. */
        public OrderStyle $exit,
        /** Set at the venue before an order that opens something; null: as it is there. */
        public ?Leverage $leverage,
        /** Adds that are placed together with each entry; null: none. */
        public ?Ladder $ladder,
        /** Seconds between the two halves of a flip. */
        public int $flipPause,
        public WhenClosed $whenClosed,
        public ProtectionRules $protection,
        /** Percent of profit, fees included, from which a signal may close; null: whenever it likes. */
        public ?BigDecimal $exitProfit,
        /** Whether it pauses when the venue holds something else than our books. */
        public bool $pauseOnDifference,
        /** Over all that it holds on an account. */
        public Whole $whole,
        public Limits $guards,
        /** Whether somebody is asked before it opens anything; null: nobody. */
        public ?Ask $ask,
        /** Several signals that must be true before it opens anything; null: each does by itself. */
        public ?Together $together,
    ) {}

    /**
     * @param  RulesSpec  $spec
     *
     * @throws InvalidArgumentException If two legs take the same symbol, or the size rule will not do.
     */
    public static function of(array $spec): self
    {
        $legs = [];
        foreach ($spec['legs'] as $leg) {
            $key = strtoupper(trim($leg['symbol']));
            if (isset($legs[$key])) {
                throw new InvalidArgumentException("Two legs take the symbol {$leg['symbol']}; a symbol may stand in one leg only.");
            }
            $legs[$key] = Leg::of($leg['symbol'], $leg['instrument']);
        }
        if ($legs === []) {
            throw new InvalidArgumentException('A route needs at least one leg: a chart symbol and the instrument to trade for it.');
        }

        return new self(
            array_values($legs),
            AllowedSides::from($spec['sides']),
            OppositeSignal::from($spec['opposite']),
            SizeRules::of($spec['size']),
            Disagreement::from($spec['disagreement'] ?? Disagreement::KeepOurs->value),
            $spec['start_clean'] ?? false,
            Adds::of($spec['adds'] ?? ['most' => 0]),
            Caps::of($spec['caps'] ?? []),
            self::style($spec['entry'] ?? null),
            self::style($spec['exit'] ?? null),
            isset($spec['leverage']) ? Leverage::of($spec['leverage']) : null,
            isset($spec['ladder']) ? Ladder::of($spec['ladder']) : null,
            $spec['flip_pause'] ?? 0,
            WhenClosed::from($spec['when_closed'] ?? WhenClosed::QueueExits->value),
            ProtectionRules::of($spec['protection'] ?? []),
            isset($spec['exit_profit']) ? BigDecimal::of($spec['exit_profit']) : null,
            $spec['pause_on_difference'] ?? false,
            Whole::of($spec['whole'] ?? []),
            Limits::of($spec['guards'] ?? []),
            isset($spec['ask']) ? Ask::of($spec['ask']) : null,
            isset($spec['together']) ? Together::of($spec['together']) : null,
        );
    }

    /** The same as one of its accounts trades it: every size times its scale, with its own instruments and order styles. Caps stay as they are. */
    public function on(OwnRules $own): self
    {
        return new self(
            array_map($own->leg(...), $this->legs),
            $this->sides,
            $this->opposite,
            Multiplied::of($this->size, $own->scale),
            $this->disagreement,
            $this->startClean,
            $this->adds->scaled($own->scale),
            $this->caps,
            $own->entry ?? $this->entry,
            $own->exit ?? $this->exit,
            $this->leverage,
            $this->ladder,
            $this->flipPause,
            $this->whenClosed,
            $this->protection,
            $this->exitProfit,
            $this->pauseOnDifference,
            $this->whole,
            $this->guards,
            $this->ask,
            $this->together,
        );
    }

    /** The same when somebody has said yes already. */
    public function withoutAsking(): self
    {
        if ($this->ask === null) {
            return $this;
        }
        $spec = $this->toArray();
        unset($spec['ask']);

        return self::of($spec);
    }

    /** @return RulesSpec */
    public function toArray(): array
    {
        return [
            'legs' => array_map(static fn (Leg $leg): array => ['symbol' => $leg->symbol, 'instrument' => $leg->instrument], $this->legs),
            'sides' => $this->sides->value,
            'opposite' => $this->opposite->value,
            'size' => $this->size->toArray(),
            'disagreement' => $this->disagreement->value,
            'start_clean' => $this->startClean,
            'adds' => $this->adds->toArray(),
            'entry' => $this->entry->toArray(),
            'exit' => $this->exit->toArray(),
            'flip_pause' => $this->flipPause,
            'when_closed' => $this->whenClosed->value,
        ] + ($this->caps->toArray() === [] ? [] : ['caps' => $this->caps->toArray()])
          + ($this->leverage === null ? [] : ['leverage' => $this->leverage->toArray()])
          + ($this->protection->toArray() === [] ? [] : ['protection' => $this->protection->toArray()])
          + ($this->pauseOnDifference ? ['pause_on_difference' => true] : [])
          + ($this->whole->isEmpty() ? [] : ['whole' => $this->whole->toArray()])
          + ($this->guards->toArray() === [] ? [] : ['guards' => $this->guards->toArray()])
          + ($this->together === null ? [] : ['together' => $this->together->toArray()])
          + ($this->ask === null ? [] : ['ask' => $this->ask->toArray()])
          + ($this->exitProfit === null ? [] : ['exit_profit' => (string) $this->exitProfit])
          + ($this->ladder === null ? [] : ['ladder' => $this->ladder->toArray()]);
    }

    /** @param  StyleSpec|null  $spec */
    private static function style(?array $spec): OrderStyle
    {
        return $spec === null ? OrderStyle::market() : OrderStyle::of($spec);
    }

    public function legOf(string $instrument): ?Leg
    {
        foreach ($this->legs as $leg) {
            if ($leg->instrument === $instrument) {
                return $leg;
            }
        }

        return null;
    }

    public function legFor(string $symbol): ?Leg
    {
        foreach ($this->legs as $leg) {
            if ($leg->takes($symbol)) {
                return $leg;
            }
        }

        return null;
    }
}
