<?php

declare(strict_types=1);

namespace App\Inlet;

use Wexon\Core\Reading\Secrets;

/** What came in over HTTP. */
final readonly class InletRequest
{
    /** Longest body taken, in bytes. */
    public const LARGEST_BODY = 65_536;

    private const LONGEST_HEADER = 400;

    /** These hold other people's secrets, and are never stored. */
    private const SECRET_HEADERS = ['authorization', 'cookie', 'proxy-authorization'];

    /** @param  array<string, string>  $headers */
    public function __construct(
        public string $method,
        public string $token,
        public string $body,
        public ?string $contentType = null,
        public array $headers = [],
        public string $sender = '127.0.0.1',
        /** Behind the token: the slip whose own address this is. */
        public ?string $code = null,
    ) {}

    public static function fromGlobals(): self
    {
        $headers = [];
        foreach ($_SERVER as $name => $value) {
            $header = str_starts_with($name, 'HTTP_') ? strtolower(strtr(substr($name, 5), '_', '-')) : null;
            if ($header !== null && is_string($value) && ! in_array($header, self::SECRET_HEADERS, true)) {
                $headers[$header] = substr($value, 0, self::LONGEST_HEADER);
            }
        }
        $type = $_SERVER['CONTENT_TYPE'] ?? '';
        $parts = explode('/', trim((string) parse_url((string) ($_SERVER['REQUEST_URI'] ?? ''), PHP_URL_PATH), '/'));

        return new self(
            (string) ($_SERVER['REQUEST_METHOD'] ?? ''),
            trim(rawurldecode($parts[1] ?? '')),
            (string) file_get_contents('php://input', length: self::LARGEST_BODY + 1),
            is_string($type) && $type !== '' ? substr($type, 0, 120) : null,
            $headers,
            (string) ($_SERVER['REMOTE_ADDR'] ?? ''),
            isset($parts[2]) ? substr(trim(rawurldecode($parts[2])), 0, 16) : null,
        );
    }

    /** The same without a secret that is known to be in it. */
    public function without(?string $secret): self
    {
        return $secret === null ? $this : new self($this->method, $this->token, Secrets::blankOutKnown($this->body, $secret), $this->contentType, $this->headers, $this->sender, $this->code);
    }
}
