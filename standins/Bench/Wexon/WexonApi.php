<?php

declare(strict_types=1);

namespace Standin\Bench\Wexon;

use GuzzleHttp\Client;
use GuzzleHttp\Exception\GuzzleException;
use Illuminate\Database\Connection;
use JsonException;
use Standin\Bench\Trouble;

/** Wexon as any program reaches it: its address, and a token that the trader has given to the bench. */
final readonly class WexonApi
{
    public function __construct(private Connection $database) {}

    public function set(string $url, string $token): void
    {
        if (preg_match('#^https?://[^\s/]+$#', rtrim($url, '/')) !== 1) {
            throw new Trouble('Wexon\'s address looks like http://127.0.0.1:8640.');
        }
        foreach (['wexon_url' => rtrim($url, '/'), 'wexon_token' => $token] as $name => $value) {
            $this->database->table('settings')->upsert([['name' => $name, 'value' => $value]], ['name']);
        }
    }

    public function url(): ?string
    {
        return $this->settings()['wexon_url'] ?? null;
    }

    public function isSet(): bool
    {
        return ($this->settings()['wexon_token'] ?? '') !== '';
    }

    /**
     * @param  array<string, mixed>|null  $body
     * @return array<array-key, mixed>
     *
     * @throws Trouble With Wexon's own words, if it says no.
     */
    public function ask(string $method, string $path, ?array $body = null): array
    {
        ['wexon_url' => $url, 'wexon_token' => $token] = $this->settings() + ['wexon_url' => '', 'wexon_token' => ''];
        if ($url === '' || $token === '') {
            throw new Trouble('The bench does not know Wexon yet. Give it the address and a token (bin/wexon token) under “Wexon”.');
        }
        try {
            $response = (new Client(['timeout' => 10, 'http_errors' => false]))->request($method, "{$url}/api/v1/{$path}", [
                'headers' => ['Authorization' => "Bearer {$token}", 'Accept' => 'application/json'],
                ...($body === null ? [] : ['json' => $body]),
            ]);
            $said = (string) $response->getBody();
            $answer = $said === '' ? [] : json_decode($said, true, flags: JSON_THROW_ON_ERROR);
        } catch (GuzzleException|JsonException) {
            throw new Trouble("Wexon does not answer at {$url}. Is it up?");
        }
        $answer = is_array($answer) ? $answer : [];
        if (intdiv($response->getStatusCode(), 100) !== 2) {
            throw new Trouble('Wexon says: '.(is_string($answer['message'] ?? null) ? $answer['message'] : "status {$response->getStatusCode()}"));
        }

        return $answer;
    }

    /** @return array<string, string> */
    private function settings(): array
    {
        return $this->database->table('settings')->pluck('value', 'name')->all();
    }
}
