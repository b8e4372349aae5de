<?php

namespace App\Connector\Larkmoor;

use App\Connector\AccountView;
use App\Connector\Asked;
use App\Connector\BarRows;
use App\Connector\Connector;
use App\Connector\ConnectsSlowly;
use App\Connector\Environment;
use App\Connector\FillReport;
use App\Connector\KeyCheck;
use App\Connector\OrderReport;
use App\Connector\OrderStatus;
use App\Connector\TellsHistory;
use App\Connector\VenueTrouble;
use Brick\Math\BigDecimal;
use Carbon\CarbonImmutable;
use Wexon\Core\Decision\Ticket;
use Wexon\Core\Instrument\Instrument;
use Wexon\Core\Market\Abilities;
use Wexon\Core\Market\Balance;
use Wexon\Core\Market\Quote;
use Wexon\Core\Order\OrderType;
use Wexon\Core\Order\TimeInForce;
use Wexon\Core\Position\Fill;
use Wexon\Core\Route\Leverage;
use Wexon\Core\Signal\OrderSide;

/** Larkmoor: currency pairs on margin, in lots, through a terminal; accounts with one net position per pair, or with both sides at once. */
final readonly class LarkmoorConnector implements Connector, ConnectsSlowly, TellsHistory
{
    private const STATES = ['waiting' => OrderStatus::Working, 'done' => OrderStatus::Filled, 'withdrawn' => OrderStatus::Cancelled];

    private const KINDS = ['market' => 'now', 'limit' => 'limit', 'stop' => 'stop'];

    public function __construct(private LarkmoorClient $client) {}

    public function connect(callable $progress): void
    {
        $this->client->session($progress);
    }

    public function check(): KeyCheck
    {
        $account = $this->client->get('account');
        $trades = $account['access'] === 'full';

        return new KeyCheck(
            str_ends_with($account['server'], '-Practice') ? Environment::Practice : Environment::Live,
            $trades ? ['read', 'trade'] : ['read'],
            $this->balance($account),
            $trades ? null : 'This is the read-only password: it looks on and cannot trade. Connect the account with its trading password.',
        );
    }

    public function instruments(): array
    {
        $leverage = (string) $this->client->get('account')['leverage'];

        return array_values(array_map(static fn (array $pair): Instrument => Instrument::of([
            'name' => $pair['pair'],
            'kind' => 'pair',
            'currency' => substr((string) $pair['pair'], 4),
            'tick' => $pair['point'],
            'lot_step' => $pair['lot_step'],
            'least_size' => $pair['least_lots'],
            'least_notional' => '0',
            'multiplier' => (string) $pair['lot'],
            'taker_fee' => $pair['commission'],
            'largest_leverage' => $leverage,
            'least_distance' => (string) BigDecimal::of($pair['point'])->multipliedBy($pair['least_points']),
            'hours' => $pair['hours'],
        ]), $this->client->get('pairs')['pairs']));
    }

    public function quotes(array $instruments): array
    {
        return $this->quotesOf($this->client->get('prices', ['pairs' => implode(',', $instruments)]));
    }

    public function bars(string $instrument, int $seconds, int $count): array
    {
        return BarRows::read($this->client->get('bars', ['pair' => $instrument, 'seconds' => (string) $seconds, 'count' => (string) $count])['bars']);
    }

    public function look(string $instrument): AccountView
    {
        [$prices, $account] = $this->client->all([['prices', ['pairs' => $instrument]], ['account', []]]);

        return new AccountView($this->quotesOf($prices)[$instrument], $this->balance($account), BigDecimal::of($account['leverage']));
    }

    public function positions(): array
    {
        $sizes = [];
        foreach ($this->client->get('holdings')['holdings'] as $row) {
            $sizes[$row['pair']] = ($sizes[$row['pair']] ?? BigDecimal::zero())->plus(BigDecimal::of($row['lots'])->multipliedBy($row['way'] === 'buy' ? 1 : -1));
        }

        return array_filter($sizes, static fn (BigDecimal $size): bool => ! $size->isZero());
    }

    public function place(Ticket $ticket, string $clientId): OrderReport
    {
        $at = $ticket->terms->limit ?? $ticket->terms->trigger;

        return Asked::orFind(fn (): OrderReport => $this->report($this->client->post('orders', [
            'tag' => $clientId,
            'pair' => $ticket->instrument,
            'way' => $ticket->side->value,
            'kind' => self::KINDS[$ticket->terms->type->value] ?? throw VenueTrouble::refused("Larkmoor takes no {$ticket->terms->type->words()} orders."),
            'lots' => (string) $ticket->quantity,
            'effect' => $ticket->reduceOnly ? 'close' : 'open',
        ] + ($at === null ? [] : ['at' => (string) $at]))['order']), fn (): ?OrderReport => $this->find($clientId));
    }

    public function setLeverage(string $instrument, Leverage $leverage): void
    {
        $set = $this->client->get('account')['leverage'];
        if (! $leverage->times->isEqualTo($set)) {
            throw VenueTrouble::refused("Larkmoor: the leverage of an account is set at Larkmoor; it is {$set}.");
        }
    }

    public function cancel(string $clientId): OrderReport
    {
        return Asked::orFind(fn (): OrderReport => $this->report($this->client->post('withdraw', ['tag' => $clientId])['order']), fn (): ?OrderReport => $this->find($clientId));
    }

    public function working(): array
    {
        return array_map($this->report(...), array_column($this->client->get('orders')['orders'], null, 'tag'));
    }

    public function abilities(): Abilities
    {
        return Abilities::of([OrderType::Market, OrderType::Limit, OrderType::Stop], [TimeInForce::Gtc], postOnly: false, setsLeverage: false);
    }

    public function find(string $clientId): ?OrderReport
    {
        return Asked::orNull(fn (): OrderReport => $this->report($this->client->get('order', ['tag' => $clientId])['order']));
    }

    /**
     * @param  array<mixed>  $body
     * @return array<string, Quote>
     */
    private function quotesOf(array $body): array
    {
        $quotes = [];
        foreach ($body['prices'] as $row) {
            $quotes[$row['pair']] = Quote::of($row['bid'], $row['ask'], CarbonImmutable::createFromTimestampMs($row['time']), $row['worth']);
        }

        return $quotes;
    }

    /** @param  array<mixed>  $account */
    private function balance(array $account): Balance
    {
        return Balance::of($account['money'], $account['equity'], $account['free_margin']);
    }

    /** @param  array<mixed>  $order */
    private function report(array $order): OrderReport
    {
        $side = OrderSide::from($order['way']);

        return new OrderReport(
            (string) $order['number'],
            self::STATES[$order['state']] ?? throw VenueTrouble::doubt("Larkmoor: an order is “{$order['state']}”, which is not known here."),
            array_values(array_map(static fn (array $deal): FillReport => new FillReport(
                (string) $deal['deal'],
                Fill::of($side, $deal['lots'], $deal['price'], $deal['commission']),
                CarbonImmutable::createFromTimestampMs($deal['time']),
            ), $order['deals'])),
            CarbonImmutable::createFromTimestampMs($order['time']),
        );
    }
}
