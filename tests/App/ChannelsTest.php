<?php

namespace Tests\App;

use App\Models\Channel;
use App\Models\Delivery;
use App\Models\Notice;
use App\Notify\Kind;
use Carbon\CarbonImmutable;
use PHPUnit\Framework\TestCase;

/** Telling a desk outside of its screens: signed, tried again, gathered in a storm, not at night; and answering by a link. */
final class ChannelsTest extends TestCase
{
    use RunningPlace;

    public function test_a_webhook_is_signed_tried_again_and_seen_to_have_failed(): void
    {
        [$address, $received, $stop] = $this->receiver();
        try {
            $desk = Desk::make();
            $api = Desk::api($desk->token);
            $channel = $api->post('channels', ['target' => "{$address}/hook", 'form' => 'text'] + $this->channel())->throw()->json('data');
            $desk->send('enter long MARL/USD');
            $told = Desk::waitFor('the fill is told', static fn (): ?array => $received()[0] ?? null);
            self::assertStringContainsString('Main: buy 2 marl_perp at ', (string) json_decode($told['body'], true)['text']);
            self::assertSame(hash_hmac('sha256', "{$told['time']}.{$told['body']}", $channel['secret']), $told['signature']);

            $api->put("channels/{$channel['id']}", ['target' => "{$address}/broken", 'form' => 'plain'] + $this->channel())->throw();
            $failed = $api->post("channels/{$channel['id']}/test")->throw()->json('data.deliveries.0');
            self::assertSame(['due', 1], [$failed['state'], $failed['attempts']]);
            self::assertStringContainsString('500', $failed['trouble']);
            Delivery::query()->whereKey($failed['id'])->update(['attempts' => 4]);
            self::assertSame('failed', $api->post("channels/{$channel['id']}/deliveries/{$failed['id']}")->throw()->json('data.deliveries.0.state'));
            $api->put("channels/{$channel['id']}", ['target' => "{$address}/hook", 'form' => 'plain'] + $this->channel())->throw();
            self::assertSame('sent', $api->post("channels/{$channel['id']}/deliveries/{$failed['id']}")->throw()->json('data.deliveries.0.state'));
            self::assertSame(409, $api->post("channels/{$channel['id']}/deliveries/{$failed['id']}")->status());
            self::assertSame(404, Desk::api(Desk::make()->token)->delete("channels/{$channel['id']}")->status());
            self::assertSame(['target'], array_keys($api->post('channels', ['target' => 'nowhere'] + $this->channel())->json('errors')));
        } finally {
            $stop();
        }
    }

    public function test_a_storm_is_told_together_and_quiet_hours_are_kept(): void
    {
        $desk = Desk::make();
        $made = Desk::api($desk->token)->post('channels', ['way' => 'mail', 'target' => 'odile@kestrel-yard.example', 'kinds' => ['refused', 'trouble']] + $this->channel())->throw()->json('data');
        foreach (range(1, 12) as $i) {
            Notice::tell($desk->user->desk_id, Kind::Refused, "Refusal {$i}.", '/');
        }
        Notice::tell($desk->user->desk_id, Kind::Fill, 'Of a kind that is not wanted.', '/');
        $channel = Channel::query()->with('desk')->findOrFail($made['id']);
        $one = Desk::waitFor('they are gathered', static fn (): ?Delivery => $channel->deliveries()->where('notices', 12)->first());
        self::assertSame([1, 'Wexon: 12 notices together'], [$channel->deliveries()->count(), $one->subject]);
        self::assertStringContainsString('Refusal 12. ', $one->words.' ');
        $one->update(['due_at' => now()]);
        Desk::waitFor('they are sent', static fn (): ?bool => $one->refresh()->state === 'sent' ? true : null);
        $mails = glob(dirname((string) config('wexon.crash_at')).'/mailbox/*.eml') ?: [];
        self::assertNotSame([], array_filter($mails, static fn (string $file): bool => str_contains((string) file_get_contents($file), 'Refusal 12.')));

        $channel->fill(['quiet_from' => '22:00', 'quiet_to' => '07:00']);
        $until = static fn (string $at): ?string => $channel->quietUntil(CarbonImmutable::parse($at))?->format('D H:i');
        self::assertSame([null, 'Tue 07:00', 'Tue 07:00', null], [$until('2026-03-02 21:59'), $until('2026-03-02 22:00'), $until('2026-03-03 06:59'), $until('2026-03-03 07:00')]);
    }

