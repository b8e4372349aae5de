<?php

namespace App\Demo;

use App\Models\Desk;
use App\Models\Inlet;
use App\Models\Route;
use App\Models\Slip;
use App\Reading\KeepReading;
use App\Slips\RouteSlips;
use Wexon\Core\Reading\Mapping\Reading as ReadingValue;

/**
 * What the demo's desk has taught Wexon: readings, a chart profile of its own, symbols, and alert slips in different states.
 *
 * @phpstan-import-type ReadingSpec from ReadingValue
 */
final readonly class Understanding
{
    private const SCRIPT = ['fields' => [
        'do' => ['from' => 'path', 'at' => 'order.action', 'required' => true, 'translate' => ['b' => 'buy', 's' => 'sell']],
        'symbol' => ['from' => 'key', 'at' => 'market', 'required' => true],
        'size' => ['from' => 'path', 'at' => 'order.qty'],
        'position_before' => ['from' => 'path', 'at' => 'held.was'],
        'position_after' => ['from' => 'path', 'at' => 'held.now'],
        'position_size' => ['from' => 'path', 'at' => 'held.size'],
        'label' => ['from' => 'key', 'at' => 'why'],
    ], 'words' => []];

    private const LETTER = ['fields' => [
        'symbol' => ['from' => 'pattern', 'at' => 'Market:\s*((?-i)[A-Z0-9\/]{2,})', 'required' => true],
        'price' => ['from' => 'pattern', 'at' => 'last\s*([\d.]*\d)'],
    ], 'words' => [
        ['when' => 'contains', 'text' => 'long entry', 'then' => ['do' => 'enter long']],
        ['when' => 'contains', 'text' => 'take your profit', 'then' => ['do' => 'exit long']],
    ]];

    public function __construct(private KeepReading $keep) {}

    public function teach(Desk $desk): void
    {
        $this->reading($desk, "Reyl's script, second edition", self::SCRIPT, "Tomas's script", [
            '{"market": "SKARN/USD", "order": {"action": "b", "qty": "45"}, "held": {"was": "flat", "now": "long", "size": "45"}, "why": "trend flip"}',
            '{"market": "SKARN/USD", "order": {"action": "s", "qty": "45"}, "held": {"was": "long", "now": "flat", "size": "0"}, "why": "trend flip"}',
        ]);
        $this->reading($desk, 'Evening letter', self::LETTER, "Tomas's mailbox", [
            "Good evening,\n\nMarket: TUFA/USD\nA long entry, last 0.2951.\n\nYour evening letter",
            "Good evening,\n\nMarket: TUFA/USD\nIt is time to take your profit, last 0.3012.\n\nYour evening letter",
        ]);
        $profile = $desk->chartProfiles()->create(['name' => "Odile's platform", 'spec' => [
            'variables' => ['symbol' => '[#ticker]', 'close' => '[#last]', 'time' => '[#now]', 'alert_name' => '[#alert]'],
            'size_unit' => 'units',
            'alert_days' => 30,
        ]]);
        $desk->symbolRules()->create(['venue' => 'quarrystone', 'prefixes' => ['QS:'], 'suffixes' => ['.P']]);
        $desk->symbolLinks()->create(['venue' => 'quarrystone', 'symbol' => 'MARLUSD', 'instrument' => 'marl_perp']);
        $bench = $desk->chartProfiles()->where('name', 'Bench')->sole();
        $this->slips($desk, 'Marl always-in', ['style' => 'plain', 'profile_id' => $bench->id], [24, 5]);
        $this->slips($desk, 'Tufa long only', ['style' => 'plain', 'profile_id' => $bench->id], [19, -2]);
        $this->slips($desk, 'Chert and Skarn swings', ['style' => 'script', 'profile_id' => $bench->id], [51, 51]);
        $this->slips($desk, 'Alder and Quillon', ['style' => 'plain', 'profile_id' => $bench->id], [33, 33, 33, 33, 33, 33, 33, 33]);
        $this->slips($desk, 'Ternholt at the open', ['style' => 'plain', 'profile_id' => $profile->id], [12, 12]);
    }

    /**
     * @param  ReadingSpec  $spec
     * @param  list<string>  $samples
     */
    private function reading(Desk $desk, string $name, array $spec, string $inlet, array $samples): void
    {
        $reading = $this->keep->keep($desk->readings()->make(['name' => $name]), ReadingValue::of($spec), array_map(static fn (string $body): array => ['body' => $body], $samples));
        Inlet::query()->where('desk_id', $desk->id)->where('name', $inlet)->update(['reading_id' => $reading->id]);
    }

    /**
     * @param  array{style: string, profile_id: int}  $settings
     * @param  list<int>  $days  In how many days each expires.
     */
    private function slips(Desk $desk, string $route, array $settings, array $days): void
    {
        $route = Route::query()->where('desk_id', $desk->id)->where('name', $route)->sole();
        $route->update(['slip_settings' => $settings + ['form' => 'json', 'way' => 'message', 'adds' => false, 'size' => null]]);
        RouteSlips::renew($route);
        $copied = array_fill_keys(['name', 'message', 'address'], now()->subDays(6)->format('Y-m-d\TH:i:s.v\Z'));
        $route->slips()->get()->each(static fn (Slip $slip, int $i) => $slip->update(['copied' => $copied, 'expires_on' => now($desk->zone)->addDays($days[$i] ?? 40)->format('Y-m-d')]));
    }
}
