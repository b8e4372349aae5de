<?php

namespace App\Connector\PellamStreet;

use App\Connector\VenueHttp;
use App\Connector\VenueTrouble;
use GuzzleHttp\Promise\PromiseInterface;
use Psr\Http\Message\ResponseInterface;
use SensitiveParameter;

/** Asks Pellam Street with an access token, and sorts its errors into our kinds. */
final class PellamStreetClient
{
    private readonly VenueHttp $http;

    public function __construct(string $baseUrl, public readonly string $account, #[SensitiveParameter] private readonly string $token)
    {
        $this->http = new VenueHttp($baseUrl, 'Pellam Street');
    }

    /**
     * @param  array<string, mixed>|null  $body
     * @return array<mixed>
     *
     * @throws VenueTrouble
     */
    public function ask(string $method, string $path, ?array $body = null): array
    {
        return $this->body($this->http->settle([$this->send($method, $path, $body)])[0]);
    }

    /**
     * Several at the same time.
     *
     * @param  list<string>  $paths
     * @return list<array<mixed>>
     *
     * @throws VenueTrouble
     */
    public function all(array $paths): array
    {
        return array_map($this->body(...), $this->http->settle(array_map(fn (string $path): PromiseInterface => $this->send('GET', $path, null), $paths)));
    }

    /** The path of something of the account. */
    public function own(string $below = ''): string
    {
        return rtrim("/accounts/{$this->account}/{$below}", '/');
    }

    /** @param  array<string, mixed>|null  $body */
    private function send(string $method, string $path, ?array $body): PromiseInterface
    {
        return $this->http->send($method, $path, ['Content-Type' => 'application/json', 'Authorization' => "Bearer {$this->token}"], $body === null ? '' : (string) json_encode($body));
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
        $error = is_array($body) && is_array($body['errors'][0] ?? null) ? $body['errors'][0] : [];
        $words = 'Pellam Street: '.(is_string($error['detail'] ?? null) ? $error['detail'] : "an answer of HTTP {$status} that cannot be read");

        throw match (true) {
            ($error['title'] ?? null) === 'token-ended' => VenueTrouble::keyRejected("{$words} Make a new one there and give it to this account."),
            $status === 401 || $status === 403 => VenueTrouble::keyRejected($words),
            $status === 429 => VenueTrouble::busy($words, max(1.0, (float) $response->getHeaderLine('Retry-After'))),
            $status >= 400 && $status < 500 => VenueTrouble::refused($words),
            default => VenueTrouble::doubt($words),
        };
    }
}
