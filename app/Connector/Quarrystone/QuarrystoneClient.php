<?php

namespace App\Connector\Quarrystone;

use App\Connector\VenueTrouble;
use GuzzleHttp\Client;
use GuzzleHttp\Exception\GuzzleException;
use GuzzleHttp\Promise\PromiseInterface;
use GuzzleHttp\Promise\Utils;
use Psr\Http\Message\ResponseInterface;
use SensitiveParameter;
use Throwable;

/** Signs requests to Quarrystone, sends them, and sorts its errors into our kinds. */
final class QuarrystoneClient
{
    /** Seconds. A charting platform would have given up by then, and so do we. */
    private const TIMEOUT = 4;

    private const CONNECT_TIMEOUT = 2;

    private readonly Client $http;

    public function __construct(
        string $baseUrl,
        #[SensitiveParameter] private readonly string $key,
        #[SensitiveParameter] private readonly string $secret,
    ) {
        $this->http = new Client([
            'base_uri' => $baseUrl,
            'timeout' => self::TIMEOUT,
            'connect_timeout' => self::CONNECT_TIMEOUT,
            'http_errors' => false,
        ]);
    }

    /**
     * @param  array<string, string>  $query
     * @return array<mixed>
     *
     * @throws VenueTrouble
     */
    public function get(string $path, array $query = []): array
    {
        return $this->all([[$path, $query]])[0];
    }

    /**
     * Several at the same time.
     *
     * @param  list<array{string, array<string, string>}>  $requests  Path and query.
     * @return list<array<mixed>>
     *
     * @throws VenueTrouble
     */
    public function all(array $requests): array
    {
        $promises = array_map(fn (array $request): PromiseInterface => $this->send('GET', $this->uri(...$request), ''), $requests);

        return $this->settled(static fn (): array => Utils::unwrap($promises));
    }

    /**
     * @param  array<string, mixed>  $body
     * @return array<mixed>
     *
     * @throws VenueTrouble
     */
    public function post(string $path, array $body): array
    {
        return $this->settled(fn (): array => [$this->send('POST', $path, (string) json_encode($body))->wait()])[0];
    }

    /** @param  array<string, string>  $query */
    private function uri(string $path, array $query): string
    {
        return $query === [] ? $path : $path.'?'.http_build_query($query, '', '&', PHP_QUERY_RFC3986);
    }

    private function send(string $method, string $uri, string $body): PromiseInterface
    {
        $time = (string) (int) (microtime(true) * 1000);

        return $this->http->requestAsync($method, $uri, [
            'body' => $body,
            'headers' => [
                'Content-Type' => 'application/json',
                'QS-Key' => $this->key,
                'QS-Time' => $time,
                'QS-Signature' => hash_hmac('sha256', implode("\n", [$time, $method, $uri, $body]), $this->secret),
            ],
        ]);
    }

    /**
     * @param  callable(): array<ResponseInterface>  $wait
     * @return list<array<mixed>>
     *
     * @throws VenueTrouble
     */
    private function settled(callable $wait): array
    {
        try {
            return array_map($this->body(...), array_values($wait()));
        } catch (GuzzleException $exception) {
            throw VenueTrouble::doubt('Quarrystone did not answer: '.$this->words($exception), $exception);
        }
    }

    /**
     * @return array<mixed>
     *
     * @throws VenueTrouble
     */
    private function body(ResponseInterface $response): array
    {
        $status = $response->getStatusCode();
        $body = json_decode((string) $response->getBody(), true);
        if ($status < 300 && is_array($body)) {
            return $body;
        }
        $error = is_array($body) && is_array($body['error'] ?? null) ? $body['error'] : [];
        $words = is_string($error['message'] ?? null) ? $error['message'] : "an answer of HTTP {$status} that cannot be read";

        throw match (true) {
            $status === 401 || $status === 403 => VenueTrouble::keyRejected("Quarrystone: {$words}"),
            $status === 429 => VenueTrouble::busy("Quarrystone: {$words}", max(1, (int) $response->getHeaderLine('Retry-After'))),
            $status >= 400 && $status < 500 => VenueTrouble::refused("Quarrystone: {$words}"),
            default => VenueTrouble::doubt("Quarrystone: {$words}"),
        };
    }

    /** The reason without the address, which tells a trader nothing. */
    private function words(Throwable $exception): string
    {
        return str_contains($exception->getMessage(), 'timed out') ? 'no answer within '.self::TIMEOUT.' seconds' : 'the connection failed';
    }
}
