<?php

declare(strict_types=1);

namespace Wexon\Core\Guard;

use Brick\Math\BigDecimal;
use DateTimeImmutable;

/**
 * What happened before on an account, of one route or of all: only what its limits ask for is filled in.
 *
 * @phpstan-type FactsArray array{entries_today?: int, label_used?: bool, positions?: int, has_place?: bool, last_exit?: string|null, last_loss?: string|null, losses?: int, day_profit?: string|null, peak?: string|null, same_at?: string|null, last_minute?: int, skew?: int}
 */
final readonly class Facts
{
    private const TIME = 'Y-m-d\TH:i:s.up';

    private function __construct(
        public int $entriesToday,
        /** Whether an entry with this label was taken since the route was armed. */
        public bool $labelUsed,
        /** Instruments that are held or being entered. */
        public int $positions,
        /** Whether this instrument is one of them. */
        public bool $hasPlace,
        public ?DateTimeImmutable $lastExit,
        public ?DateTimeImmutable $lastLoss,
        /** Losing trades since the last one that won. */
        public int $losses,
        /** Of today, realised and open, in the account's currency. */
        public ?BigDecimal $dayProfit,
        /** The most money that the account had. */
        public ?BigDecimal $peak,
        /** When the same signal was last taken. */
        public ?DateTimeImmutable $sameAt,
        /** Signals of the last sixty seconds, this one included. */
        public int $lastMinute,
        /** Milliseconds by which the sender's clock is behind ours, with the shortest way of a message; negative when it is ahead. */
        public int $skew,
    ) {}

    /** @param  FactsArray  $facts */
    public static function of(array $facts): self
    {
        $moment = static fn (?string $at): ?DateTimeImmutable => $at === null ? null : new DateTimeImmutable($at);
        $decimal = static fn (?string $number): ?BigDecimal => $number === null ? null : BigDecimal::of($number);

        return new self(
            $facts['entries_today'] ?? 0,
            $facts['label_used'] ?? false,
            $facts['positions'] ?? 0,
            $facts['has_place'] ?? false,
            $moment($facts['last_exit'] ?? null),
            $moment($facts['last_loss'] ?? null),
            $facts['losses'] ?? 0,
            $decimal($facts['day_profit'] ?? null),
            $decimal($facts['peak'] ?? null),
            $moment($facts['same_at'] ?? null),
            $facts['last_minute'] ?? 0,
            $facts['skew'] ?? 0,
        );
    }

    public static function none(): self
    {
        return self::of([]);
    }

    /** @return FactsArray */
    public function toArray(): array
    {
        return array_filter([
            'entries_today' => $this->entriesToday,
            'label_used' => $this->labelUsed,
            'positions' => $this->positions,
            'has_place' => $this->hasPlace,
            'last_exit' => $this->lastExit?->format(self::TIME),
            'last_loss' => $this->lastLoss?->format(self::TIME),
            'losses' => $this->losses,
            'day_profit' => $this->dayProfit === null ? null : (string) $this->dayProfit,
            'peak' => $this->peak === null ? null : (string) $this->peak,
            'same_at' => $this->sameAt?->format(self::TIME),
            'last_minute' => $this->lastMinute,
            'skew' => $this->skew,
        ], static fn (mixed $value): bool => ! in_array($value, [null, false, 0], true));
    }
}
