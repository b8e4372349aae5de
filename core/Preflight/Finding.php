<?php

declare(strict_types=1);

namespace Wexon\Core\Preflight;

/**
 * One thing that was looked at before a route is armed.
 *
 * @phpstan-type FindingArray array{check: string, level: string, words: string, mend: array{label: string, rules: array<string, mixed>}|null}
 */
final readonly class Finding
{
    /** @param  array<string, mixed>|null  $rules  The parts of the route's rules that would mend it. */
    private function __construct(public Level $level, public string $words, public ?string $label = null, public ?array $rules = null) {}

    public static function mustFix(string $words): self
    {
        return new self(Level::MustFix, $words);
    }

    public static function lookAgain(string $words): self
    {
        return new self(Level::LookAgain, $words);
    }

    public static function fine(string $words): self
    {
        return new self(Level::Fine, $words);
    }

    /**
     * The same, with what mends it in one step.
     *
     * @param  array<string, mixed>  $rules
     */
    public function mendedBy(string $label, array $rules): self
    {
        return new self($this->level, $this->words, $label, $rules);
    }

    /** @return FindingArray */
    public function toArray(string $check): array
    {
        return ['check' => $check, 'level' => $this->level->value, 'words' => $this->words, 'mend' => $this->label === null || $this->rules === null ? null : ['label' => $this->label, 'rules' => $this->rules]];
    }
}
