<?php

namespace Tests\App\Connector;

use App\Connector\Connector;
use App\Connector\Connectors;
use Illuminate\Support\Facades\Http;
use PHPUnit\Framework\TestCase;
use Tests\App\Desk;
use Tests\App\RunningPlace;

final class QuarrystoneConnectorTest extends TestCase
{
    use ConnectorContract;
    use RunningPlace;

    private function connector(array $permissions = ['read', 'trade'], string $environment = 'practice'): Connector
    {
        return app(Connectors::class)->make('quarrystone', Desk::keyAtVenue($environment, $permissions));
    }

    private function connectorWithWrongSecret(): Connector
    {
        return app(Connectors::class)->make('quarrystone', ['secret' => str_repeat('0', 48)] + Desk::keyAtVenue());
    }

    private function busyConnector(): Connector
    {
        $key = Desk::keyAtVenue();
        Http::throw()->post(config('wexon.quarrystone_url').'/faults', ['kind' => 'busy', 'path' => 'POST /v1/orders', 'key' => $key['key']]);

        return app(Connectors::class)->make('quarrystone', $key);
    }

    private function instrument(): string
    {
        return 'marl_perp';
    }
}
