<?php

declare(strict_types=1);

namespace Standin\Larkmoor;

use Brick\Math\RoundingMode;
use Standin\Exchange\Bars;
use Standin\Exchange\Books;
use Standin\Exchange\Clock;
use Standin\Exchange\Exchange;
use Standin\Exchange\Orders;
use Standin\Exchange\Plain;
use Standin\Exchange\Problem;
use stdClass;
use Symfony\Component\HttpFoundation\Request;

/** What a connected terminal can ask for. */
final readonly class Terminal
{
    private const STATES = ['working' => 'waiting', 'filled' => 'done', 'cancelled' => 'withdrawn'];

    public function __construct(private Exchange $exchange, private Session $session) {}

    /**
     * @return array<string, mixed>
     *
     * @throws Problem
     */
    public function answer(string $asked, Request $request): array
    {
        $tag = (string) $request->query->get('tag');

        return match ($asked) {
            'GET account' => $this->account(),
            'GET pairs' => ['pairs' => array_map($this->pair(...), $this->exchange->market->names())],
            'GET prices' => ['prices' => $this->prices((string) $request->query->get('pairs'))],
            'GET bars' => ['bars' => (new Bars($this->exchange))->of((string) $request->query->get('pair'), $request->query->getInt('seconds', 60), $request->query->getInt('count', 100))],
            'GET holdings' => ['holdings' => $this->holdings()],
            'GET orders' => ['orders' => array_map($this->order(...), (new Orders($this->exchange))->working($this->session->accountId))],
            'GET order' => ['order' => $this->order((new Orders($this->exchange))->find($this->session->accountId, $tag))],
            'POST orders' => ['order' => $this->place($request)],
            'POST withdraw' => ['order' => $this->withdraw((string) $request->getPayload()->get('tag'))],
            default => throw Problem::of(404, 'unknown_path', "A terminal cannot ask for “{$asked}”."),
        };
    }

    /** @return array<string, mixed> */
    private function place(Request $request): array
    {
        $this->session->needTrading();

        return $this->order((new Orders($this->exchange))->place($this->session->accountId, ReadOrder::of($request->getPayload(), $this->exchange->market)));
    }

    /** @return array<string, mixed> */
    private function withdraw(string $tag): array
    {
        $this->session->needTrading();

        return $this->order((new Orders($this->exchange))->cancel($this->session->accountId, $tag));
    }

    /** @return array<string, mixed> */
    private function account(): array
    {
        $row = $this->exchange->database->table('accounts')->where('id', $this->session->accountId)->sole();
        $books = Books::of($this->exchange, $this->session->accountId);

        return [
            'login' => $this->session->login,
            'server' => FrontOffice::SERVERS[$row->environment],
            'money' => Market::MONEY,
            'access' => $this->session->readOnly ? 'read_only' : 'full',
            'holds' => $books->hedging ? 'both_sides' : 'net',
            'leverage' => (int) $row->leverage,
            'balance' => (string) $books->cash->toScale(2, RoundingMode::DOWN),
            'equity' => (string) $books->equity(),
            'free_margin' => (string) $books->free(),
        ];
    }

    /** @return array<string, mixed> */
    private function pair(string $name): array
    {
        $pair = $this->exchange->market->instrument($name);

        return [
            'pair' => $name,
            'lot' => (int) (string) $pair->multiplier,
            'lot_step' => (string) $pair->lotStep,
            'least_lots' => (string) $pair->leastSize,
            'point' => (string) $pair->tick,
            'least_points' => $pair->leastDistance->dividedBy($pair->tick)->toInt(),
            'commission' => (string) $pair->takerFee,
            'nightly_percent' => ['long' => $this->exchange->market->carry($name, true), 'short' => $this->exchange->market->carry($name, false)],
            'night_begins' => $this->exchange->market->carryAt(),
            'hours' => $pair->hours?->toArray(),
        ];
    }

    /** @return list<array<string, string>> */
    private function prices(string $names): array
    {
        $now = Clock::milliseconds();

        return array_map(function (string $name) use ($now): array {
            $quote = $this->exchange->quote($name, $now);

            return ['pair' => $name, 'bid' => (string) $quote->bid, 'ask' => (string) $quote->ask, 'time' => $quote->at->format('Uv'), 'worth' => (string) $this->exchange->market->rate($name, $now)];
        }, $names === '' ? $this->exchange->market->names() : array_slice(explode(',', $names), 0, 50));
    }

    /** @return list<array<string, string>> */
    private function holdings(): array
    {
        $holdings = [];
        foreach (Books::of($this->exchange, $this->session->accountId)->held() as [$name, , $holding]) {
            $position = $holding->position;
            $holdings[] = ['pair' => $name, 'way' => $position->quantity->isPositive() ? 'buy' : 'sell', 'lots' => Plain::number($position->quantity->abs()), 'price' => (string) $position->average()];
        }

        return $holdings;
    }

    /** @return array<string, mixed> */
    private function order(stdClass $order): array
    {
        return [
            'number' => $order->id,
            'tag' => $order->client_id,
            'pair' => $order->instrument,
            'way' => $order->side,
            'kind' => $order->type === 'market' ? 'now' : $order->type,
            'lots' => Plain::number($order->quantity),
            'lots_done' => Plain::number($order->filled),
            'state' => self::STATES[$order->status],
            'time' => $this->time($order->created_at),
            'deals' => array_map(fn (stdClass $fill): array => [
                'deal' => $fill->id,
                'lots' => Plain::number($fill->quantity),
                'price' => Plain::number($fill->price),
                'commission' => Plain::number($fill->fee),
                'time' => $this->time($fill->created_at),
            ], $order->fills),
        ];
    }

    private function time(string $stamp): string
    {
        return (new \DateTimeImmutable("{$stamp} UTC"))->format('Uv');
    }
}
