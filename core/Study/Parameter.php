<?php

declare(strict_types=1);

namespace Wexon\Core\Study;

/** A number that a study, or a script, can be given. */
final readonly class Parameter
{
    public function __construct(
        public string $label,
        public float $usual,
        public float $least,
        public float $most,
        public bool $whole = true,
    ) {}

    /** @throws StudyTrouble If the number cannot be. */
    public function take(mixed $given): float
    {
        if ($given === null || $given === '') {
            return $this->usual;
        }
        if (! is_numeric($given) || (float) $given < $this->least || (float) $given > $this->most || ($this->whole && floor((float) $given) !== (float) $given)) {
            $found = is_scalar($given) ? (string) $given : get_debug_type($given);
            throw new StudyTrouble("“{$this->label}” is a ".($this->whole ? 'whole number' : 'number')." from {$this->least} to {$this->most}; found “{$found}”.");
        }

        return (float) $given;
    }

    /**
     * @param  array<string, self>  $parameters
     * @param  array<array-key, mixed>  $given
     * @return array<string, float>
     *
     * @throws StudyTrouble
     */
    public static function takeAll(array $parameters, array $given): array
    {
        $unknown = array_diff_key($given, $parameters);
        if ($unknown !== []) {
            throw new StudyTrouble('There is no “'.array_key_first($unknown).'” here; known are '.implode(', ', array_keys($parameters)).'.');
        }
        $taken = [];
        foreach ($parameters as $name => $parameter) {
            $taken[$name] = $parameter->take($given[$name] ?? null);
        }

        return $taken;
    }

    /** @return array{label: string, usual: float, least: float, most: float, whole: bool} */
    public function toArray(): array
    {
        return ['label' => $this->label, 'usual' => $this->usual, 'least' => $this->least, 'most' => $this->most, 'whole' => $this->whole];
    }
}
