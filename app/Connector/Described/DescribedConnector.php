<?php

namespace App\Connector\Described;

use App\Connector\AccountView;
use App\Connector\Asked;
use App\Connector\Connector;
use App\Connector\Environment;
use App\Connector\FillReport;
use App\Connector\KeyCheck;
use App\Connector\OrderReport;
use App\Connector\OrderStatus;
use App\Connector\VenueTrouble;
use Brick\Math\BigDecimal;
use Brick\Math\Exception\MathException;
use Carbon\CarbonImmutable;
use InvalidArgumentException;
use Wexon\Core\Decision\Ticket;
use Wexon\Core\Instrument\Instrument;
use Wexon\Core\Market\Abilities;
use Wexon\Core\Market\Balance;
use Wexon\Core\Market\Quote;
use Wexon\Core\Order\TimeInForce;
use Wexon\Core\Position\Fill;
use Wexon\Core\Reading\Times;
use Wexon\Core\Route\Leverage;
use Wexon\Core\Route\MarginKind;
use Wexon\Core\Signal\OrderSide;

/** Any venue that speaks JSON over HTTP, by its description. */
final readonly class DescribedConnector implements Connector
{
    private const OF_INSTRUMENTS = ['kind' => 'spot', 'tick' => '', 'lot_step' => '', 'least_size' => '0', 'least_notional' => '0', 'multiplier' => '1', 'taker_fee' => '0'];

    private const LARGEST_LEVERAGE = 'largest_leverage';

    public function __construct(private Description $venue, private DescribedClient $client) {}

    public function check(): KeyCheck
    {
        [$key, $balance] = $this->client->calls([['key', []], ['balance', []]]);
        $said = $this->word('key', 'environment', $key->text($this->at('key', 'environment'), 'environment'));

        return new KeyCheck(
            Environment::tryFrom($said) ?? throw VenueTrouble::doubt("{$this->venue->name}: “{$said}” is neither practice nor live. Say in the description's words what it means."),
            array_map(fn (string $permission): string => $this->word('key', 'permissions', $permission), $key->texts($this->at('key', 'permissions'))),
            $this->balance($balance),
        );
    }

    public function instruments(): array
    {
        return array_map(function (Answer $row): Instrument {
            $spec = ['name' => $row->text($this->at('instruments', 'name'), 'name'), 'currency' => $row->text($this->at('instruments', 'currency'), 'currency')];
            foreach (self::OF_INSTRUMENTS as $field => $usual) {
                $path = $this->venue->calls['instruments']['fields'][$field] ?? null;
                $spec[$field] = $path === null ? $usual : $row->textOr($path, $usual);
            }
            $largest = $this->venue->calls['instruments']['fields'][self::LARGEST_LEVERAGE] ?? null;
            if ($largest !== null) {
                $spec[self::LARGEST_LEVERAGE] = $row->number($largest, self::LARGEST_LEVERAGE);
            }
            $spec['kind'] = $this->word('instruments', 'kind', $spec['kind']);

            try {
                return Instrument::of($spec);
            } catch (InvalidArgumentException|MathException $error) {
                throw VenueTrouble::doubt("{$this->venue->name}: {$spec['name']} cannot be traded as it is described: {$error->getMessage()}");
            }
        }, $this->client->call('instruments')->list($this->listAt('instruments')));
    }

    public function quotes(array $instruments): array
    {
        return $this->quotesOf($this->client->call('quotes', ['instruments' => implode(',', $instruments)]));
    }

    public function look(string $instrument): AccountView
    {
        [$quotes, $balance] = $this->client->calls([['quotes', ['instruments' => $instrument]], ['balance', ['instrument' => $instrument]]]);
        $leverage = $this->venue->calls['balance']['fields']['leverage'] ?? null;
        $margin = $this->venue->calls['balance']['fields']['margin'] ?? null;

        return new AccountView(
            $this->quotesOf($quotes)[$instrument] ?? throw VenueTrouble::doubt("{$this->venue->name}: no quote of {$instrument}."),
            $this->balance($balance),
            BigDecimal::of($leverage === null ? '1' : $balance->textOr(Template::text($leverage, ['instrument' => $instrument]), '1')),
            $margin === null ? null : MarginKind::tryFrom($this->word('balance', 'margin', $balance->textOr(Template::text($margin, ['instrument' => $instrument]), ''))),
        );
    }

    public function positions(): array
    {
        $sizes = [];
        foreach ($this->client->call('positions')->list($this->listAt('positions')) as $row) {
            $size = BigDecimal::of($row->number($this->at('positions', 'size'), 'size'));
            $side = $this->venue->calls['positions']['fields']['side'] ?? null;
            $isShort = $side !== null && $this->word('positions', 'side', $row->text($side, 'side')) === 'short';
            if (! $size->isZero()) {
                $sizes[$row->text($this->at('positions', 'instrument'), 'instrument')] = $isShort ? $size->abs()->negated() : $size;
            }
        }

        return $sizes;
    }

    public function place(Ticket $ticket, string $clientId): OrderReport
    {
        return Asked::orFind(fn (): OrderReport => $this->report('place', $this->client->call('place', [
            'client_id' => $clientId,
            'instrument' => $ticket->instrument,
            'side' => $this->theirs('side', $ticket->side->value),
            'quantity' => (string) $ticket->quantity,
            'reduce_only' => $ticket->reduceOnly,
            'type' => $this->theirs('type', $ticket->terms->type->value),
            'limit' => $ticket->terms->limit === null ? null : (string) $ticket->terms->limit,
            'trigger' => $ticket->terms->trigger === null ? null : (string) $ticket->terms->trigger,
            'time_in_force' => $this->theirs('time_in_force', $ticket->terms->timeInForce->value),
            'post_only' => $ticket->terms->postOnly,
        ])), fn (): ?OrderReport => $this->find($clientId));
    }

    public function setLeverage(string $instrument, Leverage $leverage): void
    {
        if (! isset($this->venue->calls['leverage'])) {
            throw VenueTrouble::refused("The description of {$this->venue->name} does not say how leverage is set: set it at the venue and take it out of the route, or describe the call “leverage”.");
        }
        $this->client->call('leverage', ['instrument' => $instrument, 'leverage' => (string) $leverage->times, 'margin' => $leverage->margin->value]);
    }

    public function cancel(string $clientId): OrderReport
    {
        return Asked::orFind(fn (): OrderReport => $this->report('cancel', $this->client->call('cancel', ['client_id' => $clientId])), fn (): ?OrderReport => $this->find($clientId));
    }

    public function working(): array
    {
        $reports = [];
        foreach ($this->client->call('working')->list($this->listAt('working')) as $row) {
            $reports[$row->text($this->at('working', 'client_id'), 'client_id')] = $this->report('working', $row);
        }

        return $reports;
    }

    public function abilities(): Abilities
    {
        return Abilities::of($this->venue->orderTypes, $this->timesInForce(), postOnly: true, setsLeverage: isset($this->venue->calls['leverage']));
    }

    /** @return list<TimeInForce> Those that the description has a word for; the usual ones when it has none at all. */
    private function timesInForce(): array
    {
        $words = array_values($this->venue->calls['place']['words']['time_in_force'] ?? []);

        return $words === [] ? Abilities::usual()->timesInForce : array_values(array_filter(array_map(TimeInForce::tryFrom(...), $words)));
    }

    public function find(string $clientId): ?OrderReport
    {
        return Asked::orNull(fn (): OrderReport => $this->report('find', $this->client->call('find', ['client_id' => $clientId])));
    }

    /** @return array<string, Quote> */
    private function quotesOf(Answer $answer): array
    {
        $quotes = [];
        foreach ($answer->list($this->listAt('quotes')) as $row) {
            $quotes[$row->text($this->at('quotes', 'instrument'), 'instrument')] = Quote::of(
                $row->number($this->at('quotes', 'bid'), 'bid'),
                $row->number($this->at('quotes', 'ask'), 'ask'),
                $this->time($row, $this->venue->calls['quotes']['fields']['at'] ?? null),
            );
        }

        return $quotes;
    }

    private function balance(Answer $answer): Balance
    {
        return Balance::of(
            $answer->text($this->at('balance', 'currency'), 'currency'),
            $answer->number($this->at('balance', 'equity'), 'equity'),
            $answer->number($this->at('balance', 'free'), 'free'),
        );
    }

    private function report(string $call, Answer $answer): OrderReport
    {
        $side = OrderSide::from($this->word($call, 'side', $answer->text($this->at($call, 'side'), 'side')));
        $fills = $this->venue->calls[$call]['fills'] ?? ['list' => 'fills', 'fields' => []];
        $at = static fn (string $field): string => $fills['fields'][$field] ?? $field;

        return new OrderReport(
            $answer->text($this->at($call, 'venue_id'), 'venue_id'),
            $this->status($call, $answer),
            array_map(fn (Answer $fill): FillReport => new FillReport(
                $fill->text($at('venue_id'), 'venue_id of a fill'),
                Fill::of($side, $fill->number($at('quantity'), 'quantity'), $fill->number($at('price'), 'price'), $fill->textOr($at('fee'), '0')),
                $this->time($fill, $at('at')),
            ), $answer->list($fills['list'])),
            $this->time($answer, $this->venue->calls[$call]['fields']['accepted_at'] ?? null),
        );
    }

    /** Where the order stands; a venue that tells no status fills at once. */
    private function status(string $call, Answer $answer): OrderStatus
    {
        $path = $this->venue->calls[$call]['fields']['status'] ?? null;
        $said = $path === null ? OrderStatus::Filled->value : $this->word($call, 'status', $answer->text($path, 'status'));

        return OrderStatus::tryFrom($said) ?? throw VenueTrouble::doubt("{$this->venue->name}: an order is “{$said}”, which is neither working, filled nor cancelled. Say in the description's words what it means.");
    }

    /** Our word of an order in the venue's. */
    private function theirs(string $field, string $ours): string
    {
        return array_flip($this->venue->calls['place']['words'][$field] ?? [])[$ours] ?? $ours;
    }

    private function at(string $call, string $field): string
    {
        return $this->venue->calls[$call]['fields'][$field] ?? $field;
    }

    private function listAt(string $call): string
    {
        return $this->venue->calls[$call]['list'] ?? '@';
    }

    /** What a word of the venue's means here. */
    private function word(string $call, string $field, string $found): string
    {
        return $this->venue->calls[$call]['words'][$field][$found] ?? $found;
    }

    private function time(Answer $answer, ?string $path): CarbonImmutable
    {
        $text = $path === null ? '' : $answer->textOr($path, '');
        $read = $text === '' ? null : Times::read($text);

        return $read === null ? ($text === '' ? CarbonImmutable::now() : CarbonImmutable::parse($text)) : CarbonImmutable::instance($read);
    }
}
