<?php

namespace App\Connector\Described\Signing;

use App\Connector\Described\Template;
use InvalidArgumentException;

/** HMAC (RFC 2104) over a text of time, method, path and body, in hex or base64. */
final readonly class HmacSigning implements Signing
{
    private const HASHES = ['sha256', 'sha384', 'sha512'];

    private function __construct(
        private string $hash,
        private string $over,
        private string $secret,
        private bool $secretIsBase64,
        private bool $base64,
        private string $clock,
    ) {}

    /**
     * @param  array<string, mixed>  $spec
     *
     * @throws InvalidArgumentException If the hash is none that is known here.
     */
    public static function of(array $spec): self
    {
        $hash = (string) ($spec['hash'] ?? 'sha256');
        if (! in_array($hash, self::HASHES, true)) {
            throw new InvalidArgumentException("“{$hash}” is no hash for signing; known are ".implode(', ', self::HASHES).'.');
        }

        if (($spec['over'] ?? '') === '') {
            throw new InvalidArgumentException('signing.over: say which text is signed, such as "{time}{method}{path_and_query}{body}".');
        }

        return new self($hash, (string) $spec['over'], (string) ($spec['secret'] ?? 'secret'), (bool) ($spec['secret_is_base64'] ?? false), ($spec['encode'] ?? 'hex') === 'base64', (string) ($spec['time'] ?? 'milliseconds'));
    }

    public function values(array $credentials, string $method, string $uri, string $body): array
    {
        $time = $this->time();
        $secret = $credentials[$this->secret] ?? '';
        $over = Template::text($this->over, [...$credentials, 'time' => $time, 'method' => $method, 'path_and_query' => $uri, 'path' => (string) strtok($uri, '?'), 'query' => (string) parse_url($uri, PHP_URL_QUERY), 'body' => $body]);
        $raw = hash_hmac($this->hash, $over, $this->secretIsBase64 ? (string) base64_decode($secret) : $secret, true);

        return ['time' => $time, 'signature' => $this->base64 ? base64_encode($raw) : bin2hex($raw)];
    }

    private function time(): string
    {
        return match ($this->clock) {
            'seconds' => (string) time(),
            'iso' => gmdate('Y-m-d\TH:i:s').substr(sprintf('%.3f', fmod(microtime(true), 1)), 1).'Z',
            default => (string) (int) (microtime(true) * 1000),
        };
    }
}
