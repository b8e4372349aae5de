<?php

declare(strict_types=1);

namespace Standin\Bench\Demo;

use Standin\Bench\Alert\Template;
use Standin\Bench\Script\Event;
use Standin\Bench\Trouble;
use Standin\Exchange\Clock;

/**
 * What the demo's desk says of itself: its inlets' addresses, its mailbox, and its alert slips.
 *
 * @phpstan-type SlipOf array{kind: string, name: string, message: string, address: string, expires: string|null}
 */
final readonly class DemoDesk
{
    /**
     * @param  array<string, string>  $inlets  Addresses by name.
     * @param  list<SlipOf>  $slips
     */
    private function __construct(public array $inlets, public string $mailbox, private array $slips, public string $url, public string $token) {}

    /** @throws Trouble If the file is not what wexon:demo prints. */
    public static function read(string $file): self
    {
        $said = json_decode((string) file_get_contents($file), true);
        if (! is_array($said) || ! isset($said['inlets'], $said['mailbox'], $said['slips'], $said['url'], $said['token'])) {
            throw new Trouble("{$file} does not tell of the demo's desk.");
        }

        return new self($said['inlets'], $said['mailbox'], $said['slips'], $said['url'], $said['token']);
    }

    /** @return SlipOf|null */
    public function slip(string $kind): ?array
    {
        return array_values(array_filter($this->slips, static fn (array $slip): bool => $slip['kind'] === $kind))[0] ?? null;
    }

    /** @param  SlipOf|null  $slip */
    private static function hasExpired(?array $slip, int $at): bool
    {
        return $slip !== null && $slip['expires'] !== null && $at >= Clock::endOf($slip['expires']);
    }

    /**
     * What a line says of an order; null when it says nothing of such orders.
     *
     * @param  array<string, string>  $values  Of the candle.
     */
    public function messageOf(Line $line, Event $event, array $values): ?string
    {
        foreach ($line->says as $does => $says) {
            $slip = $this->slip($says);
            if ($does === '*' || $event->is($does)) {
                return self::hasExpired($slip, $event->at) ? null : Template::fill($slip['message'] ?? $says, $event->values() + $values);
            }
        }

        return null;
    }
}