    public function test_a_question_is_answered_once_by_its_link(): void
    {
        $desk = Desk::make(['ask' => ['for' => 600]]);
        $asked = $desk->send('enter long MARL/USD')->decisions[0];
        $link = (string) Desk::waitFor('the desk is told', static fn (): ?string => Notice::query()->where('desk_id', $desk->user->desk_id)->where('kind', 'ask')->value('link'));
        $path = 'asks/'.substr($link, strlen('/ask/'));
        $anybody = Desk::api(null);

        self::assertSame(404, $anybody->get("asks/{$asked->id}/".str_repeat('0', 40))->status());
        $question = $anybody->get($path)->throw()->json();
        self::assertSame([true, 'buy', '2'], [$question['is_open'], $question['tickets'][0]['side'], $question['tickets'][0]['quantity']]);
        $anybody->post($path, ['yes' => true, 'share' => '25'])->throw();
        Desk::waitFor('a quarter is sent', static fn (): ?bool => $desk->heldAtVenue() === ['marl_perp' => '0.5'] ? true : null);
        self::assertSame([409, 'the link in a notification'], [$anybody->post($path, ['yes' => true])->status(), $asked->refresh()->approved_by]);
        self::assertFalse($anybody->get($path)->json('is_open'));
    }

    /** @return array<string, mixed> */
    private function channel(): array
    {
        return ['name' => 'Room', 'way' => 'webhook', 'target' => '', 'form' => 'wexon', 'kinds' => ['fill'], 'routes' => [], 'quiet_from' => null, 'quiet_to' => null, 'is_on' => true];
    }

    /** @return array{string, callable(): list<array{body: string, time: string, signature: string}>, callable(): void} A web server that keeps what it gets at /hook, and fails elsewhere. */
    private function receiver(): array
    {
        $folder = sys_get_temp_dir().'/receiver-'.bin2hex(random_bytes(4));
        mkdir($folder);
        file_put_contents("{$folder}/index.php", '<?php if ($_SERVER["REQUEST_URI"] !== "/hook") { http_response_code(500); exit; } file_put_contents(__DIR__."/got", json_encode(["body" => file_get_contents("php://input"), "time" => $_SERVER["HTTP_WEXON_TIME"], "signature" => $_SERVER["HTTP_WEXON_SIGNATURE"]])."\n", FILE_APPEND);');
        $socket = stream_socket_server('tcp://127.0.0.1:0');
        $port = (int) substr(strrchr((string) stream_socket_get_name($socket ?: throw new \RuntimeException('No port is free.'), false), ':') ?: '', 1);
        fclose($socket);
        $server = proc_open([PHP_BINARY, '-S', "127.0.0.1:{$port}", "{$folder}/index.php"], [['pipe', 'r'], ['file', '/dev/null', 'w'], ['file', '/dev/null', 'w']], $pipes);
        Desk::waitFor('the receiver listens', static fn (): ?bool => @fsockopen('127.0.0.1', $port) !== false ? true : null);

        return [
            "http://127.0.0.1:{$port}",
            static fn (): array => array_map(static fn (string $line): array => json_decode($line, true), is_file("{$folder}/got") ? file("{$folder}/got", FILE_IGNORE_NEW_LINES) ?: [] : []),
            static function () use ($server): void {
                is_resource($server) && proc_terminate($server);
            },
        ];
    }
}
