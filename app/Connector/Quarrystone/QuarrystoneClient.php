<?php

namespace App\Connector\Quarrystone;

use App\Connector\VenueHttp;
use App\Connector\VenueTrouble;
use GuzzleHttp\Promise\PromiseInterface;
use Psr\Http\Message\ResponseInterface;
use SensitiveParameter;

/** Signs requests to Quarrystone, sends them, and sorts its errors into our kinds. */
final class QuarrystoneClient
{
    private readonly VenueHttp $http;

    public function __construct(
        string $baseUrl,
        #[SensitiveParameter] private readonly string $key,
        #[SensitiveParameter] private readonly string $secret,
    ) {
        $this->http = new VenueHttp($baseUrl, 'Quarrystone');
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

        return array_map($this->body(...), $this->http->settle($promises));
    }

    /**
     * @param  array<string, string>  $query
     * @return resource
     *
     * @throws VenueTrouble
     */
    public function stream(string $path, array $query)
    {
        return $this->http->stream($this->uri($path, $query));
    }

    /**
     * @param  array<string, mixed>  $body
     * @return array<mixed>
     *
     * @throws VenueTrouble
     */
    public function post(string $path, array $body): array
    {
        return $this->body($this->http->settle([$this->send('POST', $path, (string) json_encode($body))])[0]);
    }

    /**
     * @param  array<string, string>  $query
     * @return array<mixed>
     *
     * @throws VenueTrouble
     */
    public function delete(string $path, array $query): array
    {
        return $this->body($this->http->settle([$this->send('DELETE', $this->uri($path, $query), '')])[0]);
    }

    /** @param  array<string, string>  $query */
    private function uri(string $path, array $query): string
    {
        return $query === [] ? $path : $path.'?'.http_build_query($query, '', '&', PHP_QUERY_RFC3986);
    }

    private function send(string $method, string $uri, string $body): PromiseInterface
    {
        $time = (string) (int) (microtime(true) * 1000);

        return $this->http->send($method, $uri, [
            'Content-Type' => 'application/json',
            'QS-Key' => $this->key,
            'QS-Time' => $time,
            'QS-Signature' => hash_hmac('sha256', implode("\n", [$time, $method, $uri, $body]), $this->secret),
        ], $body);
    }

    /** Seconds until it takes requests again; it says so to the millisecond when it counts itself. */
    private function pause(ResponseInterface $response): float
    {
        $milliseconds = (int) $response->getHeaderLine('Retry-After-Ms');

        return $milliseconds > 0 ? $milliseconds / 1000 : max(1.0, (float) $response->getHeaderLine('Retry-After'));
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
            $status === 429 => VenueTrouble::busy("Quarrystone: {$words}", $this->pause($response)),
            $status >= 400 && $status < 500 => VenueTrouble::refused("Quarrystone: {$words}"),
            default => VenueTrouble::doubt("Quarrystone: {$words}"),
        };
    }
}
