<?php

namespace Tests\App\Connector;

use App\Connector\Connector;
use App\Connector\Described\DescribedClient;
use App\Connector\Described\DescribedConnector;
use App\Connector\Described\Description;
use Illuminate\Support\Facades\Http;
use PHPUnit\Framework\TestCase;
use Tests\App\Desk;
use Tests\App\RunningPlace;

/** Quarrystone by its description, docs/venues/quarrystone.json, does all that the coded connector does. */
final class DescribedConnectorTest extends TestCase
{
    use ConnectorContract;
    use RunningPlace;

    private function connector(array $permissions = ['read', 'trade'], string $environment = 'practice'): Connector
    {
        return $this->with(Desk::keyAtVenue($environment, $permissions));
    }

    private function connectorWithWrongSecret(): Connector
    {
        return $this->with(['secret' => str_repeat('0', 48)] + Desk::keyAtVenue());
    }

    private function busyConnector(): Connector
    {
        $key = Desk::keyAtVenue();
        Http::throw()->post(config('wexon.quarrystone_url').'/faults', ['kind' => 'busy', 'path' => 'POST /v1/orders', 'key' => $key['key']]);

        return $this->with($key);
    }

    /** @param  array{key: string, secret: string}  $credentials */
    private function with(array $credentials): Connector
    {
        $spec = json_decode((string) file_get_contents(base_path('docs/venues/quarrystone.json')), true, flags: JSON_THROW_ON_ERROR);
        $venue = Description::of(['base' => config('wexon.quarrystone_url')] + $spec);

        return new DescribedConnector($venue, new DescribedClient($venue, $credentials));
    }

    private function instrument(): string
    {
        return 'marl_perp';
    }
}
