<?php

namespace App\Protect;

use App\Models\Decision;
use App\Models\Instrument;
use App\Models\Order;
use App\Models\OrderState;
use App\Models\Protection as ProtectionRow;
use App\Models\Trade;
use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use Carbon\CarbonImmutable;
use DateTimeImmutable;
use Illuminate\Support\Facades\DB;
use Wexon\Core\Instrument\Instrument as InstrumentValue;
use Wexon\Core\Order\OrderRefusal;
use Wexon\Core\Order\OrderRole;
use Wexon\Core\Position\Position;
use Wexon\Core\Protection\Event\Asked;
use Wexon\Core\Protection\Event\Event;
use Wexon\Core\Protection\Event\PositionChanged;
use Wexon\Core\Protection\Levels;
use Wexon\Core\Protection\Outcome;
use Wexon\Core\Protection\Protection as ProtectionValue;
use Wexon\Core\Protection\ProtectionRules;
use Wexon\Core\Protection\StopReason;
use Wexon\Core\Signal\Side;
use Wexon\Core\Signal\Signal;

/** The protections on disk: begun with the first fill, changed by every event, closed with the last. */
final class Protections
{
    private const SCALE = 18;

    /** In the transaction that books the fills of an order. */
    public function changed(Order $order, Position $before, Position $after, CarbonImmutable $at, InstrumentValue $instrument): void
    {
        $row = $this->open($order->account_id, $order->instrument);
        if ($row !== null && $after->side() !== $row->value()->side) {
            $this->close($row, $order->reason ?? $order->role->value, $at);
            $row = null;
        }
        if ($after->isFlat()) {
            return;
        }
        $row ??= $this->begun($order, $at);
        if ($row !== null) {
            $protection = $this->apply($row, $instrument, $this->changedTo($after, $instrument, $at, $order->target))->protection;
            $this->keepRisk($row, $protection, $instrument);
        }
    }

    /** A position that was changed at the venue, not by an order of ours: its protection follows, and ends with it. */
    public function adopted(int $accountId, Position $after, InstrumentValue $instrument): void
    {
        $row = $this->open($accountId, $instrument->name);
        if ($row === null) {
            return;
        }
        $after->side() === $row->value()->side ? $this->apply($row, $instrument, $this->changedTo($after, $instrument, now()->toDateTimeImmutable())) : $this->close($row, 'at the venue', CarbonImmutable::now());
    }

    /**
     * What a signal, or somebody by hand, asks of an open position's protection; begun now if it had none.
     *
     * @throws OrderRefusal If it means nothing here.
     */
    public function asked(Decision $decision, Signal $signal, Position $position, InstrumentValue $instrument, StopReason $why = StopReason::Stop): ?ProtectionRow
    {
        return $position->isFlat() ? null : $this->byHand($decision, $position, $instrument, new Asked($signal, $why));
    }

    /**
     * Any event that is asked for, on an open position; its protection is begun now if it had none.
     *
     * @throws OrderRefusal If it means nothing here.
     */
    public function byHand(Decision $decision, Position $position, InstrumentValue $instrument, Event $event): ProtectionRow
    {
        $row = $this->open($decision->account_id, $decision->instrument) ?? $this->begunAnew($decision, $position->side() ?? Side::Long, $position, $instrument);
        $this->apply($row, $instrument, $event);

        return $row;
    }

    /** What an event makes of a protection, kept on disk. The row is locked by whoever calls. */
    public function apply(ProtectionRow $row, InstrumentValue $instrument, Event $event): Outcome
    {
        $before = $row->value();
        $outcome = $event->applyTo($before, $instrument);
        $this->keep($row, $before, $outcome->protection);

        return $outcome;
    }

    public function keep(ProtectionRow $row, ProtectionValue $before, ProtectionValue $after): void
    {
        if ($after->stop !== null && $before->stop?->isEqualTo($after->stop) !== true) {
            DB::table('protection_moves')->insert(['protection_id' => $row->id, 'stop' => (string) $after->stop, 'why' => $after->why->value, 'at' => now()->format('Y-m-d H:i:s.u')]);
        }
        $row->fill(['state' => $after->toArray(), 'is_due' => true, 'changed_at' => now()])->save();
    }

