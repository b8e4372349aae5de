<?php

namespace App\Demo;

use App\Models\Desk;
use Wexon\Core\Route\RouteState;

/** The desk that the benchmark trades on: one inlet without a limit, one route, one practice account. */
final readonly class BenchDesk
{
    public function __construct(private Counter $counter) {}

    public function setUp(): void
    {
        $desk = Desk::query()->create(['name' => 'Bench', 'zone' => 'UTC']);
        $account = $this->counter->open($desk, 'Bench', 'quarrystone', ['environment' => 'practice', 'permissions' => ['read', 'trade'], 'cash' => '1000000']);
        $inlet = $desk->inlets()->create(['name' => 'Bench', 'per_minute' => 60_000]);
        $desk->routes()->create(['inlet_id' => $inlet->id, 'name' => 'Bench', 'state' => RouteState::Armed, 'rules' => [
            'legs' => [['symbol' => 'MARL/USD', 'instrument' => 'marl_perp']],
            'sides' => 'both',
            'opposite' => 'close_only',
            'size' => ['rule' => 'percent_of_equity', 'amount' => '1'],
        ]])->accounts()->sync([$account->id]);
    }
}
