<?php

declare(strict_types=1);

namespace Wexon\Core\Profile;

use InvalidArgumentException;

/**
 * The placeholder texts that one charting platform fills in, as data: docs/schemas/chart-profile-1.json.
 *
 * @phpstan-type ProfileSpec array{variables: array<string, string>, size_unit: string, alert_days?: int|null}
 */
final readonly class ChartProfile
{
    public const SIZE_UNITS = ['units', 'contracts', 'lots'];

    private const LONGEST = 80;

    private const MOST_DAYS = 3_650;

    /** @param  array<string, string>  $variables  By the names of {@see Variables}. */
    private function __construct(
        public array $variables,
        /** What the platform counts sizes in. */
        public string $sizeUnit,
        /** Days after which it lets an alert expire; null: never. */
        public ?int $alertDays,
    ) {}

    /**
     * @param  ProfileSpec  $spec
     *
     * @throws InvalidArgumentException If a placeholder could be ordinary text, or stands for two variables.
     */
    public static function of(array $spec): self
    {
        $variables = [];
        foreach ($spec['variables'] as $name => $text) {
            $text = trim($text);
            if (! isset(Variables::all()[$name])) {
                throw new InvalidArgumentException("There is no variable “{$name}”; known are ".implode(', ', array_keys(Variables::all())).'.');
            }
            if ($text === '') {
                continue;
            }
            if (mb_strlen($text) < 3 || mb_strlen($text) > self::LONGEST || preg_match('/^[\w\s.,-]+$/u', $text) === 1) {
                throw new InvalidArgumentException("“{$text}” could stand in any message: a placeholder has 3 to ".self::LONGEST.' characters and a sign such as $, { or % in it.');
            }
            $taken = array_search($text, $variables, true);
            if ($taken !== false) {
                throw new InvalidArgumentException("“{$text}” stands for {$taken} already; it cannot stand for {$name} too.");
            }
            $variables[$name] = $text;
        }
        if ($variables === []) {
            throw new InvalidArgumentException('A profile needs at least one placeholder.');
        }
        if (! in_array($spec['size_unit'], self::SIZE_UNITS, true)) {
            throw new InvalidArgumentException('Sizes are in '.implode(', ', self::SIZE_UNITS)."; found “{$spec['size_unit']}”.");
        }
        $days = $spec['alert_days'] ?? null;
        if ($days !== null && ($days < 1 || $days > self::MOST_DAYS)) {
            throw new InvalidArgumentException('Alerts expire after 1 to '.self::MOST_DAYS." days, or never; found {$days}.");
        }

        return new self($variables, $spec['size_unit'], $days);
    }

    /** The profile of the bench, which ships with Wexon. */
    public static function bench(): self
    {
        $names = array_keys(Variables::all());

        return new self(array_combine($names, array_map(static fn (string $name): string => '${'.$name.'}', $names)), 'units', 60);
    }

    /** The placeholder text; null when the platform cannot write it. */
    public function text(string $variable): ?string
    {
        return $this->variables[$variable] ?? null;
    }

    /** @return ProfileSpec */
    public function toArray(): array
    {
        return ['variables' => $this->variables, 'size_unit' => $this->sizeUnit, 'alert_days' => $this->alertDays];
    }
}
