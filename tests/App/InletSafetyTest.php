<?php

namespace Tests\App;

use App\Models\Message;
use App\Models\MessageState;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Http;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Mailer\Exception\TransportException;
use Symfony\Component\Mailer\Transport;
use Symfony\Component\Mime\Email;
use Wexon\Core\Inlet\Signature;

/** What an inlet lets in, by web address and by mail. */
final class InletSafetyTest extends TestCase
{
    use RunningPlace;

    public function test_only_addresses_on_the_list_may_send(): void
    {
        $desk = Desk::make();
        $this->set($desk, ['allowed_senders' => ' 203.0.113.7, 198.51.100.0/24']);
        $refused = $desk->post('buy MARL/USD');
        self::assertSame([403, 'Messages from 127.0.0.1 are not taken here: put the address on the inlet\'s list in Wexon.'], [$refused->status(), $refused->json('error')]);
        $this->set($desk, ['allowed_senders' => "203.0.113.7\n127.0.0.0/8"]);
        self::assertSame(202, $desk->post('buy MARL/USD')->status());
        $refused = Desk::api($desk->token)->get("inlets/{$desk->inlet->id}/tally")->json('refused');
        self::assertSame([['sender', 1, '127.0.0.1']], array_map(static fn (array $row): array => [$row['reason'], $row['refusals'], $row['last_sender']], $refused));
        self::assertSame(422, Desk::api($desk->token)->put("inlets/{$desk->inlet->id}", ['allowed_senders' => 'charts.example'])->status());
    }

    public function test_a_shared_phrase_is_asked_for_and_never_kept(): void
    {
        $desk = Desk::make();
        $this->set($desk, ['phrase' => 'open sesame']);
        self::assertSame(403, $desk->post('{"do": "enter", "side": "long", "symbol": "MARL/USD"}')->status());
        $message = $desk->send('{"do": "enter", "side": "long", "symbol": "MARL/USD", "phrase": "open sesame"}');

        self::assertSame(['buy 2 filled'], Desk::orders($message));
        self::assertStringNotContainsString('sesame', $message->body);
        self::assertStringNotContainsString('sesame', (string) json_encode(DB::table('inlets')->where('id', $desk->inlet->id)->first()), 'it is kept encrypted');
    }

    public function test_signed_messages(): void
    {
        $desk = Desk::make();
        $this->set($desk, ['signed' => true]);
        $secret = Desk::api($desk->token)->get("inlets/{$desk->inlet->id}/address")->json('signing_secret');
        $send = static fn (string $time, string $body, string $signature) => Http::withHeaders(['X-Wexon-Time' => $time, 'X-Wexon-Signature' => $signature])->withBody($body, 'text/plain')->post($desk->address);
        $now = (string) time();

        self::assertSame(401, $desk->post('buy MARL/USD')->status());
        self::assertSame(202, $send($now, 'buy MARL/USD', Signature::of($secret, $now, 'buy MARL/USD'))->status());
        self::assertSame(401, $send($now, 'sell MARL/USD', Signature::of($secret, $now, 'buy MARL/USD'))->status());
        $old = (string) (time() - 400);
        self::assertStringContainsString('300 seconds', (string) $send($old, 'buy MARL/USD', Signature::of($secret, $old, 'buy MARL/USD'))->json('error'));
    }

    public function test_the_old_address_answers_for_as_long_as_is_chosen(): void
    {
        $desk = Desk::make();
        $api = Desk::api($desk->token);
        $api->post("inlets/{$desk->inlet->id}/address", ['keep_minutes' => 60])->throw();
        $new = $api->get("inlets/{$desk->inlet->id}/address")->json('address');
        self::assertNotSame($desk->address, $new);
        self::assertSame([202, 202], [$desk->post('x')->status(), Http::withBody('x')->post($new)->status()]);

        DB::table('inlets')->where('id', $desk->inlet->id)->update(['previous_until' => now()->subSecond()]);
        self::assertSame(404, $desk->post('x')->status());
        $api->post("inlets/{$desk->inlet->id}/address", ['keep_minutes' => 0])->throw();
        self::assertSame(404, Http::withBody('x')->post($new)->status());
    }

