<?php

namespace App\Connector\Larkmoor;

use App\Connector\VenueHttp;
use App\Connector\VenueTrouble;
use GuzzleHttp\Promise\PromiseInterface;
use Illuminate\Contracts\Cache\Repository;
use Illuminate\Contracts\Encryption\Encrypter;
use Illuminate\Support\Sleep;
use Psr\Http\Message\ResponseInterface;
use SensitiveParameter;

/**
 * Keeps a terminal connected to Larkmoor, asks through it, and sorts its faults into our kinds.
 *
 * Connecting takes many seconds the first time, so all processes share one session per login: it is kept, encrypted, in
 * the cache.
 */
final class LarkmoorClient
{
    private const BAD_CREDENTIALS = [11, 12, 14];

    private const SESSION_OVER = 13;

    private const TOO_MANY = 21;

    /** Numbers from here on say that something is wrong at Larkmoor. */
    private const INTERNAL = 90;

    private const OTHER = 99;

    /** Seconds. */
    private const LONGEST_CONNECT = 45;

    private const SESSION_KEPT = 3_300;

    private readonly VenueHttp $http;

    private readonly string $kept;

    public function __construct(
        string $baseUrl,
        private readonly string $login,
        #[SensitiveParameter] private readonly string $password,
        private readonly string $server,
        private readonly Repository $cache,
        private readonly Encrypter $encrypter,
    ) {
        $this->http = new VenueHttp($baseUrl, 'Larkmoor');
        $this->kept = 'larkmoor:'.hash('sha256', "{$login}\n{$server}\n{$password}");
    }

    /**
     * @param  array<string, string>  $query
     * @return array<mixed>
     *
     * @throws VenueTrouble
     */
    public function get(string $what, array $query = []): array
    {
        return $this->all([[$what, $query]])[0];
    }

    /**
     * Several at the same time.
     *
     * @param  list<array{string, array<string, string>}>  $requests  What is asked for, and the query.
     * @return list<array<mixed>>
     *
     * @throws VenueTrouble
     */
    public function all(array $requests): array
    {
        return $this->connected(fn (string $session): array => array_map(fn (array $request): PromiseInterface => $this->send('GET', $request[0].($request[1] === [] ? '' : '?'.http_build_query($request[1])), $session), $requests));
    }

    /**
     * @param  array<string, mixed>  $body
     * @return array<mixed>
     *
     * @throws VenueTrouble
     */
    public function post(string $what, array $body): array
    {
        return $this->connected(fn (string $session): array => [$this->send('POST', $what, $session, $body)])[0];
    }

    /**
     * The session that is kept, or a new one.
     *
     * @param  (callable(int, string): void)|null  $progress
     *
     * @throws VenueTrouble
     */
    public function session(?callable $progress = null): string
    {
        $kept = $this->cache->get($this->kept);
        if (is_string($kept)) {
            return (string) $this->encrypter->decrypt($kept);
        }
        $told = $this->answer($this->http->settle([$this->send('POST', 'connect', '', ['login' => $this->login, 'password' => $this->password, 'server' => $this->server])])[0]);
        $session = (string) $told['session'];
        for ($until = microtime(true) + self::LONGEST_CONNECT; $told['state'] !== 'ready'; $told = $this->answer($this->http->settle([$this->send('GET', 'connect', $session)])[0])) {
            if (microtime(true) > $until) {
                throw VenueTrouble::doubt('Larkmoor: the terminal was not connected within '.self::LONGEST_CONNECT.' seconds.');
            }
            $progress === null || $progress((int) $told['done'], (string) $told['doing']);
            Sleep::for(250)->milliseconds();
        }
        $this->cache->put($this->kept, $this->encrypter->encrypt($session), self::SESSION_KEPT);

        return $session;
    }

    /**
     * Asks with the session that is there; when the venue has ended it, once more with a new one.
     *
     * @param  callable(string): list<PromiseInterface>  $ask
     * @return list<array<mixed>>
     *
     * @throws VenueTrouble
     */
    private function connected(callable $ask): array
    {
        $responses = $this->http->settle($ask($this->session()));
        if ($this->number($responses[0]) === self::SESSION_OVER) {
            $this->cache->forget($this->kept);
            $responses = $this->http->settle($ask($this->session()));
        }

        return array_map($this->answer(...), $responses);
    }

    /** @param  array<string, mixed>|null  $body */
    private function send(string $method, string $what, string $session, ?array $body = null): PromiseInterface
    {
        return $this->http->send($method, "/terminal/{$what}", ['Content-Type' => 'application/json', 'Terminal-Session' => $session], $body === null ? '' : (string) json_encode($body));
    }

    private function number(ResponseInterface $response): ?int
    {
        $body = json_decode((string) $response->getBody(), true);

        return is_array($body) && is_int($body['fault']['number'] ?? null) ? $body['fault']['number'] : null;
    }

    /**
     * @return array<mixed>
     *
     * @throws VenueTrouble
     */
    private function answer(ResponseInterface $response): array
    {
        $body = json_decode((string) $response->getBody(), true);
        if (is_array($body) && ($body['ok'] ?? null) === true) {
            return $body;
        }
        $fault = is_array($body) && is_array($body['fault'] ?? null) ? $body['fault'] : [];
        $words = 'Larkmoor: '.(is_string($fault['text'] ?? null) ? $fault['text'] : 'an answer that cannot be read: '.mb_substr((string) $response->getBody(), 0, 80));
        $number = is_int($fault['number'] ?? null) ? $fault['number'] : self::INTERNAL;

        throw match (true) {
            in_array($number, self::BAD_CREDENTIALS, true) => VenueTrouble::keyRejected($words),
            $number === self::TOO_MANY => VenueTrouble::busy($words, max(0.05, (int) ($fault['again_in_ms'] ?? 1_000) / 1000)),
            $number === self::SESSION_OVER, $number >= self::INTERNAL && $number !== self::OTHER => VenueTrouble::doubt($words),
            default => VenueTrouble::refused($words),
        };
    }
}
