<?php

declare(strict_types=1);

namespace Standin\Caller;

use GuzzleHttp\Client;
use GuzzleHttp\Exception\GuzzleException;
use Wexon\Core\Practice\Noise;

/** Sends the demo's alert messages, one every few seconds: most of them sense, some of them the mistakes that people make. */
final class Caller
{
    private const PAUSE = 9;

    private readonly Client $http;

    /** @param  list<string>  $inlets Addresses: first the charts', then the script's. */
    public function __construct(private readonly array $inlets)
    {
        $this->http = new Client(['timeout' => 5, 'http_errors' => false]);
    }

    public function run(): never
    {
        for ($turn = intdiv(time(), self::PAUSE); ; $turn++) {
            [$inlet, $body] = $this->message($turn);
            try {
                $answer = $this->http->post($this->inlets[$inlet], ['body' => $body]);
                echo gmdate('H:i:s'), ' ', $answer->getStatusCode(), ' ', $body, "\n";
            } catch (GuzzleException $trouble) {
                echo gmdate('H:i:s'), ' no answer: ', $trouble::class, "\n";
            }
            sleep(self::PAUSE);
        }
    }

    /** @return array{int, string} Which inlet, and the body. */
    private function message(int $turn): array
    {
        $dice = Noise::mixed(41, $turn);
        $side = ($dice >> 8) % 2 === 0 ? 'long' : 'short';

        return match ($dice % 10) {
            0, 1 => [0, $this->json(['do' => $side === 'long' ? 'buy' : 'sell', 'symbol' => 'MARL/USD', 'label' => 'average cross'])],
            2 => [0, $this->json(['do' => 'buy', 'symbol' => 'TUFA/USD', 'label' => 'oversold'])],
            3 => [0, $this->json(['do' => 'sell', 'symbol' => 'TUFA/USD', 'label' => 'overbought'])],
            4, 5 => [1, $this->json(['do' => 'enter', 'side' => $side, 'symbol' => 'CHERT/USD', 'size' => ['amount' => '600', 'unit' => 'money'], 'label' => 'breakout'])],
            6 => [1, $this->json(['do' => 'exit', 'symbol' => 'CHERT/USD', 'label' => 'back in the band'])],
            7 => [1, $this->json($this->strategy($side))],
            8 => [1, $this->json(['do' => 'exit', 'symbol' => 'SKARN/USD'])],
            default => [$dice % 2, $this->mistake($dice >> 4)],
        };
    }

    /** @return array<string, mixed> An order message as a strategy script sends it, with its own position. */
    private function strategy(string $side): array
    {
        return [
            'do' => $side === 'long' ? 'buy' : 'sell',
            'symbol' => 'SKARN/USD',
            'size' => '45',
            'position' => ['before' => 'flat', 'after' => $side, 'size' => '45'],
            'label' => 'trend flip',
        ];
    }

    private function mistake(int $dice): string
    {
        return match ($dice % 4) {
            0 => 'Skarn crossing up',
            1 => '{"do": "enter", "side": "long", "symbol": "MARL/EUR"}',
            2 => '{"do": "enter", "symbol": "CHERT/USD", "label": "which side?"}',
            default => '{"do": "buy", "symbol": "SKARN/USD", "size": "0.04"}',
        };
    }

    /** @param  array<string, mixed>  $message */
    private function json(array $message): string
    {
        return (string) json_encode($message, JSON_UNESCAPED_SLASHES);
    }
}
