<?php

declare(strict_types=1);

namespace Wexon\Core\Protection;

use Brick\Math\BigDecimal;
use DateTimeImmutable;
use InvalidArgumentException;
use Wexon\Core\Instrument\Instrument;
use Wexon\Core\Order\OrderRefusal;
use Wexon\Core\Protection\Event\PositionChanged;
use Wexon\Core\Signal\Side;
use Wexon\Core\Signal\Signal;

/**
 * The protection that a position will have, if it is opened at a price: what a decision shows and a size by risk needs.
 *
 * @phpstan-import-type ProtectionSpec from ProtectionRules
 *
 * @phpstan-type ForeseenArray array{rules: ProtectionSpec, side: string, message: string|null}
 */
final readonly class Foreseen
{
    private function __construct(
        public ProtectionRules $rules,
        public Side $side,
        public ?BigDecimal $message,
        public ?BigDecimal $stop,
        /** The distance from the price to the stop; null without a stop. */
        public ?BigDecimal $risk,
        /** "stop at 39.20 (2%); 1 at 41.00 …", without an end. */
        public string $words,
    ) {}

    /**
     * @param  BigDecimal  $price  That the position is opened at.
     * @param  BigDecimal  $units  Of the position; zero when they are not known yet.
     * @return self|null Null when there is nothing to look after.
     *
     * @throws OrderRefusal If the stop or a target would lie on the wrong side of the price, or means nothing here.
     */
    public static function of(ProtectionRules $rules, Signal $signal, Side $side, Instrument $instrument, BigDecimal $price, BigDecimal $units, DateTimeImmutable $now): ?self
    {
        try {
            $rules = $rules->with($signal);
        } catch (InvalidArgumentException $trouble) {
            throw new OrderRefusal($trouble->getMessage());
        }
        if ($rules->isEmpty()) {
            return null;
        }
        $opened = new PositionChanged($units->isZero() ? BigDecimal::one() : $units, $price, $price, $now);
        $protection = $opened->applyTo(Protection::planned($rules, $side, $signal->price, $now), $instrument)->protection;
        $levels = Levels::of($side, $instrument);
        if ($protection->stop !== null && (! $protection->stop->isPositive() || ! $levels->isBetter($price, $protection->stop))) {
            throw new OrderRefusal("The stop of this {$side->value} would lie at {$protection->stop}, but the price is {$price}: it has to lie ".($side === Side::Long ? 'below' : 'above').' it.');
        }
        foreach ($protection->targets as $target) {
            if (! $target->price->isPositive() || ! $levels->isBetter($target->price, $price)) {
                throw new OrderRefusal("Target {$target->number} of this {$side->value} would lie at {$target->price}, but the price is {$price}: it has to lie ".($side === Side::Long ? 'above' : 'below').' it.');
            }
        }

        return new self($rules, $side, $signal->price, $protection->stop, $protection->risk, self::words($protection, $instrument));
    }

    /** @return ForeseenArray */
    public function toArray(): array
    {
        return ['rules' => $this->rules->toArray(), 'side' => $this->side->value, 'message' => $this->message === null ? null : (string) $this->message];
    }

    private static function words(Protection $protection, Instrument $instrument): string
    {
        $rules = $protection->rules;
        $quantities = $protection->quantities($instrument);
        $targets = array_map(static fn (TargetState $target): string => "target {$target->number} at {$target->price} ({$rules->targets[$target->number - 1]->at}) for ".($quantities[$target->number] ?? 'nothing that an order could be'), $protection->targets);

        return implode('; ', array_filter([
            $protection->stop === null ? '' : "stop at {$protection->stop} ({$rules->stop})",
            implode(', ', $targets),
            $rules->trail === null ? '' : "then {$rules->trail}",
            $rules->breakEven === null ? '' : "break-even {$rules->breakEven}",
            $rules->floor === null ? '' : "floor: {$rules->floor}",
            $protection->exitAt === null ? '' : "out at {$protection->exitAt->format('D d M H:i:s T')}",
        ], static fn (string $part): bool => $part !== ''));
    }
}
