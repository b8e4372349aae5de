<?php

namespace App\Connector\PellamStreet;

use App\Connector\AccountView;
use App\Connector\Asked;
use App\Connector\BarRows;
use App\Connector\Connector;
use App\Connector\Environment;
use App\Connector\FillReport;
use App\Connector\KeyCheck;
use App\Connector\OrderReport;
use App\Connector\OrderStatus;
use App\Connector\RenewsCredentials;
use App\Connector\TellsHistory;
use App\Connector\VenueTrouble;
use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
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

/** Pellam Street: shares, with an account number and an access token that has to be renewed. */
final readonly class PellamStreetConnector implements Connector, RenewsCredentials, TellsHistory
{
    private const STATES = ['open' => OrderStatus::Working, 'executed' => OrderStatus::Filled, 'cancelled' => OrderStatus::Cancelled];

    private const PERMISSIONS = ['look' => 'read', 'trade' => 'trade', 'pay_out' => 'withdraw'];

    private const LASTS = ['gtc' => 'until_cancelled', 'day' => 'day'];

    private const MONEY_SCALE = 8;

    public function __construct(private PellamStreetClient $client) {}

    public function renewed(): ?array
    {
        $token = $this->client->ask('GET', '/token');
        if ($token['ends'] - $token['now'] > ($token['ends'] - $token['issued']) / 2) {
            return null;
        }

        return ['account' => $this->client->account, 'token' => $this->client->ask('POST', '/token/renewal')['token']];
    }

    public function check(): KeyCheck
    {
        $account = $this->client->ask('GET', $this->client->own());

        return new KeyCheck(
            Environment::from($account['environment']),
            array_values(array_intersect_key(self::PERMISSIONS, array_flip($account['may']))),
            $this->balance($account),
        );
    }

    public function instruments(): array
    {
        [$listing, $account] = $this->client->all(['/listing', $this->client->own()]);

        return array_values(array_map(static fn (array $share): Instrument => Instrument::of([
            'name' => $share['symbol'],
            'kind' => 'share',
            'currency' => $account['currency'],
            'tick' => $share['price_step'],
            'lot_step' => $share['size_step'],
            'least_size' => $share['size_step'],
            'least_notional' => $share['least_value'],
            'multiplier' => '1',
            'taker_fee' => $share['charge'],
            'largest_leverage' => (string) $account['margin_factor'],
            'shortable' => $share['lent_for_short_sale'],
            'hours' => $share['hours'],
        ]), $listing['shares']));
    }

    public function quotes(array $instruments): array
    {
        return array_map($this->quote(...), $this->client->ask('GET', '/quotes?symbols='.implode(',', $instruments))['quotes']);
    }

    public function bars(string $instrument, int $seconds, int $count): array
    {
        return BarRows::read($this->client->ask('GET', "/bars?symbol={$instrument}&seconds={$seconds}&count={$count}")['bars']);
    }

    public function look(string $instrument): AccountView
    {
        [$quotes, $account] = $this->client->all(["/quotes?symbols={$instrument}", $this->client->own()]);

        return new AccountView($this->quote($quotes['quotes'][$instrument]), $this->balance($account), BigDecimal::of($account['margin_factor']));
    }

    public function positions(): array
    {
        return array_map(BigDecimal::of(...), array_column($this->client->ask('GET', $this->client->own('holdings'))['holdings'], 'shares', 'symbol'));
    }

    public function place(Ticket $ticket, string $clientId): OrderReport
    {
        return Asked::orFind(fn (): OrderReport => $this->report($this->client->ask('POST', $this->client->own('orders'), array_filter([
            'reference' => $clientId,
            'symbol' => $ticket->instrument,
            'action' => $this->action($ticket),
            'shares' => (string) $ticket->quantity,
            'order' => $ticket->terms->type->value,
            'limit' => $ticket->terms->limit === null ? null : (string) $ticket->terms->limit,
            'stop' => $ticket->terms->trigger === null ? null : (string) $ticket->terms->trigger,
            'lasts' => self::LASTS[$ticket->terms->timeInForce->value] ?? null,
        ], static fn (?string $value): bool => $value !== null))), fn (): ?OrderReport => $this->find($clientId));
    }

    public function setLeverage(string $instrument, Leverage $leverage): void
    {
        $factor = $this->client->ask('GET', $this->client->own())['margin_factor'];
        if (! $leverage->times->isEqualTo($factor)) {
            throw VenueTrouble::refused("Pellam Street: an account may buy for {$factor} times its money; that cannot be set.");
        }
    }

    public function cancel(string $clientId): OrderReport
    {
        return Asked::orFind(fn (): OrderReport => $this->report($this->client->ask('DELETE', $this->client->own("orders/{$clientId}"))), fn (): ?OrderReport => $this->find($clientId));
    }

    public function working(): array
    {
        return array_map($this->report(...), array_column($this->client->ask('GET', $this->client->own('orders'))['orders'], null, 'reference'));
    }

    public function abilities(): Abilities
    {
        return Abilities::of(OrderType::cases(), [TimeInForce::Gtc, TimeInForce::Day], postOnly: false, setsLeverage: false);
    }

    public function find(string $clientId): ?OrderReport
    {
        return Asked::orNull(fn (): OrderReport => $this->report($this->client->ask('GET', $this->client->own("orders/{$clientId}"))));
    }

    private function action(Ticket $ticket): string
    {
        return $ticket->side === OrderSide::Buy ? ($ticket->reduceOnly ? 'buy_to_cover' : 'buy') : ($ticket->reduceOnly ? 'sell' : 'sell_short');
    }

    /** @param  array<string, string>  $row */
    private function quote(array $row): Quote
    {
        return Quote::of($row['bid'], $row['ask'], CarbonImmutable::parse($row['at']));
    }

    /** @param  array<mixed>  $account */
    private function balance(array $account): Balance
    {
        return Balance::of($account['currency'], $account['net_worth'], BigDecimal::of($account['buying_power'])->dividedBy($account['margin_factor'], self::MONEY_SCALE, RoundingMode::DOWN));
    }

    /** @param  array<mixed>  $order */
    private function report(array $order): OrderReport
    {
        $side = OrderSide::from($order['side']);

        return new OrderReport(
            $order['id'],
            self::STATES[$order['state']] ?? throw VenueTrouble::doubt("Pellam Street: an order is “{$order['state']}”, which is not known here."),
            array_values(array_map(static fn (array $fill): FillReport => new FillReport(
                $fill['id'],
                Fill::of($side, $fill['shares'], $fill['price'], $fill['charges']),
                CarbonImmutable::parse($fill['at']),
            ), $order['executions'])),
            CarbonImmutable::parse($order['received']),
        );
    }
}
