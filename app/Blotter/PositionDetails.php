<?php

namespace App\Blotter;

use App\Http\Resources\Moment;
use App\Models\Fill;
use App\Models\Instrument;
use App\Models\Order;
use App\Models\Position;
use App\Models\Protection;
use App\Models\Trade;
use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Wexon\Core\Instrument\Instrument as InstrumentValue;
use Wexon\Core\Protection\Protection as ProtectionValue;
use Wexon\Core\Protection\TargetState;
use Wexon\Core\Signal\Side;

/** A position as its own page shows it. */
final readonly class PositionDetails
{
    private const MOST_FILLS = 200;

    private const MOST_MOVES = 500;

    public function __construct(private ValuePositions $value) {}

    /** @return array<string, mixed> */
    public function of(Position $position): array
    {
        $instrument = Instrument::listed($position->account->venue, $position->instrument);
        $row = Protection::query()->where('account_id', $position->account_id)->where('instrument', $position->instrument)->where('is_open', true)->first();
        $trade = Trade::query()->where('account_id', $position->account_id)->where('instrument', $position->instrument)->with('route')->orderByDesc('id')->first();

        return [
            'position' => $position->quantity->isZero() ? null : $this->value->one($position),
            'account' => ['id' => $position->account->id, 'name' => $position->account->name, 'environment' => $position->account->environment],
            'instrument' => $position->instrument,
            'unit' => $instrument->kind->unit(),
            'tick' => (string) $instrument->tick,
            'lot_step' => (string) $instrument->lotStep,
            'route' => $trade?->route === null ? null : ['id' => $trade->route->id, 'name' => $trade->route->name],
            'protection' => $row === null ? null : $this->protection($row, $instrument),
            'risk' => $trade?->risk === null ? null : (string) $trade->risk->toScale(2, RoundingMode::HALF_UP),
            'slippage' => $trade === null ? null : $this->slippage($trade),
            'fills' => $trade === null ? [] : $this->fills($trade),
        ];
    }

    /** @return array<string, mixed> */
    private function protection(Protection $row, InstrumentValue $instrument): array
    {
        $state = $row->value();
        $quantities = $state->quantities($instrument);
        $whole = BigDecimal::max($state->quantity, $instrument->lotStep);

        return [
            'stop' => $state->stop === null ? null : (string) $state->stop,
            'why' => $state->why->value,
            'stop_at_venue' => $row->held['stop'] === null ? null : (string) BigDecimal::of($row->held['stop'])->toScale(max(0, $instrument->tick->getScale()), RoundingMode::HALF_UP),
            'keeping' => $state->rules->keeping->value,
            'rules' => (string) $state->rules,
            'money_at_risk' => $this->moneyAtRisk($state, $instrument),
            'exit_at' => $state->exitAt === null ? null : Moment::of(CarbonImmutable::instance($state->exitAt)),
            'closing' => $state->closing,
            'targets' => array_map(static fn (TargetState $target): array => [
                'number' => $target->number,
                'price' => (string) $target->price,
                'quantity' => (string) ($quantities[$target->number] ?? BigDecimal::zero())->stripTrailingZeros(),
                'share' => (string) ($quantities[$target->number] ?? BigDecimal::zero())->multipliedBy(100)->dividedBy($whole, 2, RoundingMode::HALF_UP)->stripTrailingZeros(),
                'at_venue' => in_array($target->number, $row->held['targets'], true),
            ], $state->targets),
            'moves' => DB::table('protection_moves')->where('protection_id', $row->id)->orderByDesc('id')->limit(self::MOST_MOVES)->get()->reverse()->values()
                ->map(static fn ($move): array => ['at' => str_replace(' ', 'T', $move->at).'Z', 'stop' => (string) BigDecimal::of($move->stop)->stripTrailingZeros(), 'why' => $move->why])->all(),
        ];
    }

    /** What is lost from here if the stop is hit, against break-even; below zero is profit that is safe. */
    private function moneyAtRisk(ProtectionValue $state, InstrumentValue $instrument): ?string
    {
        if ($state->stop === null) {
            return null;
        }
        $distance = $state->side === Side::Long ? $state->breakEven->minus($state->stop) : $state->stop->minus($state->breakEven);

        return (string) $instrument->notional($state->quantity, $distance->abs())->multipliedBy($distance->getSign())->toScale(2, RoundingMode::HALF_UP);
    }

    /** Percent that the entry was worse than the price in the message; null when there was none. */
    private function slippage(Trade $trade): ?string
    {
        $entry = Order::query()->where('account_id', $trade->account_id)->where('instrument', $trade->instrument)->where('reduce_only', false)->whereHas('fills', static fn ($fills) => $fills->where('trade_id', $trade->id))->with('decision')->orderBy('id')->first();
        $price = $entry?->decision->inputs['signal']['price'] ?? null;
        if ($entry?->average === null || ! is_string($price)) {
            return null;
        }

        return (string) $entry->average->minus($price)->multipliedBy(100 * $entry->side->sign())->dividedBy($price, 3, RoundingMode::HALF_UP);
    }

    /** @return list<array<string, mixed>> */
    private function fills(Trade $trade): array
    {
        return array_values(Fill::query()->where('trade_id', $trade->id)->with('order')->orderBy('id')->limit(self::MOST_FILLS)->get()->map(static fn (Fill $fill): array => [
            'at' => Moment::of($fill->filled_at),
            'side' => $fill->side->value,
            'quantity' => (string) $fill->quantity->stripTrailingZeros(),
            'price' => (string) $fill->price->stripTrailingZeros(),
            'fee' => (string) $fill->fee->stripTrailingZeros(),
            'role' => $fill->order->role->value,
            'reason' => $fill->order->reason,
        ])->all());
    }
}
