<?php

namespace App\Blotter;

use App\Models\Instrument;
use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use Wexon\Core\Instrument\Instrument as InstrumentValue;

/** Writes prices with as many digits as the instrument's tick has, so that they stand below each other. */
final class Prices
{
    /** More digits than the tick has, for averages. */
    private const FOR_AVERAGES = 2;

    /** @var array<string, array<string, InstrumentValue>> By venue and name; read once for each venue. */
    private array $instruments = [];

    public function price(string $venue, string $instrument, ?BigDecimal $price): ?string
    {
        return $price === null ? null : (string) $price->toScale($this->scale($venue, $instrument), RoundingMode::HALF_EVEN);
    }

    public function average(string $venue, string $instrument, ?BigDecimal $price): ?string
    {
        return $price === null ? null : (string) $price->toScale($this->scale($venue, $instrument) + self::FOR_AVERAGES, RoundingMode::HALF_EVEN);
    }

    /** The currency that prices and fees are in. */
    public function currency(string $venue, string $instrument): string
    {
        return $this->instrument($venue, $instrument)->currency ?? '';
    }

    private function scale(string $venue, string $instrument): int
    {
        return max(0, $this->instrument($venue, $instrument)?->tick->getScale() ?? 8);
    }

    private function instrument(string $venue, string $instrument): ?InstrumentValue
    {
        $this->instruments[$venue] ??= Instrument::query()->where('venue', $venue)->get()->mapWithKeys(static fn (Instrument $row): array => [$row->name => $row->value()])->all();

        return $this->instruments[$venue][$instrument] ?? null;
    }
}
