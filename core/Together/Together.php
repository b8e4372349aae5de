<?php

declare(strict_types=1);

namespace Wexon\Core\Together;

use DateTimeImmutable;
use InvalidArgumentException;
use Wexon\Core\Route\Leg;
use Wexon\Core\Signal\Action;
use Wexon\Core\Signal\Side;
use Wexon\Core\Signal\Signal;

/**
 * Several signals that must be true together before a route opens anything: so many of them, for the same side, those
 * that are pulses within a time. It is set off once when that becomes true, and again only after it was not.
 *
 * @phpstan-import-type LampSpec from Lamp
 *
 * @phpstan-type TogetherSpec array{needs: int, within: int, signals: list<LampSpec>}
 */
final readonly class Together
{
    /** @param  list<Lamp>  $lamps */
    private function __construct(
        public int $needs,
        /** Seconds for which a pulse is true. */
        public int $within,
        public array $lamps,
    ) {}

    /**
     * @param  TogetherSpec  $spec
     *
     * @throws InvalidArgumentException If two have one name, or more are needed than there are.
     */
    public static function of(array $spec): self
    {
        $names = array_map(static fn (array $lamp): string => $lamp['name'], $spec['signals']);
        if (count(array_unique($names)) !== count($names)) {
            throw new InvalidArgumentException('Each of the signals that must come together has its own name.');
        }
        if ($spec['needs'] < 1 || $spec['needs'] > count($names)) {
            throw new InvalidArgumentException("{$spec['needs']} signals are needed, but there are ".count($names).'.');
        }

        return new self($spec['needs'], $spec['within'], array_map(Lamp::of(...), $spec['signals']));
    }

    /** What a message means for the lamps; null when it lights or puts out none. */
    public static function sideOf(Signal $signal): ?Side
    {
        return match ($signal->action) {
            Action::Buy => Side::Long,
            Action::Sell => Side::Short,
            Action::Enter, Action::Flip, Action::Add, Action::Set => $signal->side,
            default => null,
        };
    }

    /**
     * The entry that a route makes of the signal which set it off. That may be about something else than the route
     * trades: then nothing of it counts but its side.
     */
    public static function entry(Signal $signal, Leg $leg): Signal
    {
        return $signal->symbol === null || $leg->takes($signal->symbol) ? $signal->about($leg->symbol)
            : new Signal(Action::Enter, $leg->symbol, self::sideOf($signal), label: $signal->label, firedAt: $signal->firedAt);
    }

    public function hears(Signal $signal, int $inletId): bool
    {
        return array_filter($this->lamps, static fn (Lamp $lamp): bool => $lamp->hears($signal, $inletId)) !== [];
    }

    /** The lamps after a message: what it opens is lit, what it closes is put out, pulses go out by themselves. */
    public function after(Lights $lights, Signal $signal, int $inletId, DateTimeImmutable $now): Lights
    {
        $side = self::sideOf($signal);
        $closes = in_array($signal->action, [Action::Exit, Action::Flatten], true);
        $lit = $this->burning($lights, $now);
        // Pulses may have gone out since: then it is no longer true, and can become so again.
        $fired = $this->side($lit) === $lights->fired ? $lights->fired : null;
        foreach ($this->lamps as $lamp) {
            if (! $lamp->hears($signal, $inletId)) {
                continue;
            }
            if ($side !== null) {
                $lit[$lamp->name] = [$side, $now];
            } elseif ($closes && isset($lit[$lamp->name]) && ($signal->side === null || $lit[$lamp->name][0] === $signal->side)) {
                unset($lit[$lamp->name]);
            }
        }

        return new Lights($lit, $fired);
    }

    /** The side for which it has become true with these lamps; null when it has not, or was already. */
    public function becomes(Lights $lights): ?Side
    {
        $true = $this->side($lights->lit);

        return $true === $lights->fired ? null : $true;
    }

    /**
     * Those that are lit now.
     *
     * @return array<string, array{Side, DateTimeImmutable}> By name.
     */
    public function burning(Lights $lights, DateTimeImmutable $now): array
    {
        $burning = [];
        foreach ($this->lamps as $lamp) {
            $one = $lights->lit[$lamp->name] ?? null;
            if ($one !== null && ($lamp->kind === LampKind::State || $now->getTimestamp() - $one[1]->getTimestamp() <= $this->within)) {
                $burning[$lamp->name] = $one;
            }
        }

        return $burning;
    }

    /** "2 of 3 are long: trend, volume" */
    public function words(Lights $lights, Side $side): string
    {
        $names = array_keys(array_filter($lights->lit, static fn (array $one): bool => $one[0] === $side));

        return count($names).' of '.count($this->lamps)." signals are {$side->value}, {$this->needs} are needed: ".implode(', ', $names);
    }

    /** @return TogetherSpec */
    public function toArray(): array
    {
        return ['needs' => $this->needs, 'within' => $this->within, 'signals' => array_map(static fn (Lamp $lamp): array => $lamp->toArray(), $this->lamps)];
    }

    /** @param  array<string, array{Side, DateTimeImmutable}>  $lit */
    private function side(array $lit): ?Side
    {
        foreach (Side::cases() as $side) {
            if (count(array_filter($lit, static fn (array $one): bool => $one[0] === $side)) >= $this->needs) {
                return $side;
            }
        }

        return null;
    }
}
