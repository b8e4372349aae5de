<?php

namespace App\Connector\Described;

use App\Connector\VenueHttp;
use App\Connector\VenueTrouble;
use GuzzleHttp\Promise\PromiseInterface;
use Psr\Http\Message\ResponseInterface;
use SensitiveParameter;
use Wexon\Core\Reading\ExactJson;
use Wexon\Core\Reading\ReadingError;

/** Sends the requests of a description, signed as it says, and sorts the venue's errors into our kinds. */
final readonly class DescribedClient
{
    private VenueHttp $http;

    /** @param  array<string, string>  $credentials */
    public function __construct(
        private Description $venue,
        #[SensitiveParameter] private array $credentials,
    ) {
        $this->http = new VenueHttp($venue->base, $venue->name);
    }

    /**
     * @param  array<string, string|bool|null>  $values  For the names in its path and body.
     *
     * @throws VenueTrouble
     */
    public function call(string $call, array $values = []): Answer
    {
        return $this->calls([[$call, $values]])[0];
    }

    /**
     * Several at the same time.
     *
     * @param  list<array{string, array<string, string|bool|null>}>  $calls
     * @return list<Answer>
     *
     * @throws VenueTrouble
     */
    public function calls(array $calls): array
    {
        return array_map($this->answer(...), $this->http->settle(array_map(fn (array $call): PromiseInterface => $this->send(...$call), $calls)));
    }

    /** @param  array<string, string|bool|null>  $values */
    private function send(string $call, array $values): PromiseInterface
    {
        $spec = $this->venue->calls[$call];
        $method = strtoupper($spec['method'] ?? 'GET');
        $uri = Template::uri($spec['path'], array_filter($values, is_string(...)));
        $body = isset($spec['body']) ? (string) json_encode(Template::body($spec['body'], $values), JSON_UNESCAPED_SLASHES) : '';
        $signed = [...$this->credentials, ...$this->venue->signing->values($this->credentials, $method, $uri, $body)];
        $headers = array_map(static fn (string $header): string => Template::text($header, $signed), $this->venue->headers);

        return $this->http->send($method, $uri, $headers + ['Content-Type' => 'application/json', 'Accept' => 'application/json'], $body);
    }

    /** @throws VenueTrouble If the venue said no, or something that cannot be read. */
    private function answer(ResponseInterface $response): Answer
    {
        $status = $response->getStatusCode();
        try {
            $answer = new Answer($this->venue->name, ExactJson::decode((string) $response->getBody()));
        } catch (ReadingError) {
            $answer = new Answer($this->venue->name, null);
            if ($status < 300) {
                throw VenueTrouble::doubt("{$this->venue->name}: an answer that is no JSON.");
            }
        }
        if ($status < 300) {
            return $answer;
        }
        $words = "{$this->venue->name}: ".$answer->textOr($this->venue->errorWords, "an answer of HTTP {$status} without words");

        throw match (true) {
            in_array($status, $this->venue->statuses['key_rejected'], true) => VenueTrouble::keyRejected($words),
            in_array($status, $this->venue->statuses['busy'], true) => VenueTrouble::busy($words, max(1, (int) $response->getHeaderLine('Retry-After'))),
            $status >= 400 && $status < 500 => VenueTrouble::refused($words),
            default => VenueTrouble::doubt($words),
        };
    }
}
