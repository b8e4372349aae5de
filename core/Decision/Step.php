<?php

declare(strict_types=1);

namespace Wexon\Core\Decision;

/** One line of a decision's trace. */
final readonly class Step
{
    /** @param  array<string, string>  $numbers What the step saw, by name. */
    private function __construct(
        public Station $station,
        public Verdict $verdict,
        public string $sentence,
        public array $numbers,
    ) {}

    /** @param  array<string, string>  $numbers */
    public static function pass(Station $station, string $sentence, array $numbers = []): self
    {
        return new self($station, Verdict::Pass, $sentence, $numbers);
    }

    /** @param  array<string, string>  $numbers */
    public static function refuse(Station $station, string $sentence, array $numbers = []): self
    {
        return new self($station, Verdict::Refuse, $sentence, $numbers);
    }

    /** @param  array<string, string>  $numbers */
    public static function hold(Station $station, string $sentence, array $numbers = []): self
    {
        return new self($station, Verdict::Hold, $sentence, $numbers);
    }

    /** @param  array<string, string>  $numbers */
    public static function nothing(Station $station, string $sentence, array $numbers = []): self
    {
        return new self($station, Verdict::Nothing, $sentence, $numbers);
    }

    /** @return array{station: string, verdict: string, sentence: string, numbers: array<string, string>} */
    public function toArray(): array
    {
        return [
            'station' => $this->station->value,
            'verdict' => $this->verdict->value,
            'sentence' => $this->sentence,
            'numbers' => $this->numbers,
        ];
    }
}
