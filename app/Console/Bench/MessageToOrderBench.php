<?php

namespace App\Console\Bench;

use App\Models\Inlet;
use App\Models\Order;
use Carbon\CarbonImmutable;
use GuzzleHttp\Client;
use RuntimeException;

/** From the inlet's answer to the venue's acknowledgement, one message after the other. */
final class MessageToOrderBench
{
    private const MESSAGES = 200;

    private const PATIENCE = 10;

    /** @return list<array{string, string, string, string}> */
    public function run(): array
    {
        $address = Inlet::query()->where('name', 'Bench')->firstOrFail()->address();
        $client = new Client(['timeout' => 20]);
        $whole = [];
        for ($i = 0; $i < self::MESSAGES; $i++) {
            $body = $i % 2 === 0 ? '{"do": "enter", "side": "long", "symbol": "MARL/USD"}' : '{"do": "exit", "symbol": "MARL/USD"}';
            $answer = json_decode((string) $client->post($address, ['body' => $body])->getBody(), true);
            $answered = microtime(true);
            $whole[] = (float) $this->acknowledged($answer['id'])->format('U.u') - $answered;
            usleep(60_000);
        }

        return [Timings::of($whole)->row('from the inlet\'s answer to the order acknowledged')];
    }

    private function acknowledged(string $ulid): CarbonImmutable
    {
        for ($until = microtime(true) + self::PATIENCE; microtime(true) < $until; usleep(20_000)) {
            $order = Order::query()->whereRelation('decision.message', 'ulid', $ulid)->whereNotNull('acknowledged_at')->first();
            if ($order?->acknowledged_at !== null) {
                return $order->acknowledged_at;
            }
        }
        throw new RuntimeException("Message {$ulid} made no order.");
    }
}
