<?php

namespace App\Demo;

use App\Models\Channel;
use App\Models\Desk;
use App\Models\Inlet;
use App\Models\User;
use App\Notify\WebhookForm;
use App\Slips\SlipsOf;
use Illuminate\Support\Str;

/** The demo: a two-person desk that trades on practice accounts. Everything in it is made up. */
final readonly class KestrelYard
{
    public const EMAIL = 'odile@kestrel-yard.example';

    public const PASSWORD = 'kestrel-yard';

    /** By name: the venue, and what its counter is told. */
    public const ACCOUNTS = [
        'Quarry main' => ['quarrystone', ['environment' => 'practice', 'permissions' => ['read', 'trade'], 'cash' => '62500']],
        'Quarry second' => ['quarrystone', ['environment' => 'practice', 'permissions' => ['read', 'trade'], 'cash' => '18000']],
        'Quarry live' => ['quarrystone', ['environment' => 'live', 'permissions' => ['read', 'trade'], 'cash' => '2400']],
        'Moor net' => ['larkmoor', ['environment' => 'practice', 'cash' => '40000']],
        'Moor both sides' => ['larkmoor', ['environment' => 'practice', 'holds' => 'both_sides', 'cash' => '15000']],
        'Pellam shares' => ['pellam_street', ['environment' => 'practice', 'cash' => '30000']],
    ];

    public function __construct(private Counter $counter, private Understanding $understanding) {}

    /** @return array{email: string, password: string, inlets: array<string, string>, mailbox: string, url: string, token: string, slips: list<array<string, mixed>>} What a newcomer and the bench need. */
    public function setUp(): array
    {
        $desk = User::query()->with('desk')->where('email', self::EMAIL)->first()->desk ?? $this->make();
        $user = User::query()->where('email', self::EMAIL)->sole();
        $user->tokens()->where('name', 'bench')->delete();

        return [
            'email' => self::EMAIL,
            'password' => self::PASSWORD,
            'mailbox' => $desk->inlets()->where('name', "Tomas's mailbox")->sole()->mailbox(),
            'url' => (string) config('wexon.public_url'),
            'token' => $user->createToken('bench')->plainTextToken,
            'slips' => $this->slips($desk),
            'inlets' => $desk->inlets()->orderBy('id')->get()->mapWithKeys(static fn (Inlet $inlet): array => [$inlet->name => $inlet->address()])->all(),
        ];
    }

    /** @return list<array<string, mixed>> */
    private function slips(Desk $desk): array
    {
        $slips = [];
        foreach ($desk->routes()->with('inlet')->whereNotNull('slip_settings')->orderBy('id')->get() as $route) {
            foreach (SlipsOf::route($route)['slips'] as $slip) {
                $slips[] = ['kind' => $slip['kind'], 'name' => $slip['name'], 'message' => $slip['message'], 'address' => $route->inlet->address(), 'expires' => $slip['expires_on']];
            }
        }

        return $slips;
    }

    private function make(): Desk
    {
        $desk = Desk::query()->create(['name' => 'Kestrel Yard', 'zone' => 'UTC']);
        foreach (['Odile Brandt' => self::EMAIL, 'Tomas Reyl' => 'tomas@kestrel-yard.example'] as $name => $email) {
            User::query()->create(['desk_id' => $desk->id, 'name' => $name, 'email' => $email, 'password' => self::PASSWORD]);
        }
        $accounts = [];
        foreach (self::ACCOUNTS as $name => $spec) {
            $accounts[$name] = $this->counter->open($desk, $name, ...$spec);
        }
        $inlets = [];
        foreach (["Odile's charts", "Tomas's script", "Tomas's mailbox"] as $name) {
            $inlets[$name] = $desk->inlets()->create(['name' => $name, 'per_minute' => 300]);
        }
        foreach (Lines::all() as $line) {
            $route = $desk->routes()->create([
                'inlet_id' => $inlets[$line['inlet']]->id,
                'name' => $line['name'],
                'state' => $line['state'],
                'rules' => $line['rules'],
            ]);
            $route->accounts()->sync(array_map(static fn (string $name): int => $accounts[$name]->id, $line['accounts']));
        }

        $this->understanding->teach($desk);
        Channel::query()->create(['desk_id' => $desk->id, 'name' => 'Odile, by mail', 'way' => 'mail', 'target' => self::EMAIL, 'secret' => Str::random(40), 'form' => WebhookForm::Wexon, 'kinds' => ['protection', 'ask', 'trouble', 'difference', 'halt', 'state', 'summary'], 'routes' => [], 'quiet_from' => '23:00', 'quiet_to' => '06:00', 'seen' => 0]);

        return $desk;
    }
}