    public function test_a_pause_and_a_list_of_symbols(): void
    {
        $desk = Desk::make();
        $this->set($desk, ['allowed_symbols' => 'TUFA/USD, marl/usd']);
        self::assertSame(['buy 2 filled'], Desk::orders($desk->send('enter long MARL/USD')));
        self::assertStringContainsString('takes only the symbols TUFA/USD, marl/usd', (string) $desk->send('enter long CHERT/USD')->outcome);
        $this->set($desk, ['allowed_symbols' => '', 'allowed_senders' => '', 'allowed_mail' => '']);
        self::assertSame(MessageState::Unmatched, $desk->send('enter long CHERT/USD')->state, 'an empty list takes all');
        $this->set($desk, ['paused' => true]);
        self::assertSame(MessageState::Barred, $desk->send('exit MARL/USD')->state);
        $this->set($desk, ['paused' => false]);
        self::assertSame(['sell 2 filled'], Desk::orders($desk->send('exit MARL/USD')));
    }

    public function test_a_venues_secret_never_reaches_the_disk(): void
    {
        $desk = Desk::make();
        $message = $desk->send("api_secret: hunter2hunter2hunter2\nenter long MARL/USD");

        self::assertSame([1, "api_secret: ********\nenter long MARL/USD"], [$message->blanked, $message->body]);
        self::assertStringContainsString('take it out of the alert', (string) Desk::api($desk->token)->get('notices')->json('data.0.words'));
    }

    public function test_mails_are_read_like_messages(): void
    {
        $desk = Desk::make();
        $this->mail($desk, static fn (Email $mail): Email => $mail->text(mb_convert_encoding("enter long MARL/USD label \"für März\"\n", 'ISO-8859-1'), 'iso-8859-1'));
        $this->mail($desk, static fn (Email $mail): Email => $mail->html('<html><head><style>p {}</style></head><body><p>exit&nbsp;long MARL/USD<br></p></body></html>'));
        $this->mail($desk, static fn (Email $mail): Email => $mail->subject('enter short MARL/USD')->text(' '));
        $this->mail($desk, static fn (Email $mail): Email => $mail->subject('Please confirm')->text('Open https://charts.example/c?x=1 to verify this mailbox.'));
        $messages = $this->mails($desk, 4);

        self::assertSame([['buy 2 filled'], ['sell 2 filled'], ['sell 2 filled'], []], array_map(Desk::orders(...), $messages));
        self::assertSame('für März', $messages[0]->signal['label'] ?? null);
        self::assertSame('alerts@charts.example', $messages[0]->sender);
        self::assertSame(['https://charts.example/c?x=1'], Desk::api($desk->token)->get("messages/{$messages[3]->ulid}")->json('data.links'));
    }

    public function test_who_may_mail(): void
    {
        $desk = Desk::make();
        $this->set($desk, ['allowed_mail' => '@plans.example']);
        self::assertStringContainsString('Mails from alerts@charts.example are not taken here', $this->refused($desk));
        $this->set($desk, ['allowed_mail' => 'Alerts@charts.example']);
        $this->mail($desk, static fn (Email $mail): Email => $mail->text('enter long MARL/USD'));
        self::assertSame(['buy 2 filled'], Desk::orders($this->mails($desk, 1)[0]));
        $this->set($desk, ['signed' => true]);
        self::assertStringContainsString('cannot be signed', $this->refused($desk));
        self::assertStringContainsString('No inlet has this mailbox', $this->refused($desk, 'nobody@wexon.localhost'));
    }

    /** @param  array<string, mixed>  $change */
    private function set(Desk $desk, array $change): void
    {
        Desk::api($desk->token)->put("inlets/{$desk->inlet->id}", $change)->throw();
    }

    /** @param  callable(Email): Email  $write */
    private function mail(Desk $desk, callable $write, ?string $to = null): void
    {
        $to ??= Desk::api($desk->token)->get("inlets/{$desk->inlet->id}/address")->json('mailbox');
        $mail = (new Email)->from('Chart alerts <alerts@charts.example>')->to($to)->subject('Alert');
        Transport::fromDsn('smtp://127.0.0.1:'.config('wexon.mail_port').'?auto_tls=false')->send($write($mail));
    }

    private function refused(Desk $desk, ?string $to = null): string
    {
        try {
            $this->mail($desk, static fn (Email $mail): Email => $mail->text('enter long MARL/USD'), $to);
        } catch (TransportException $refusal) {
            return $refusal->getMessage();
        }
        self::fail('The mail was taken.');
    }

    /** @return list<Message> In the order in which they came. */
    private function mails(Desk $desk, int $count): array
    {
        $ulids = Message::query()->where('inlet_id', $desk->inlet->id)->where('arrived_by', 'mail')->orderBy('id')->pluck('ulid')->all();
        self::assertCount($count, $ulids);

        return array_map($desk->finished(...), $ulids);
    }
}
