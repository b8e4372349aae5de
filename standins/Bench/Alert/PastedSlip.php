<?php

declare(strict_types=1);

namespace Standin\Bench\Alert;

use Standin\Bench\Trouble;

/** An alert slip as Wexon copies it whole: one "Name: …" line for each thing to set, and the message after its own line. */
final readonly class PastedSlip
{
    private function __construct(
        public string $name,
        public string $address,
        public string $message,
        public Firing $firing,
        /** The last day on which it fires, as 2026-12-31; null for ever. */
        public ?string $expires,
        /** The symbol that it is about; null when the slip does not say. */
        public ?string $symbol,
        /** Whether it passes on the orders of a script. */
        public bool $isScript,
    ) {}

    /** @throws Trouble If it is no slip; it says which part is missing. */
    public static function of(string $text): self
    {
        $text = str_replace("\r\n", "\n", trim($text));
        [$head, $message] = preg_match('/^(.*?)\nMessage:[ \t]*\n(.*)$/s', $text, $parts) === 1 ? [$parts[1], $parts[2]] : throw new Trouble('This is not a whole slip: it has no line “Message:”. In Wexon, open the route\'s alert slips and choose “Copy the whole slip”.');
        preg_match_all('/^(\w+):[ \t]*(.+)$/m', $head, $found);
        $said = array_combine(array_map(strtolower(...), $found[1]), array_map(trim(...), $found[2]));
        foreach (['name' => 'Name', 'address' => 'Address'] as $field => $shown) {
            if (($said[$field] ?? '') === '') {
                throw new Trouble("This slip has no line “{$shown}: …”. Copy it once more, whole.");
            }
        }
        $fire = strtolower($said['fire'] ?? '');

        return new self(
            $said['name'], $said['address'], trim($message),
            str_contains($fire, 'close') || str_contains($fire, 'script') ? Firing::AtTheClose : Firing::OnceABar,
            preg_match('/^\d{4}-\d\d-\d\d$/', $said['expires'] ?? '') === 1 ? $said['expires'] : null,
            $said['symbol'] ?? null,
            str_contains($fire, 'order of the script'),
        );
    }
}
