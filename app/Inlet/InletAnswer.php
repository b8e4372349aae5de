<?php

declare(strict_types=1);

namespace App\Inlet;

/** What the sender gets back. */
final readonly class InletAnswer
{
    /** @param  array<string, string>  $headers */
    private function __construct(
        public int $status,
        public string $body,
        public array $headers = [],
    ) {}

    /** The message is on disk. */
    public static function stored(string $ulid): self
    {
        return new self(202, (string) json_encode(['id' => $ulid, 'stored' => true]));
    }

    /**
     * @param  string  $error  What was wrong, and what to do about it.
     * @param  array<string, string>  $headers
     */
    public static function refused(int $status, string $error, array $headers = []): self
    {
        return new self($status, (string) json_encode(['error' => $error]), $headers);
    }

    public function send(): void
    {
        http_response_code($this->status);
        header('Content-Type: application/json');
        header('Cache-Control: no-store');
        foreach ($this->headers as $name => $value) {
            header("{$name}: {$value}");
        }
        echo $this->body, "\n";
    }
}
