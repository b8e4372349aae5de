<?php

namespace Tests\App;

use Illuminate\Http\Client\Pool;
use Illuminate\Support\Facades\Http;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Whatever dies or stays silent on the way: one message, one order. */
final class ExactlyOnceTest extends TestCase
{
    use RunningPlace;

    private const ENTER = '{"do": "enter", "side": "long", "symbol": "MARL/USD", "id": "once"}';

    public function test_the_same_id_posted_by_two_clients_at_once_makes_one_order(): void
    {
        $desk = Desk::make();
        $answers = Http::pool(fn (Pool $pool): array => array_map(fn () => $pool->withBody(self::ENTER)->post($desk->address), range(1, 6)));
        $messages = array_map(static fn ($answer) => $desk->finished($answer->json('id')), $answers);

        $states = array_map(static fn ($message): string => $message->state->value, $messages);
        sort($states);
        self::assertSame([...array_fill(0, 5, 'duplicate'), 'routed'], $states);
        self::assertSame(['marl_perp' => '2'], $desk->heldAtVenue());
    }

    #[DataProvider('moments')]
    public function test_a_worker_killed_on_the_way_makes_one_order(string $moment): void
    {
        $desk = Desk::make();
        $desk->crashAt($moment);

        $message = $desk->send(self::ENTER);

        self::assertFileDoesNotExist(config('wexon.crash_at')."/{$moment}-{$desk->route->id}", 'a worker was killed');
        self::assertSame(['buy 2 filled'], Desk::orders($message));
        self::assertSame(['marl_perp' => '2'], $desk->heldAtVenue());
        self::assertCount(1, Desk::api($desk->token)->get('fills')->json('data'));
    }

    /** @return array<string, array{string}> */
    public static function moments(): array
    {
        return ['between commit and send' => ['committed'], 'between send and record' => ['sent']];
    }

    #[DataProvider('faults')]
    public function test_a_venue_that_misbehaves(string $kind, int $times, int $delay, string $expected, bool $held): void
    {
        $desk = Desk::make();
        $desk->fault($kind, $times, $delay);

        $message = $desk->send(self::ENTER);

        self::assertSame([$expected], Desk::orders($message));
        self::assertSame($held ? ['marl_perp' => '2'] : [], $desk->heldAtVenue());
        self::assertSame($held ? '2' : '0', (string) ($message->decisions[0]->orders[0]->filled));
    }

    /** @return array<string, array{string, int, int, string, bool}> */
    public static function faults(): array
    {
        return [
            'slow' => ['slow', 1, 1500, 'buy 2 filled', true],
            'accepts, then answers too late' => ['timeout_after_accepting', 1, 6000, 'buy 2 filled', true],
            'refuses' => ['refuse', 1, 0, 'buy 2 refused', false],
            'is busy' => ['busy', 1, 0, 'buy 2 filled', true],
            'fails before' => ['error', 2, 0, 'buy 2 filled', true],
            'fails after accepting' => ['error_after_accepting', 1, 0, 'buy 2 filled', true],
            'hangs up before' => ['drop', 1, 0, 'buy 2 filled', true],
            'hangs up after accepting' => ['drop_after_accepting', 1, 0, 'buy 2 filled', true],
        ];
    }

    public function test_a_flip_whose_first_half_is_refused_does_not_send_the_second(): void
    {
        $desk = Desk::make();
        $desk->send(self::ENTER);
        $desk->fault('refuse');

        $message = $desk->send('{"do": "flip", "side": "short", "symbol": "MARL/USD"}');

        self::assertSame(['sell 2 refused', 'sell 2 lapsed'], Desk::orders($message));
        self::assertSame(['marl_perp' => '2'], $desk->heldAtVenue());
    }

    public function test_a_market_that_cannot_be_seen_sends_nothing(): void
    {
        $desk = Desk::make();
        // More than the three looks: the watcher asks with the same key.
        $desk->fault('error', 30, 0, 'GET /v1/balance');

        $message = $desk->send(self::ENTER);

        self::assertSame([], Desk::orders($message));
        self::assertStringContainsString('could not be seen, so nothing was sent. Quarrystone: Something broke here.', (string) $message->decisions[0]->summary);
    }
}
