<?php

declare(strict_types=1);

namespace Standin\PellamStreet;

use Brick\Math\BigDecimal;
use Standin\Exchange\Books;
use Standin\Exchange\Exchange;
use Standin\Exchange\Orders;
use Standin\Exchange\Plain;
use Standin\Exchange\Problem;
use stdClass;
use Symfony\Component\HttpFoundation\Request;

/** What can be asked about one account. */
final readonly class Desk
{
    private const STATES = ['working' => 'open', 'filled' => 'executed', 'cancelled' => 'cancelled'];

    public function __construct(private Exchange $exchange, private Token $token) {}

    /**
     * @param  string  $asked  "POST orders", "GET orders/wx1"
     * @return array<string, mixed>
     *
     * @throws Problem
     */
    public function answer(string $asked, Request $request): array
    {
        [$what, $reference] = [...explode('/', $asked, 2), ''];
        if (! str_starts_with($asked, 'GET ')) {
            $this->token->need('trade');
        }
        $orders = new Orders($this->exchange);
        $account = (int) $this->token->row->account_id;

        return match ("{$what}".($reference === '' ? '' : '/…')) {
            'GET ' => $this->balance($account),
            'GET holdings' => ['holdings' => $this->holdings($account)],
            'GET orders' => ['orders' => array_map($this->order(...), $orders->working($account))],
            'GET orders/…' => $this->order($orders->find($account, $reference)),
            'POST orders' => $this->order($orders->place($account, ReadOrder::of($request->getPayload(), $this->exchange->market))),
            'DELETE orders/…' => $this->order($orders->cancel($account, $reference)),
            default => throw Problem::of(404, 'unknown_path', "An account has no “{$asked}”."),
        };
    }

    /** @return array<string, mixed> */
    private function balance(int $account): array
    {
        $row = $this->exchange->database->table('accounts')->where('id', $account)->sole();
        $books = Books::of($this->exchange, $account);

        return [
            'account' => $this->token->row->account_number,
            'environment' => $row->environment,
            'may' => explode(',', $this->token->row->may),
            'currency' => Market::MONEY,
            'cash' => Plain::number($books->cash),
            'net_worth' => (string) $books->equity(),
            'buying_power' => (string) BigDecimal::max($books->free(), 0)->multipliedBy((int) $row->leverage),
            'margin_factor' => (int) $row->leverage,
        ];
    }

    /** @return list<array<string, string>> */
    private function holdings(int $account): array
    {
        $holdings = [];
        foreach (Books::of($this->exchange, $account)->held() as [$name, , $holding]) {
            $holdings[] = ['symbol' => $name, 'shares' => Plain::number($holding->position->quantity), 'paid_per_share' => (string) $holding->position->average()];
        }

        return $holdings;
    }

    /** @return array<string, mixed> */
    private function order(stdClass $order): array
    {
        return [
            'id' => sprintf('PO-%09d', $order->id),
            'reference' => $order->client_id,
            'symbol' => $order->instrument,
            'side' => $order->side,
            'order' => $order->type,
            'shares' => Plain::number($order->quantity),
            'executed' => Plain::number($order->filled),
            'state' => self::STATES[$order->status],
            'received' => $this->time($order->created_at),
            'executions' => array_map(fn (stdClass $fill): array => [
                'id' => sprintf('PE-%09d', $fill->id),
                'shares' => Plain::number($fill->quantity),
                'price' => Plain::number($fill->price),
                'charges' => Plain::number($fill->fee),
                'at' => $this->time($fill->created_at),
            ], $order->fills),
        ];
    }

    /** In the venue's own zone, with the offset. */
    private function time(string $stamp): string
    {
        return (new \DateTimeImmutable("{$stamp} UTC"))->setTimezone(new \DateTimeZone('Europe/London'))->format('Y-m-d\TH:i:s.vP');
    }
}
