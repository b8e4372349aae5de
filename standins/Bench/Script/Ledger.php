<?php

declare(strict_types=1);

namespace Standin\Bench\Script;

use Brick\Math\BigDecimal;
use Illuminate\Database\Connection;
use Standin\Bench\Chart\Charts;
use Standin\Bench\Chart\Interval;
use stdClass;

/** What a running script has done so far, in the shape of a preview: to be laid beside what Wexon made of it. */
final readonly class Ledger
{
    private const MOST = 5_000;

    public function __construct(private Connection $database) {}

    /** @return array{marks: list<array<string, mixed>>, trades: list<array<string, mixed>>, summary: array<string, mixed>, money: array{at: list<int>, value: list<float>}} */
    public function of(stdClass $script): array
    {
        $candles = Charts::of($script->chart)->candles(Interval::named($script->candles));
        $rows = $this->database->table('script_events')->where('script_id', $script->id)->orderByDesc('id')->limit(self::MOST)->get()->reverse();
        $trips = new RoundTrips;
        $marks = $times = $values = [];
        $before = $money = BigDecimal::zero();
        foreach ($rows as $row) {
            $after = BigDecimal::of($row->position)->stripTrailingZeros();
            $money = BigDecimal::of($row->money);
            $event = new Event((int) $row->at, $row->kind, $row->side, BigDecimal::of($row->size)->stripTrailingZeros(), BigDecimal::of($row->price)->stripTrailingZeros(), $row->label, $row->label, $before, $after, $money);
            $before = $after;
            $trips->add($event, $money);
            $trips->mark($money);
            if ($event->trades()) {
                $marks[] = $event->mark($candles->begin($event->at - 1));
                $times[] = $event->at;
                $values[] = round($money->toFloat(), 2);
            }
        }

        return ['marks' => $marks, 'trades' => array_reverse($trips->trades()), 'summary' => $trips->summary($money), 'money' => ['at' => $times, 'value' => $values]];
    }
}
