<?php

namespace App\Connector;

use App\Connector\Described\DescribedClient;
use App\Connector\Described\DescribedConnector;
use App\Connector\Larkmoor\LarkmoorClient;
use App\Connector\Larkmoor\LarkmoorConnector;
use App\Connector\PellamStreet\PellamStreetClient;
use App\Connector\PellamStreet\PellamStreetConnector;
use App\Connector\Quarrystone\QuarrystoneClient;
use App\Connector\Quarrystone\QuarrystoneConnector;
use App\Models\Account;
use App\Models\DescribedVenue;
use Closure;
use Illuminate\Contracts\Cache\Repository;
use Illuminate\Contracts\Encryption\Encrypter;
use InvalidArgumentException;

/** The connectors by venue. One client is kept per account, so that its connection to the venue stays open. */
final class Connectors
{
    private const KEY_ADVICE = 'The key must be allowed to trade and should not be allowed to withdraw. The secret is kept encrypted and never shown again.';

    /** @var array<int, array{mixed, Connector}> With the credentials that it was made with, as they are kept: to compare them, nothing has to be decrypted. */
    private array $kept = [];

    /** @return list<Venue> Those that everybody can connect to, and those that the desk has described. */
    public function venues(int $deskId): array
    {
        $described = DescribedVenue::query()->where('desk_id', $deskId)->orderBy('id')->get()->map(static function (DescribedVenue $venue): Venue {
            $description = $venue->description();

            return new Venue($venue->venue, $description->name, $description->trades, $description->credentials, $description->keysAt, self::KEY_ADVICE, true);
        });

        return [
            new Venue('quarrystone', 'Quarrystone', 'Coins, spot and perpetual', ['key' => 'Key', 'secret' => 'Secret'], (string) config('wexon.quarrystone_url'), self::KEY_ADVICE),
            new Venue('larkmoor', 'Larkmoor', 'Currency pairs on margin', ['login' => 'Login', 'password' => 'Trading password', 'server' => 'Server'], (string) config('wexon.larkmoor_url'), 'Give the trading password: the read-only one cannot trade. The first connection takes some ten seconds. The password is kept encrypted and never shown again.', identity: 'login'),
            new Venue('pellam_street', 'Pellam Street', 'Shares', ['account' => 'Account number', 'token' => 'Access token'], (string) config('wexon.pellam_street_url'), 'The token must be allowed to trade. It ends after a while; Wexon renews it by itself before. If Wexon was stopped for longer than the token lasts, give the account a new one.', identity: 'account'),
            ...array_values($described->all()),
        ];
    }

    public function for(Account $account): Connector
    {
        $kept = $account->getAttributes()['credentials'];
        [$credentials, $connector] = $this->kept[$account->id] ?? [null, null];
        if ($connector === null || $credentials !== $kept) {
            $connector = $this->make($account->venue, $account->credentials);
            $this->kept[$account->id] = [$kept, $connector];
        }

        return $connector;
    }

    /** Lets an account be served by another connector from now on in this process, such as one to a venue of the past. */
    public function replace(Account $account, Connector $connector): void
    {
        $this->kept[$account->id] = [$account->getAttributes()['credentials'], $connector];
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
            'larkmoor' => static fn (array $credentials): Connector => new LarkmoorConnector(
                new LarkmoorClient((string) config('wexon.larkmoor_url'), $credentials['login'], $credentials['password'], $credentials['server'], app(Repository::class), app(Encrypter::class)),
            ),
            'pellam_street' => static fn (array $credentials): Connector => new PellamStreetConnector(
                new PellamStreetClient((string) config('wexon.pellam_street_url'), $credentials['account'], $credentials['token']),
            ),
        ];
    }
}
