<?php

namespace App\Protect;

use App\Connector\Connector;
use App\Connector\Connectors;
use App\Connector\VenueTrouble;
use App\Dispatch\NamedLock;
use App\Models\Instrument;
use App\Models\Protection;
use DateTimeImmutable;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Log;
use Wexon\Core\Instrument\Instrument as InstrumentValue;
use Wexon\Core\Market\Quote;
use Wexon\Core\Protection\Event\PriceSeen;
use Wexon\Core\Protection\Protection as ProtectionValue;
use Wexon\Core\Protection\StopReason;

/**
 * Looks after the open positions of the accounts that are this process's: feeds prices and the clock to their protections
 * and carries out what comes of it. All it knows is on disk, so that another process can go on at any moment.
 */
final class WatchPositions
{
    /** Seconds. */
    private const READ_EVERY = 0.2;

    /** A price that is older says nothing about now. */
    private const OLDEST_QUOTE = 10;

    /** Seconds before something is tried again that a venue refused or did not answer. */
    private const RESTS = 2.0;

    /** Seconds before a stop that follows is written down, and moved at the venue, again. */
    private const MOVES_EVERY = 1.0;

    /** @var array<int, array{Protection, ProtectionValue, InstrumentValue}> By id, those that are open or due. */
    private array $rows = [];

    /** @var array<string, InstrumentValue> */
    private array $instruments = [];

    /** @var array<string, Quote> By "venue:instrument". */
    private array $last = [];

    /** @var array<int, true> By id: those that have seen a price since they were read. */
    private array $settled = [];

    /** @var array<int, float> */
    private array $restsUntil = [];

    /** @var array<int, float> */
    private array $movedAt = [];

    /** @var array<string, array{Connector, list<string>}>|null By venue: whom to ask about what; null when it may have changed. */
    private ?array $wanted = null;

    private float $readAt = 0.0;

    public function __construct(
        private readonly Connectors $connectors,
        private readonly CloseNow $close,
        private readonly HoldAtVenue $hold,
        private readonly Protections $protections,
    ) {}

    /**
     * @param  list<int>  $accounts
     * @return array<string, array{Connector, list<string>}> By venue: whom to ask about what.
     */
    public function wanted(array $accounts): array
    {
        $this->read($accounts);

        return $this->wanted ??= $this->asks();
    }

    /** @param  array<string, Quote>  $fresh  By "venue:instrument". */
    public function look(array $fresh): void
    {
        $this->last = $fresh + $this->last;
        $now = now()->toDateTimeImmutable();
        foreach ($this->rows as $id => [$row]) {
            $key = "{$row->account->venue}:{$row->instrument}";
            if (isset($fresh[$key]) || $this->isTimeUp($id)) {
                $this->seen($id, $fresh[$key] ?? $this->last[$key] ?? null, $now);
            }
        }
        foreach ($this->rows as $id => [$row]) {
            if ($row->is_due && microtime(true) > ($this->restsUntil[$id] ?? 0)) {
                $this->held($id);
            }
        }
    }

    /**
     * What has changed on disk since: by workers that booked fills, by hand, by this process itself.
     *
     * @param  list<int>  $accounts
     */
    private function read(array $accounts): void
    {
        if (microtime(true) < $this->readAt + self::READ_EVERY) {
            return;
        }
        $this->readAt = microtime(true);
        $rows = Protection::query()->whereIn('account_id', $accounts)->where(static fn ($query) => $query->where('is_open', true)->orWhere('is_due', true))->toBase()->get(['id', 'changed_at', 'is_due'])->keyBy('id');
        $gone = array_diff_key($this->rows, $rows->all());
        $this->rows = array_intersect_key($this->rows, $rows->all());
        $changed = $rows->filter(fn ($row): bool => ! isset($this->rows[$row->id]) || $this->rows[$row->id][0]->changed_at->format('Y-m-d H:i:s.u') !== $row->changed_at || $this->rows[$row->id][0]->is_due !== (bool) $row->is_due);
        foreach ($changed->isEmpty() ? [] : Protection::query()->whereKey($changed->keys()->all())->with('account')->get() as $row) {
            $this->rows[$row->id] = [$row, $row->value(), $this->instrument($row)];
            unset($this->settled[$row->id]);
        }
        $this->wanted = $gone === [] && $changed->isEmpty() ? $this->wanted : null;
    }

