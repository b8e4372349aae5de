<?php

namespace App\Blotter;

use App\Http\Resources\Moment;
use App\Models\Instrument;
use App\Models\Position;
use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use LogicException;
use Wexon\Core\Market\Quote;

/** Open positions with what they are worth at the last known prices. */
final class ValuePositions
{
    private const MOST = 500;

    /** @return list<array<string, mixed>> */
    public function ofDesk(int $deskId): array
    {
        $positions = Position::query()->where('desk_id', $deskId)->where('quantity', '!=', 0)->with('account')->orderByDesc('opened_at')->limit(self::MOST)->get();
        $instruments = Instrument::query()->whereIn('name', $positions->pluck('instrument'))->get()->keyBy(static fn (Instrument $row): string => "{$row->venue}:{$row->name}");
        $quotes = LastQuotes::all();

        return array_values($positions->map(fn (Position $position): array => $this->valued(
            $position,
            $instruments->get($key = "{$position->account->venue}:{$position->instrument}") ?? throw new LogicException("{$key} is held but not listed."),
            $quotes[$key] ?? null,
        ))->all());
    }

    /** @return array<string, mixed> */
    public function one(Position $position): array
    {
        $instrument = Instrument::query()->where('venue', $position->account->venue)->where('name', $position->instrument)->firstOrFail();

        return $this->valued($position, $instrument, LastQuotes::all()["{$position->account->venue}:{$position->instrument}"] ?? null);
    }

    /** @return array<string, mixed> */
    private function valued(Position $row, Instrument $instrument, ?Quote $quote): array
    {
        $value = $instrument->value();
        $position = $row->value($value->multiplier);
        $mark = $quote?->markFor($position->quantity);
        $profit = $mark === null ? null : $position->unrealised($mark)->minus($position->openFees);
        $digits = max(0, $value->tick->getScale()) + 2;

        return [
            'id' => $row->id,
            'account' => ['id' => $row->account->id, 'name' => $row->account->name, 'environment' => $row->account->environment],
            'instrument' => $row->instrument,
            'side' => $position->side()?->value,
            'quantity' => (string) $position->quantity->abs(),
            'average' => $this->shown($position->average(), $digits),
            'break_even' => $this->shown($position->breakEven($value->takerFee), $digits),
            'mark' => $mark === null ? null : (string) $mark,
            'profit' => $this->shown($profit, 2),
            'profit_percent' => $profit === null ? null : (string) $profit->multipliedBy(100)->dividedBy($position->cost->abs(), 2, RoundingMode::HALF_EVEN),
            'value' => $mark === null ? null : $this->shown($value->notional($position->quantity, $mark), 2),
            'fees' => $this->shown($position->openFees, 2),
            'currency' => $value->currency,
            'opened_at' => Moment::of($row->opened_at),
        ];
    }

    private function shown(?BigDecimal $number, int $digits): ?string
    {
        return $number === null ? null : (string) $number->toScale($digits, RoundingMode::HALF_EVEN);
    }
}
