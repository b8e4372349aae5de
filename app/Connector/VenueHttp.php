<?php

namespace App\Connector;

use GuzzleHttp\Client;
use GuzzleHttp\Exception\GuzzleException;
use GuzzleHttp\Promise\PromiseInterface;
use GuzzleHttp\Promise\Utils;
use Psr\Http\Message\ResponseInterface;
use Throwable;

/** HTTP as connectors use it: a connection that stays open, short patience, and no answer means doubt. */
final class VenueHttp
{
    /** Seconds. A charting platform would have given up by then, and so do we. */
    private const TIMEOUT = 4;

    private const CONNECT_TIMEOUT = 2;

    private readonly Client $http;

    public function __construct(private readonly string $baseUrl, private readonly string $venue)
    {
        $this->http = new Client([
            'base_uri' => $baseUrl,
            'timeout' => self::TIMEOUT,
            'connect_timeout' => self::CONNECT_TIMEOUT,
            'http_errors' => false,
            'allow_redirects' => false,
        ]);
    }

    /** @param  array<string, string>  $headers */
    public function send(string $method, string $uri, array $headers, string $body): PromiseInterface
    {
        return $this->http->requestAsync($method, $uri, ['body' => $body, 'headers' => $headers]);
    }

    /**
     * A stream that is read as it comes, without waiting.
     *
     * @return resource
     *
     * @throws VenueTrouble If the venue does not answer.
     */
    public function stream(string $uri)
    {
        $base = parse_url($this->baseUrl);
        $isSecure = ($base['scheme'] ?? '') === 'https';
        $host = $base['host'] ?? '';
        $port = $base['port'] ?? ($isSecure ? 443 : 80);
        $stream = @stream_socket_client(($isSecure ? 'tls' : 'tcp')."://{$host}:{$port}", timeout: self::CONNECT_TIMEOUT);
        if ($stream === false) {
            throw VenueTrouble::doubt("{$this->venue} did not answer: the connection failed.");
        }
        stream_set_timeout($stream, self::CONNECT_TIMEOUT);
        // Version 1.0, so that nothing comes in chunks: what is cut into them cannot be waited for.
        fwrite($stream, "GET {$uri} HTTP/1.0\r\nHost: {$host}:{$port}\r\nAccept: text/event-stream\r\n\r\n");
        $status = (string) fgets($stream);
        while (! in_array(fgets($stream), ["\r\n", false], true));
        if (preg_match('# 200( |$)#', trim($status)) !== 1) {
            fclose($stream);
            throw VenueTrouble::doubt("{$this->venue} tells no prices by itself: ".($status === '' ? 'no answer within '.self::CONNECT_TIMEOUT.' seconds' : trim($status)).'.');
        }
        stream_set_blocking($stream, false);

        return $stream;
    }

    /**
     * Waits until all have answered.
     *
     * @param  list<PromiseInterface>  $promises
     * @return list<ResponseInterface>
     *
     * @throws VenueTrouble If one does not answer.
     */
    public function settle(array $promises): array
    {
        try {
            return array_values(Utils::unwrap($promises));
        } catch (GuzzleException $exception) {
            throw VenueTrouble::doubt("{$this->venue} did not answer: {$this->words($exception)}", $exception);
        }
    }

    /** The reason without the address, which tells a trader nothing. */
    private function words(Throwable $exception): string
    {
        return str_contains($exception->getMessage(), 'timed out') ? 'no answer within '.self::TIMEOUT.' seconds' : 'the connection failed';
    }
}
