<?php

namespace App\Connector\Quarrystone;

use App\Connector\AccountView;
use App\Connector\Asked;
use App\Connector\BarRows;
use App\Connector\Connector;
use App\Connector\Environment;
use App\Connector\FillReport;
use App\Connector\KeyCheck;
use App\Connector\OrderReport;
use App\Connector\OrderStatus;
use App\Connector\StreamsPrices;
use App\Connector\TellsHistory;
use App\Connector\VenueTrouble;
use Brick\Math\BigDecimal;
use Carbon\CarbonImmutable;
use Wexon\Core\Decision\Ticket;
use Wexon\Core\Instrument\Instrument;
use Wexon\Core\Market\Abilities;
use Wexon\Core\Market\Balance;
use Wexon\Core\Market\Quote;
use Wexon\Core\Order\OrderTerms;
use Wexon\Core\Position\Fill;
use Wexon\Core\Route\Leverage;
use Wexon\Core\Route\MarginKind;
use Wexon\Core\Signal\OrderSide;

/** Quarrystone: coins, spot and perpetual, over signed HTTP requests. */
final readonly class QuarrystoneConnector implements Connector, StreamsPrices, TellsHistory
{
    private const VALID = ['gtc' => 'until_cancelled', 'ioc' => 'immediate', 'fok' => 'complete'];

    public function __construct(private QuarrystoneClient $client) {}

    public function check(): KeyCheck
    {
        $key = $this->client->get('/v1/key');

        return new KeyCheck(
            Environment::from($key['environment']),
            $key['permissions'],
            $this->balance($this->client->get('/v1/balance')),
        );
    }

    public function instruments(): array
    {
        return array_values(array_map(static fn (array $row): Instrument => Instrument::of([
            'name' => $row['instrument'],
            'kind' => $row['type'],
            'currency' => $row['quote_currency'],
            'tick' => $row['price_step'],
            'lot_step' => $row['size_step'],
            'least_size' => $row['min_size'],
            'least_notional' => $row['min_value'],
            'multiplier' => $row['contract_size'],
            'taker_fee' => $row['fees']['taker'],
            'largest_leverage' => (string) $row['max_leverage'],
            'maintenance' => $row['maintenance'] ?? '0',
        ]), $this->client->get('/v1/instruments')['instruments']));
    }

    public function quotes(array $instruments): array
    {
        return $this->quotesOf($this->client->get('/v1/quotes', ['instruments' => implode(',', $instruments)]));
    }

    public function openPrices(array $instruments)
    {
        return $this->client->stream('/v1/stream', ['instruments' => implode(',', $instruments)]);
    }

    public function pricesIn(string $line): array
    {
        $quotes = str_starts_with($line, 'data: ') ? json_decode(substr($line, 6), true) : null;

        return is_array($quotes) ? $this->quotesOf(['quotes' => $quotes]) : [];
    }

    public function bars(string $instrument, int $seconds, int $count): array
    {
        return BarRows::read($this->client->get('/v1/bars', ['instrument' => $instrument, 'seconds' => (string) $seconds, 'count' => (string) $count])['bars']);
    }

    public function look(string $instrument): AccountView
    {
        [$quotes, $balance] = $this->client->all([
            ['/v1/quotes', ['instruments' => $instrument]],
            ['/v1/balance', []],
        ]);

        return new AccountView(
            $this->quotesOf($quotes)[$instrument],
            $this->balance($balance),
            BigDecimal::of($balance['leverage'][$instrument] ?? 1),
            MarginKind::tryFrom($balance['margin'][$instrument] ?? 'isolated'),
        );
    }

    public function positions(): array
    {
        $sizes = [];
        foreach ($this->client->get('/v1/positions')['positions'] as $row) {
            $sizes[$row['instrument']] = BigDecimal::of($row['size']);
        }

        return $sizes;
    }

    public function place(Ticket $ticket, string $clientId): OrderReport
    {
        return Asked::orFind(fn (): OrderReport => $this->report($this->client->post('/v1/orders', [
            'client_id' => $clientId,
            'instrument' => $ticket->instrument,
            'side' => $ticket->side->value,
            'type' => $ticket->terms->type->value,
            'quantity' => (string) $ticket->quantity,
            'reduce_only' => $ticket->reduceOnly,
            // There is one position of an instrument, and what looks after it belongs together.
            ...($ticket->exclusive ? ['cancel_group' => "keeps-{$ticket->instrument}"] : []),
            ...$this->waiting($ticket->terms),
        ])), fn (): ?OrderReport => $this->find($clientId));
    }

    public function setLeverage(string $instrument, Leverage $leverage): void
    {
        $this->client->post('/v1/leverage', ['instrument' => $instrument, 'leverage' => $leverage->times->toInt(), 'margin' => $leverage->margin->value]);
    }

    public function cancel(string $clientId): OrderReport
    {
        return Asked::orFind(fn (): OrderReport => $this->report($this->client->delete('/v1/orders', ['client_id' => $clientId])), fn (): ?OrderReport => $this->find($clientId));
    }

    public function working(): array
    {
        return array_map($this->report(...), array_column($this->client->get('/v1/orders/working')['orders'], null, 'client_id'));
    }

    public function abilities(): Abilities
    {
        return Abilities::usual()->keepingProtection();
    }

    public function find(string $clientId): ?OrderReport
    {
        return Asked::orNull(fn (): OrderReport => $this->report($this->client->get('/v1/orders', ['client_id' => $clientId])));
    }

    /** @return array<string, string|bool> */
    private function waiting(OrderTerms $terms): array
    {
        return array_filter([
            'price' => $terms->limit === null ? null : (string) $terms->limit,
            'trigger_price' => $terms->trigger === null ? null : (string) $terms->trigger,
            'valid' => self::VALID[$terms->timeInForce->value] ?? throw VenueTrouble::refused("Quarrystone takes no {$terms->timeInForce->words()} orders."),
            'follows_by' => $terms->followsBy === null ? null : (string) $terms->followsBy,
            'maker_only' => $terms->postOnly ? true : null,
        ], static fn (mixed $value): bool => $value !== null);
    }

    /**
     * @param  array<mixed>  $body
     * @return array<string, Quote>
     */
    private function quotesOf(array $body): array
    {
        $quotes = [];
        foreach ($body['quotes'] as $row) {
            $quotes[$row['instrument']] = Quote::of($row['bid'], $row['ask'], CarbonImmutable::parse($row['at']));
        }

        return $quotes;
    }

    /** @param  array<mixed>  $body */
    private function balance(array $body): Balance
    {
        return Balance::of($body['currency'], $body['equity'], $body['free']);
    }

    /** @param  array<mixed>  $body */
    private function report(array $body): OrderReport
    {
        $side = OrderSide::from($body['side']);

        return new OrderReport(
            $body['order_id'],
            OrderStatus::from($body['status']),
            array_values(array_map(static fn (array $fill): FillReport => new FillReport(
                $fill['fill_id'],
                Fill::of($side, $fill['quantity'], $fill['price'], $fill['fee']),
                CarbonImmutable::parse($fill['at']),
            ), $body['fills'])),
            CarbonImmutable::parse($body['accepted_at']),
            $body['trigger_price'] === null ? null : BigDecimal::of($body['trigger_price']),
        );
    }
}
