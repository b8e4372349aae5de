<?php

declare(strict_types=1);

namespace Wexon\Core\Guard;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use DateTimeImmutable;
use DateTimeInterface;
use DateTimeZone;
use Exception;
use InvalidArgumentException;
use Wexon\Core\Route\AllowedSides;
use Wexon\Core\Time\Zone;

/**
 * What a route, or an account for all of its routes, sets its guards to; what is null is not looked at.
 *
 * @phpstan-import-type WindowSpec from Window
 *
 * @phpstan-type LimitsSpec array{zone?: string, instruments?: list<string>, sides?: string|null, window?: WindowSpec|null, not_before?: string|null, entries_per_day?: int|null, once_per_label?: bool, positions?: int|null, queue_for?: int|null, rest_after_exit?: int|null, rest_after_loss?: int|null, losses_in_row?: array{count: int, rest: int}|null, least_balance?: string|null, day_loss?: array{money: string, then?: string}|null, fall?: array{percent: string, then?: string}|null, price_away?: string|null, oldest?: int|null, same_again?: int|null, per_minute?: int|null, spread?: string|null, largest_leverage?: string|null, liquidation?: bool}
 */
final readonly class Limits
{
    /** @param  list<string>  $instruments  Empty: all. */
    private function __construct(
        /** Whose days are counted. */
        public DateTimeZone $zone,
        public array $instruments,
        public ?AllowedSides $sides,
        public ?Window $window,
        public ?DateTimeImmutable $notBefore,
        public ?int $entriesPerDay,
        public bool $oncePerLabel,
        /** Open at once, at most. */
        public ?int $positions,
        /** Seconds for which an entry waits for a place; null: it is refused. */
        public ?int $queueFor,
        /** Seconds. */
        public ?int $restAfterExit,
        public ?int $restAfterLoss,
        public ?int $lossesInRow,
        public int $restAfterLosses,
        /** All money of the account, in its currency. */
        public ?BigDecimal $leastBalance,
        /** In the account's currency, above zero. */
        public ?BigDecimal $dayLoss,
        public AtLimit $atDayLoss,
        /** Percent of the most money that the account had. */
        public ?BigDecimal $fall,
        public AtLimit $atFall,
        /** Percent between the message's price and the market, either way. */
        public ?BigDecimal $priceAway,
        /** Seconds since the alert fired, by its own time. */
        public ?int $oldest,
        /** Seconds for which the same signal is not taken again. */
        public ?int $sameAgain,
        public ?int $perMinute,
        /** Percent of the price. */
        public ?BigDecimal $spread,
        public ?BigDecimal $largestLeverage,
        /** Whether an entry is refused whose stop lies beyond the liquidation price. */
        public bool $liquidation,
    ) {}

    /**
     * @param  LimitsSpec  $spec
     *
     * @throws InvalidArgumentException If a number, a time or a zone will not do.
     */
    public static function of(array $spec): self
    {
        $zone = Zone::of($spec['zone'] ?? 'UTC');
        if (isset($spec['queue_for']) && ! isset($spec['positions'])) {
            throw new InvalidArgumentException('An entry can only wait for a place where the number of open positions is limited.');
        }
        $decimal = static fn (string $field): ?BigDecimal => isset($spec[$field]) && is_string($spec[$field]) ? self::positive($spec[$field], $field) : null;

        return new self(
            $zone,
            $spec['instruments'] ?? [],
            isset($spec['sides']) ? AllowedSides::from($spec['sides']) : null,
            isset($spec['window']) ? Window::of($spec['window']) : null,
            isset($spec['not_before']) ? self::moment($spec['not_before']) : null,
            $spec['entries_per_day'] ?? null,
            $spec['once_per_label'] ?? false,
            $spec['positions'] ?? null,
            $spec['queue_for'] ?? null,
            $spec['rest_after_exit'] ?? null,
            $spec['rest_after_loss'] ?? null,
            $spec['losses_in_row']['count'] ?? null,
            $spec['losses_in_row']['rest'] ?? 0,
            $decimal('least_balance'),
            isset($spec['day_loss']) ? self::positive($spec['day_loss']['money'], 'day_loss') : null,
            AtLimit::from($spec['day_loss']['then'] ?? AtLimit::Refuse->value),
            isset($spec['fall']) ? self::positive($spec['fall']['percent'], 'fall') : null,
            AtLimit::from($spec['fall']['then'] ?? AtLimit::Refuse->value),
            $decimal('price_away'),
            $spec['oldest'] ?? null,
            $spec['same_again'] ?? null,
            $spec['per_minute'] ?? null,
            $decimal('spread'),
            $decimal('largest_leverage'),
            $spec['liquidation'] ?? false,
        );
    }

    public static function none(): self
    {
        return self::of([]);
    }

    /** Whether signals have to be decided one after the other on an account, so that a count is not passed side by side. */
    public function counts(): bool
    {
        return $this->positions !== null || $this->entriesPerDay !== null || $this->oncePerLabel || $this->sameAgain !== null || $this->perMinute !== null;
    }

    /** Whether a day's profit, realised and open, is a loss that has reached the limit. */
    public function hasLost(BigDecimal $dayProfit): bool
    {
        return $this->dayLoss !== null && $dayProfit->negated()->isGreaterThanOrEqualTo($this->dayLoss);
    }

    /** How far the money is below its peak, in percent, when that has reached the limit; null when it has not. */
    public function fallen(?BigDecimal $peak, BigDecimal $equity): ?BigDecimal
    {
        if ($this->fall === null || $peak === null || ! $peak->isPositive()) {
            return null;
        }
        $fallen = $peak->minus($equity)->multipliedBy(100)->dividedBy($peak, 4, RoundingMode::HALF_UP);

        return $fallen->isLessThan($this->fall) ? null : $fallen;
    }

    /** @return LimitsSpec */
    public function toArray(): array
    {
        return array_filter([
            'zone' => $this->zone->getName() === 'UTC' ? null : $this->zone->getName(),
            'instruments' => $this->instruments === [] ? null : $this->instruments,
            'sides' => $this->sides?->value,
            'window' => $this->window?->toArray(),
            'not_before' => $this->notBefore?->format(DateTimeInterface::ATOM),
            'entries_per_day' => $this->entriesPerDay,
            'once_per_label' => $this->oncePerLabel ? true : null,
            'positions' => $this->positions,
            'queue_for' => $this->queueFor,
            'rest_after_exit' => $this->restAfterExit,
            'rest_after_loss' => $this->restAfterLoss,
            'losses_in_row' => $this->lossesInRow === null ? null : ['count' => $this->lossesInRow, 'rest' => $this->restAfterLosses],
            'least_balance' => self::text($this->leastBalance),
            'day_loss' => $this->dayLoss === null ? null : ['money' => (string) $this->dayLoss, 'then' => $this->atDayLoss->value],
            'fall' => $this->fall === null ? null : ['percent' => (string) $this->fall, 'then' => $this->atFall->value],
            'price_away' => self::text($this->priceAway),
            'oldest' => $this->oldest,
            'same_again' => $this->sameAgain,
            'per_minute' => $this->perMinute,
            'spread' => self::text($this->spread),
            'largest_leverage' => self::text($this->largestLeverage),
            'liquidation' => $this->liquidation ? true : null,
        ], static fn (mixed $value): bool => $value !== null);
    }

    private static function positive(string $given, string $field): BigDecimal
    {
        $number = BigDecimal::of($given);

        return $number->isPositive() ? $number : throw new InvalidArgumentException("The guard “{$field}” needs a number above zero; found {$given}.");
    }

    private static function moment(string $given): DateTimeImmutable
    {
        try {
            return new DateTimeImmutable($given);
        } catch (Exception) {
            throw new InvalidArgumentException("A start time is written as 2026-03-02T09:00:00Z; found {$given}.");
        }
    }

    private static function text(?BigDecimal $number): ?string
    {
        return $number === null ? null : (string) $number;
    }
}
