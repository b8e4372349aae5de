<?php

namespace Tests\App;

use App\Models\Account;
use App\Models\Decision;
use App\Models\Desk as DeskModel;
use App\Models\Inlet;
use App\Models\Message;
use App\Models\Order;
use App\Models\Route;
use App\Models\User;
use Illuminate\Http\Client\PendingRequest;
use Illuminate\Http\Client\Response;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Http;
use Illuminate\Support\Facades\Schema;
use Illuminate\Support\Str;
use PHPUnit\Framework\Assert;

/** A desk of its own for one test, on the running test place: with an account, an inlet and a route, made over the API. */
final class Desk
{
    private const PATIENCE = 120;

    /** @var list<int> Ids of the desks of this test. */
    private static array $made = [];

    /** @param  array{key: string, secret: string}  $key At the venue. */
    private function __construct(
        public readonly User $user,
        public readonly string $token,
        public readonly array $key,
        public readonly Account $account,
        public readonly Inlet $inlet,
        public readonly string $address,
        public readonly Route $route,
    ) {}

    /** @param  array<string, mixed>  $rules Changes to: marl_perp, both sides, close only, 2 units. */
    public static function make(array $rules = [], string $environment = 'practice', bool $armed = true): self
    {
        $desk = DeskModel::query()->create(['name' => 'Desk '.Str::random(6), 'zone' => 'UTC']);
        self::$made[] = $desk->id;
        $user = User::query()->create(['desk_id' => $desk->id, 'name' => 'Tester', 'email' => Str::random(12).'@desk.example', 'password' => 'a long password']);
        $token = $user->createToken('test')->plainTextToken;
        $key = self::keyAtVenue($environment);
        $api = self::api($token);
        $account = $api->post('accounts', ['name' => 'Main', 'venue' => 'quarrystone', 'credentials' => $key])->throw()->json('data');
        $inlet = $api->post('inlets', ['name' => 'Charts'])->throw()->json('data');
        $route = $api->post('routes', ['name' => 'Line', 'inlet_id' => $inlet['id'], 'account_ids' => [$account['id']], 'rules' => [
            'legs' => [['symbol' => 'MARL/USD', 'instrument' => 'marl_perp']],
            'sides' => 'both', 'opposite' => 'close_only', 'size' => ['rule' => 'fixed_units', 'amount' => '2'], ...$rules,
        ]])->throw()->json('data');
        if ($armed) {
            $api->put("routes/{$route['id']}/state", ['state' => 'armed', 'anyway' => true])->throw();
        }

        return new self(
            $user, $token, $key, Account::query()->findOrFail($account['id']), Inlet::query()->findOrFail($inlet['id']),
            $api->get("inlets/{$inlet['id']}/address")->throw()->json('address'), Route::query()->findOrFail($route['id']),
        );
    }

    /** Lets a desk that something else has made be cleared away too. */
    public static function alsoClear(int $id): void
    {
        self::$made[] = $id;
    }

    /** Removes this test's desks, with all that belongs to them. */
    public static function clearAway(): void
    {
        if (self::$made === []) {
            return;
        }
        $accounts = DB::table('accounts')->whereIn('desk_id', self::$made)->pluck('id');
        Schema::withoutForeignKeyConstraints(static function () use ($accounts): void {
            foreach (['account_id' => $accounts, 'desk_id' => collect(self::$made)] as $column => $ids) {
                foreach (DB::table('information_schema.columns')->where('table_schema', DB::getDatabaseName())->where('column_name', $column)->pluck('table_name') as $table) {
                    // The processes are still at work on them.
                    retry(10, static fn () => DB::table($table)->whereIn($column, $ids)->delete(), 100);
                }
            }
        });
        DB::table('desks')->whereIn('id', self::$made)->delete();
        self::$made = [];
    }

    /**
     * @param  list<string>  $permissions
     * @return array{key: string, secret: string}
     */
    public static function keyAtVenue(string $environment = 'practice', array $permissions = ['read', 'trade'], string $cash = '50000'): array
    {
        return Http::post(config('wexon.quarrystone_url').'/keys', ['name' => 'Test', 'environment' => $environment, 'permissions' => $permissions, 'cash' => $cash])->throw()->json();
    }

    /**
     * @param  array<string, mixed>  $wanted  environment, holds (net, both_sides), cash
     * @return array{login: string, password: string, read_password: string, server: string}
     */
    public static function login(array $wanted = []): array
    {
        return Http::throw()->post(config('wexon.larkmoor_url').'/logins', $wanted)->json();
    }

    /**
     * @param  array<string, mixed>  $wanted  environment, may, cash, lasts (seconds)
     * @return array{account: string, token: string}
     */
    public static function token(array $wanted = []): array
    {
        return Http::throw()->post(config('wexon.pellam_street_url').'/tokens', $wanted)->json();
    }

    public static function api(?string $token): PendingRequest
    {
        $request = Http::baseUrl(config('wexon.public_url').'/api/v1')->acceptJson()->asJson()->timeout(20);

        return $token === null ? $request : $request->withToken($token);
    }

    /** @param  array<string, mixed>|string  $message */
    public function post(array|string $message): Response
    {
        return Http::withBody(is_string($message) ? $message : (string) json_encode($message), 'text/plain')->post($this->address);
    }

    /**
     * Posts a message and waits until everything that comes of it has happened.
     *
     * @param  array<string, mixed>|string  $message
     */
    public function send(array|string $message): Message
    {
        return $this->finished($this->post($message)->throw()->json('id'));
    }

    public function finished(string $ulid): Message
    {
        return self::waitFor("message {$ulid} is finished", function () use ($ulid): ?Message {
            $message = Message::query()->where('ulid', $ulid)->with('decisions.orders')->firstOrFail();
            $done = $message->state->value !== 'stored' && $message->decisions->every(static fn (Decision $decision): bool => $decision->finished_at !== null);

            return $done ? $message : null;
        });
    }

    /** @return list<string> "buy 2 filled" of every order of a message. */
    public static function orders(Message $message): array
    {
        return array_values($message->decisions->flatMap->orders->map(static fn (Order $order): string => "{$order->side->value} {$order->quantity} {$order->state->value}")->all());
    }

    /** @return array<string, string> What the venue itself says is held. */
    public function heldAtVenue(): array
    {
        return array_map(strval(...), app(\App\Connector\Connectors::class)->for($this->account)->positions());
    }

    /** Asks the venue to misbehave towards this desk's key. */
    public function fault(string $kind, int $times = 1, int $delay = 0, string $path = 'POST /v1/orders'): void
    {
        Http::post(config('wexon.quarrystone_url').'/faults', ['kind' => $kind, 'path' => $path, 'key' => $this->key['key'], 'times' => $times, 'delay_ms' => $delay])->throw();
    }

    /** Has the worker that next comes to this moment of this desk's route killed with a kill -9. */
    public function crashAt(string $moment): void
    {
        touch(config('wexon.crash_at')."/{$moment}-{$this->route->id}");
    }

    /**
     * @template T
     *
     * @param  callable(): (T|null)  $look
     * @return T
     */
    public static function waitFor(string $what, callable $look): mixed
    {
        for ($until = microtime(true) + self::PATIENCE; microtime(true) < $until; usleep(20_000)) {
            $seen = $look();
            if ($seen !== null) {
                return $seen;
            }
        }
        Assert::fail("Waited in vain until {$what}.");
    }
}