    /** What of it is working at the venue now, after one of its orders changed there. */
    public function seeHeld(int $id): void
    {
        $working = Order::query()->where('protection_id', $id)->where('state', OrderState::Working)->whereIn('role', [OrderRole::Stop, OrderRole::Target])->orderBy('id')->get();
        $stop = $working->last(static fn (Order $order): bool => $order->role === OrderRole::Stop);
        ProtectionRow::query()->whereKey($id)->update([
            'held' => json_encode([
                'stop' => $stop?->trigger_price === null ? null : (string) $stop->trigger_price,
                'follows' => $stop?->follows_by !== null,
                'targets' => array_values(array_filter($working->where('role', OrderRole::Target)->pluck('target')->all())),
            ], JSON_THROW_ON_ERROR),
            'changed_at' => now()->format('Y-m-d H:i:s.u'),
            'is_due' => true,
        ]);
    }

    /** The venue has moved a stop after the market: perhaps while nobody looked here. */
    public function venueMoved(Order $order, BigDecimal $trigger): void
    {
        DB::transaction(function () use ($order, $trigger): void {
            $order->update(['trigger_price' => $trigger]);
            $row = $this->open($order->account_id, $order->instrument);
            if ($row === null || $row->id !== $order->protection_id) {
                return;
            }
            $this->seeHeld($row->id);
            $before = $row->refresh()->value();
            $after = $before->tightened(Levels::of($before->side, Instrument::listed($order->account->venue, $order->instrument)), $trigger, StopReason::Trail);
            $after === $before || $this->keep($row, $before, $after);
        });
    }

    public function open(int $accountId, string $instrument): ?ProtectionRow
    {
        return ProtectionRow::query()->where('account_id', $accountId)->where('instrument', $instrument)->where('is_open', true)->lockForUpdate()->first();
    }

    /** What the first stop would lose, for the trade's multiple. */
    private function keepRisk(ProtectionRow $row, ProtectionValue $protection, InstrumentValue $instrument): void
    {
        if ($protection->risk !== null) {
            Trade::query()->where('account_id', $row->account_id)->where('instrument', $row->instrument)->whereNull('closed_at')->whereNull('risk')
                ->update(['risk' => (string) $instrument->notional($protection->quantity, $protection->risk)->toScale(self::SCALE, RoundingMode::HALF_EVEN)]);
        }
    }

    private function close(ProtectionRow $row, string $reason, CarbonImmutable $at): void
    {
        $before = $row->value();
        $row->fill(['state' => $before->with(['quantity' => BigDecimal::zero()])->toArray(), 'is_open' => null, 'is_due' => true, 'reason' => Order::shortReason($before->closing ?? $reason), 'closed_at' => $at, 'changed_at' => now()])->save();
    }

    private function begunAnew(Decision $decision, Side $side, Position $position, InstrumentValue $instrument): ProtectionRow
    {
        $planned = ProtectionValue::planned(ProtectionRules::none(), $side, null, now()->toDateTimeImmutable());
        $row = $this->row($decision, $decision->route_id, $planned, CarbonImmutable::now());
        $this->apply($row, $instrument, $this->changedTo($position, $instrument, now()->toDateTimeImmutable()));

        return $row;
    }

    private function changedTo(Position $position, InstrumentValue $instrument, DateTimeImmutable $at, ?int $target = null): PositionChanged
    {
        return new PositionChanged($position->quantity->abs(), $position->average() ?? BigDecimal::zero(), $position->breakEven($instrument->takerFee) ?? BigDecimal::zero(), $at, $target);
    }

    /** By what the decision foresaw; null when it foresaw nothing. */
    private function begun(Order $order, CarbonImmutable $at): ?ProtectionRow
    {
        $decision = Decision::query()->find($order->decision_id);
        $foreseen = $decision?->trace['protection'] ?? null;
        if ($decision === null || $foreseen === null || $order->reduce_only) {
            return null;
        }
        $planned = ProtectionValue::planned(ProtectionRules::of($foreseen['rules']), Side::from($foreseen['side']), $foreseen['message'] === null ? null : BigDecimal::of($foreseen['message']), $at);

        return $this->row($decision, $order->route_id, $planned, $at);
    }

    private function row(Decision $decision, ?int $routeId, ProtectionValue $planned, CarbonImmutable $at): ProtectionRow
    {
        $row = (new ProtectionRow)->fill([
            'desk_id' => $decision->desk_id,
            'account_id' => $decision->account_id,
            'route_id' => $routeId,
            'decision_id' => $decision->id,
            'instrument' => $decision->instrument,
            'state' => $planned->toArray(),
            'held' => ['stop' => null, 'follows' => false, 'targets' => []],
            'is_open' => true,
            'opened_at' => $at,
            'changed_at' => now(),
        ]);
        // The moves of its stop refer to it.
        $row->save();

        return $row;
    }
}
