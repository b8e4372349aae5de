<?php

namespace App\Console\Bench;

use Wexon\Core\Profile\ChartProfile;
use Wexon\Core\Profile\Placeholders;
use Wexon\Core\Reading\Mapping\Reading;
use Wexon\Core\Reading\MessageReader;

/** Pure work in one process: understanding messages of ordinary and of monstrous shapes. */
final class ReadingBench
{
    private const MONSTER_ROUNDS = 5;

    private const OWN = '{"do": "sell", "symbol": "MARL/USD", "price": 38.46, "label": "cross", "position": {"before": "long", "after": "short", "size": 3}, "id": "a-1"}';

    private const LINE = 'enter long MARL/USD size 250 USD stop 2% targets 1.5%:50 3%:50 label "fast cross" id a-1';

    private const THEIRS = '{"order": {"action": "S", "qty": "3", "price": 38.46}, "held": {"was": "3", "now": "-3"}, "ticker": "QS:MARLUSD", "why": "cross", "nr": "a-1"}';

    private const PHRASE = "Good evening,\n\nMarket: TUFA/USD\nA long entry, last 0.2951.\n\nYour evening letter";

    private const MAPPING = ['fields' => [
        'do' => ['from' => 'path', 'at' => 'order.action', 'required' => true, 'translate' => ['b' => 'buy', 's' => 'sell']],
        'symbol' => ['from' => 'key', 'at' => 'ticker', 'required' => true],
        'size' => ['from' => 'path', 'at' => 'order.qty'],
        'price' => ['from' => 'path', 'at' => 'order.price'],
        'position_before' => ['from' => 'path', 'at' => 'held.was'],
        'position_after' => ['from' => 'path', 'at' => 'held.now'],
        'label' => ['from' => 'key', 'at' => 'why'],
        'id' => ['from' => 'key', 'at' => 'nr'],
    ]];

    private const WORDS = ['fields' => [
        'symbol' => ['from' => 'pattern', 'at' => 'Market:\s*((?-i)[A-Z0-9\/]{2,})', 'required' => true],
        'price' => ['from' => 'pattern', 'at' => 'last\s*([\d.]*\d)'],
    ], 'words' => [['when' => 'contains', 'text' => 'long entry', 'then' => ['do' => 'enter long']]]];

    /** @return list<array{string, string, string, string}> */
    public function run(): array
    {
        $placeholders = Placeholders::of(ChartProfile::bench());
        $own = MessageReader::of(null, $placeholders);
        $mapped = MessageReader::of(Reading::of(self::MAPPING), $placeholders);
        $worded = MessageReader::of(Reading::of(self::WORDS), $placeholders);

        return [
            Repeated::measure('JSON messages read, our own form', static fn () => $own->read(self::OWN)),
            Repeated::measure('lines read, our own form', static fn () => $own->read(self::LINE)),
            Repeated::measure('JSON messages read by a mapping of eight fields', static fn () => $mapped->read(self::THEIRS)),
            Repeated::measure('letters read by word rules and patterns', static fn () => $worded->read(self::PHRASE)),
            $this->slowestMonster($own, $mapped, $worded),
        ];
    }

    /** @return array{string, string, string, string} */
    private function slowestMonster(MessageReader ...$readers): array
    {
        $slowest = [0.0, '', Timings::of([0.0])];
        foreach (Monsters::all() as $name => [$body]) {
            foreach ($readers as $reader) {
                $times = [];
                for ($round = 0; $round < self::MONSTER_ROUNDS; $round++) {
                    $started = microtime(true);
                    $reader->read($body);
                    $times[] = microtime(true) - $started;
                }
                sort($times);
                $median = $times[intdiv(self::MONSTER_ROUNDS, 2)];
                $slowest = $median > $slowest[0] ? [$median, $name, Timings::of($times)] : $slowest;
            }
        }

        return $slowest[2]->row("the slowest monster of 64 KiB: {$slowest[1]}");
    }
}
