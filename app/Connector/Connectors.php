<?php

namespace App\Connector;

use App\Connector\Described\DescribedClient;
use App\Connector\Described\DescribedConnector;
use App\Connector\Quarrystone\QuarrystoneClient;
use App\Connector\Quarrystone\QuarrystoneConnector;
use App\Models\Account;
use App\Models\DescribedVenue;
use Closure;
use InvalidArgumentException;

/** The connectors by venue. One client is kept per account, so that its connection to the venue stays open. */
final class Connectors
{
    /** @var array<int, Connector> */
    private array $kept = [];

    /** @return list<Venue> Those that everybody can connect to, and those that the desk has described. */
    public function venues(int $deskId): array
    {
        $described = DescribedVenue::query()->where('desk_id', $deskId)->orderBy('id')->get()->map(static function (DescribedVenue $venue): Venue {
            $description = $venue->description();

            return new Venue($venue->venue, $description->name, $description->trades, $description->credentials, $description->keysAt, true);
        });

        return [
            new Venue('quarrystone', 'Quarrystone', 'Coins, spot and perpetual', ['key' => 'Key', 'secret' => 'Secret'], (string) config('wexon.quarrystone_url')),
            ...array_values($described->all()),
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
        $make = $this->registry()[$venue] ?? $this->described($venue) ?? throw new InvalidArgumentException("There is no connector for “{$venue}”.");

        return $make($credentials);
    }

    /** @return (Closure(array<string, string>): Connector)|null */
    private function described(string $venue): ?Closure
    {
        $description = DescribedVenue::query()->where('venue', $venue)->first()?->description();

        return $description === null ? null : static fn (array $credentials): Connector => new DescribedConnector($description, new DescribedClient($description, $credentials));
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
