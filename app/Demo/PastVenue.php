<?php

namespace App\Demo;

use App\Connector\AccountView;
use App\Connector\Connector;
use App\Connector\Environment;
use App\Connector\FillReport;
use App\Connector\KeyCheck;
use App\Connector\OrderReport;
use App\Connector\OrderStatus;
use App\Connector\VenueTrouble;
use App\Models\Instrument;
use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use Carbon\CarbonImmutable;
use Wexon\Core\Decision\Ticket;
use Wexon\Core\Market\Abilities;
use Wexon\Core\Market\Balance;
use Wexon\Core\Market\Quote;
use Wexon\Core\Order\OrderType;
use Wexon\Core\Order\TimeInForce;
use Wexon\Core\Position\Fill;
use Wexon\Core\Position\Position;
use Wexon\Core\Route\Leverage;

/** One account at a venue some weeks ago: what is at the market is filled at the prices of then, and nothing rests. */
final class PastVenue implements Connector
{
    private const SCALE = 8;

    private const PAIR_LEVERAGE = 20;

    /** @var array<string, Position> By instrument. */
    private array $positions = [];

    private int $fills = 0;

    public function __construct(
        private readonly string $venue,
        private readonly string $currency,
        private readonly PastPrices $prices,
        private BigDecimal $cash,
    ) {}

    public function cash(): BigDecimal
    {
        return $this->cash->toScale(2, RoundingMode::HALF_EVEN);
    }

    public function check(): KeyCheck
    {
        return new KeyCheck(Environment::Practice, ['read', 'trade'], $this->balance());
    }

    public function instruments(): array
    {
        return array_map(fn (string $name) => Instrument::listed($this->venue, $name), $this->prices->of($this->venue));
    }

    public function quotes(array $instruments): array
    {
        $known = array_intersect($instruments, $this->prices->of($this->venue));

        return array_combine($known, array_map($this->quote(...), $known));
    }

    public function look(string $instrument): AccountView
    {
        if (! in_array($instrument, $this->prices->of($this->venue), true)) {
            throw VenueTrouble::refused("“{$instrument}” was not traded then.");
        }

        return new AccountView($this->quote($instrument), $this->balance(), BigDecimal::of($this->leverage()));
    }

    public function positions(): array
    {
        return array_map(static fn (Position $position): BigDecimal => $position->quantity, array_filter($this->positions, static fn (Position $position): bool => ! $position->isFlat()));
    }

    public function place(Ticket $ticket, string $clientId): OrderReport
    {
        $at = CarbonImmutable::now();
        $quote = $this->quote($ticket->instrument);
        $price = $quote->priceFor($ticket->side);
        if ($ticket->terms->limit !== null && ! $quote->reaches($ticket->side, $ticket->terms->limit)) {
            return new OrderReport($clientId, OrderStatus::Cancelled, [], $at);
        }
        $instrument = Instrument::listed($this->venue, $ticket->instrument);
        $fee = $instrument->notional($ticket->quantity, $price)->multipliedBy($instrument->takerFee)->toScale(self::SCALE, RoundingMode::HALF_EVEN);
        $fill = Fill::of($ticket->side, $ticket->quantity, $price, $fee);
        $before = $this->positions[$ticket->instrument] ?? Position::flat($instrument->multiplier);
        $this->positions[$ticket->instrument] = $before->after($fill);
        $made = $this->positions[$ticket->instrument]->realised->minus($before->realised)->minus($fee);
        $this->cash = $this->cash->plus($made->multipliedBy($quote->rate));
        $this->fills++;

        return new OrderReport($clientId, OrderStatus::Filled, [new FillReport("past-{$this->venue}-{$clientId}-{$this->fills}", $fill, $at)], $at);
    }

    public function setLeverage(string $instrument, Leverage $leverage): void {}

    public function cancel(string $clientId): OrderReport
    {
        throw VenueTrouble::refused('Nothing rests here.');
    }

    public function working(): array
    {
        return [];
    }

    public function abilities(): Abilities
    {
        return Abilities::of([OrderType::Market, OrderType::Limit], TimeInForce::cases(), true, false);
    }

    public function find(string $clientId): ?OrderReport
    {
        return null;
    }

    private function quote(string $instrument): Quote
    {
        return $this->prices->quote($this->venue, $instrument, CarbonImmutable::now());
    }

    private function balance(): Balance
    {
        $equity = $this->cash;
        $bound = BigDecimal::zero();
        foreach ($this->positions as $instrument => $position) {
            $quote = $this->quote($instrument);
            $equity = $equity->plus($position->unrealised($quote->markFor($position->quantity))->multipliedBy($quote->rate));
            $bound = $bound->plus($position->cost->abs()->multipliedBy($quote->rate)->dividedBy($this->leverage(), self::SCALE, RoundingMode::UP));
        }

        return Balance::of($this->currency, $equity, $equity->minus($bound));
    }

    private function leverage(): int
    {
        return $this->venue === 'larkmoor' ? self::PAIR_LEVERAGE : 1;
    }
}
