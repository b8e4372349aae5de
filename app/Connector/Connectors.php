<?php

namespace App\Connector;

use App\Connector\Quarrystone\QuarrystoneClient;
use App\Connector\Quarrystone\QuarrystoneConnector;
use App\Models\Account;
use Closure;
use InvalidArgumentException;

/** The connectors by venue. One client is kept per account, so that its connection to the venue stays open. */
final class Connectors
{
    /** @var array<int, Connector> */
    private array $kept = [];

    /** @return list<Venue> */
    public function venues(): array
    {
        return [
            new Venue('quarrystone', 'Quarrystone', 'Coins, spot and perpetual', ['key' => 'Key', 'secret' => 'Secret'], (string) config('wexon.quarrystone_url')),
        ];
    }

    public function for(Account $account): Connector
    {
        return $this->kept[$account->id] ??= $this->make($account->venue, $account->credentials);
    }

    /**
     * @param  array<string, string>  $credentials
     *
     * @throws InvalidArgumentException If there is no such venue.
     */
    public function make(string $venue, array $credentials): Connector
    {
        $make = $this->registry()[$venue] ?? throw new InvalidArgumentException("There is no connector for “{$venue}”.");

        return $make($credentials);
    }

    /** @return array<string, Closure(array<string, string>): Connector> */
    private function registry(): array
    {
        return [
            'quarrystone' => static fn (array $credentials): Connector => new QuarrystoneConnector(
                new QuarrystoneClient((string) config('wexon.quarrystone_url'), $credentials['key'], $credentials['secret']),
            ),
        ];
    }
}