    /** @return array<string, array{Connector, list<string>}> */
    private function asks(): array
    {
        $wanted = [];
        foreach ($this->rows as [$row]) {
            if ($row->is_open === true) {
                $wanted[$row->account->venue] ??= [$this->connectors->for($row->account), []];
                $wanted[$row->account->venue][1][$row->instrument] = $row->instrument;
            }
        }

        return array_map(static function (array $of): array {
            ksort($of[1]);

            return [$of[0], array_values($of[1])];
        }, $wanted);
    }

    private function isTimeUp(int $id): bool
    {
        return $this->rows[$id][1]->exitAt !== null && now() >= $this->rows[$id][1]->exitAt;
    }

    private function seen(int $id, ?Quote $quote, DateTimeImmutable $now): void
    {
        [$row, $value, $instrument] = $this->rows[$id];
        $isOld = $quote === null || abs($now->getTimestamp() - $quote->at->getTimestamp()) > self::OLDEST_QUOTE;
        if ($row->is_open !== true || microtime(true) < ($this->restsUntil[$id] ?? 0) || $quote === null || ($isOld && ! $this->isTimeUp($id))) {
            return;
        }
        if (isset($this->settled[$id]) && (new PriceSeen($quote, $now))->leaves($value)) {
            return;
        }
        $event = new PriceSeen($quote, $now, $this->holdsStop($row, $value), $row->held['targets']);
        $outcome = $event->applyTo($value, $instrument);
        $this->rows[$id][1] = $outcome->protection;
        $this->settled[$id] = true;
        if ($outcome->closings !== []) {
            $this->closed($id, $event);
        } elseif ($this->hasMoved($value, $outcome->protection) && microtime(true) > ($this->movedAt[$id] ?? 0) + self::MOVES_EVERY) {
            $this->movedAt[$id] = microtime(true);
            $this->moved($id, $event);
        }
    }

    /** A stop that has moved on since the venue was told of it is watched here, unless the venue moves it as well. */
    private function holdsStop(Protection $row, ProtectionValue $value): bool
    {
        return $row->held['stop'] !== null && ($value->stop?->isEqualTo($row->held['stop']) === true || (($row->held['follows'] ?? false) && $value->why === StopReason::Trail));
    }

    private function hasMoved(ProtectionValue $before, ProtectionValue $after): bool
    {
        return $after->stop !== null && $before->stop?->isEqualTo($after->stop) !== true;
    }

    private function closed(int $id, PriceSeen $event): void
    {
        [$row, , $instrument] = $this->rows[$id];
        $ran = NamedLock::run($row->lane(), function () use ($id, $instrument, $event): void {
            if (! $this->close->after($id, $instrument, $event)) {
                $this->restsUntil[$id] = microtime(true) + self::RESTS;
            }
        });
        // Somebody else is at this position now: what is on disk counts, and the next price tries again.
        $this->readAt = $ran ? 0.0 : $this->readAt;
        $this->rows[$id][1] = $row->value();
        unset($this->settled[$id]);
    }

    /** The stop has followed: it is kept, with the best price that it follows. */
    private function moved(int $id, PriceSeen $event): void
    {
        $instrument = $this->rows[$id][2];
        DB::transaction(function () use ($id, $instrument, $event): void {
            $row = Protection::query()->whereKey($id)->where('is_open', true)->lockForUpdate()->first();
            $before = $row?->value();
            if ($row !== null && $before !== null) {
                $after = $event->applyTo($before->with(['best' => $this->rows[$id][1]->best]), $instrument);
                $after->closings === [] && $this->protections->keep($row, $before, $after->protection);
            }
        });
    }

    /** By a copy of its own: what was read is only ever replaced as a whole, row and value together, by reading again. */
    private function held(int $id): void
    {
        try {
            NamedLock::run($this->rows[$id][0]->lane(), fn () => $this->hold->hold(Protection::query()->with('account')->findOrFail($id)));
        } catch (VenueTrouble $trouble) {
            $this->restsUntil[$id] = microtime(true) + self::RESTS;
            Log::warning("A position's orders were not seen to: {$trouble->getMessage()}");
        }
        $this->readAt = 0.0;
    }

    private function instrument(Protection $row): InstrumentValue
    {
        return $this->instruments["{$row->account->venue}:{$row->instrument}"]
            ??= Instrument::listed($row->account->venue, $row->instrument);
    }
}
