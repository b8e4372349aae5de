<?php

namespace Tests\App;

use GuzzleHttp\Client;
use PHPUnit\Framework\TestCase;

/** What an open screen is told. */
final class LiveEventsTest extends TestCase
{
    use RunningPlace;

    private const LISTEN_FOR = 12;

    public function test_a_screen_hears_of_its_desk_and_of_no_other(): void
    {
        $ours = Desk::make();
        $theirs = Desk::make();
        $listener = new Client(['http_errors' => false]);
        $address = static fn (Desk $desk): string => config('wexon.public_url')."/live/{$desk->user->desk_id}";
        $as = ['stream' => true, 'read_timeout' => self::LISTEN_FOR, 'headers' => ['Accept' => 'text/event-stream', 'Authorization' => "Bearer {$ours->token}"]];

        self::assertSame(403, $listener->get($address($theirs), $as)->getStatusCode());
        self::assertSame(401, $listener->get($address($ours), ['headers' => ['Accept' => 'text/event-stream']])->getStatusCode());

        $stream = $listener->get($address($ours), $as)->getBody();
        $theirs->send('{"do": "enter", "side": "long", "symbol": "MARL/USD"}');
        $message = $ours->send('{"do": "enter", "side": "long", "symbol": "MARL/USD"}');
        $heard = [];
        for ($text = '', $until = microtime(true) + self::LISTEN_FOR; microtime(true) < $until && ! isset($heard['prices']['positions'][0]);) {
            $text .= $stream->read(65_536);
            preg_match_all('/^data: (.*)$/m', $text, $lines);
            foreach ($lines[1] as $line) {
                $event = json_decode($line, true);
                if (is_array($event)) {
                    $heard[$event['kind']] = $event;
                }
            }
        }
        self::assertSame($message->ulid, $heard['decision']['message'] ?? null);
        self::assertSame(['pass', 'done'], [$heard['decision']['verdict'], $heard['decision']['state']]);
        self::assertSame('filled', $heard['order']['state']);
        self::assertSame('marl_perp', $heard['prices']['positions'][0]['instrument']);
        self::assertArrayHasKey('quarrystone:marl_perp', $heard['prices']['quotes']);
    }
}
