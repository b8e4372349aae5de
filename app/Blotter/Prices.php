<?php

namespace App\Blotter;

use App\Models\Instrument;
use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;

/** Writes prices with as many digits as the instrument's tick has, so that they stand below each other. */
final class Prices
{
    /** More digits than the tick has, for averages. */
    private const FOR_AVERAGES = 2;

    /** @var array<string, array<string, int>> By venue and instrument; read once for each venue. */
    private array $scales = [];

    public function price(string $venue, string $instrument, ?BigDecimal $price): ?string
    {
        return $price === null ? null : (string) $price->toScale($this->scale($venue, $instrument), RoundingMode::HALF_EVEN);
    }

    public function average(string $venue, string $instrument, ?BigDecimal $price): ?string
    {
        return $price === null ? null : (string) $price->toScale($this->scale($venue, $instrument) + self::FOR_AVERAGES, RoundingMode::HALF_EVEN);
    }

    private function scale(string $venue, string $instrument): int
    {
        $this->scales[$venue] ??= Instrument::query()->where('venue', $venue)->get()
            ->mapWithKeys(static fn (Instrument $row): array => [$row->name => max(0, $row->value()->tick->getScale())])->all();

        return $this->scales[$venue][$instrument] ?? 8;
    }
}
