<?php

declare(strict_types=1);

namespace Standin\Bench\Alert;

use GuzzleHttp\Client;
use GuzzleHttp\Exception\GuzzleException;
use Illuminate\Database\Connection;
use Standin\Exchange\Clock;
use stdClass;
use Symfony\Component\Mailer\Exception\ExceptionInterface;
use Symfony\Component\Mailer\Transport;
use Symfony\Component\Mime\Email;

/** Sends what fired, in the order in which it fired, and tries again for a while where nobody takes it. */
final readonly class Post
{
    /** Seconds that an address is waited for. */
    private const PATIENCE = 3;

    private const MOST_TRIES = 3;

    /** Milliseconds before the next try. */
    private const RESTS = 10_000;

    private const AT_ONCE = 100;

    private Client $http;

    public function __construct(private Connection $database, private int $mailPort)
    {
        $this->http = new Client(['timeout' => self::PATIENCE, 'http_errors' => false]);
    }

    public function sendDue(): void
    {
        $due = $this->database->table('firings')->where('state', 'waiting')->where('due_at', '<=', Clock::milliseconds())->orderBy('due_at')->orderBy('id')->limit(self::AT_ONCE)->get();
        foreach ($due as $firing) {
            $this->send($firing);
        }
    }

    /** What a process that died was sending may have arrived: it is not sent a second time by itself. */
    public function giveUpUnknown(): void
    {
        $this->database->table('firings')->where('state', 'sending')->update(['state' => 'failed', 'answer' => 'The bench was switched off while it sent this: whether it arrived is not known.']);
    }

    /** Once more, because somebody asks for it. */
    public function again(int $firingId): void
    {
        $this->database->table('firings')->where('id', $firingId)->where('state', 'failed')->update(['state' => 'waiting', 'tries' => 0, 'due_at' => Clock::milliseconds()]);
    }

    private function send(stdClass $firing): void
    {
        $began = microtime(true);
        $this->database->table('firings')->where('id', $firing->id)->update(['state' => 'sending']);
        [$delivered, $status, $answer] = $firing->way === 'mail' ? $this->mail($firing) : $this->web($firing);
        $tries = $firing->tries + 1;
        $this->database->table('firings')->where('id', $firing->id)->update([
            'state' => $delivered ? 'delivered' : ($tries < self::MOST_TRIES ? 'waiting' : 'failed'),
            'tries' => $tries, 'due_at' => Clock::milliseconds() + ($delivered ? 0 : self::RESTS), 'sent_at' => (int) ($began * 1000),
            'status' => $status, 'answer' => mb_substr($answer, 0, 400), 'took_ms' => (int) round((microtime(true) - $began) * 1000),
        ]);
    }

    /** @return array{bool, int|null, string} Whether it was taken, the status, and what was said. */
    private function web(stdClass $firing): array
    {
        try {
            $response = $this->http->post($firing->target, ['body' => $firing->body, 'headers' => ['Content-Type' => 'text/plain; charset=utf-8', 'User-Agent' => 'Bench']]);

            return [intdiv($response->getStatusCode(), 100) === 2, $response->getStatusCode(), (string) $response->getBody()];
        } catch (GuzzleException) {
            return [false, null, 'No answer within '.self::PATIENCE.' seconds.'];
        }
    }

    /** @return array{bool, null, string} */
    private function mail(stdClass $firing): array
    {
        try {
            Transport::fromDsn("smtp://127.0.0.1:{$this->mailPort}?auto_tls=false")->send((new Email)->from('Bench <alerts@bench.example>')->to($firing->target)->subject('Alert')->text($firing->body));

            return [true, null, 'Taken.'];
        } catch (ExceptionInterface $trouble) {
            return [false, null, $trouble->getMessage()];
        }
    }
}
