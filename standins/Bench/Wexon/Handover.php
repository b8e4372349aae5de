<?php

declare(strict_types=1);

namespace Standin\Bench\Wexon;

use Standin\Bench\Alert\Alerts;
use Standin\Bench\Chart\Charts;
use Standin\Bench\Given;
use Standin\Bench\Script\RunningScripts;
use Standin\Bench\Script\Scripts;
use Standin\Bench\Trouble;
use Wexon\Core\Study\Condition\Conditions;

/** "Trade these in Wexon": the inlet and the route there, and the alerts here, in one go. */
final readonly class Handover
{
    public function __construct(private WexonApi $wexon, private Alerts $alerts, private RunningScripts $scripts) {}

    /**
     * @return list<array{id: int, name: string, venue: string, environment: string}>
     *
     * @throws Trouble If Wexon cannot be asked.
     */
    public function accounts(): array
    {
        $accounts = $this->wexon->ask('GET', 'accounts')['data'] ?? [];

        return array_values(array_map(static fn (mixed $account): array => [
            'id' => (int) ($account['id'] ?? 0), 'name' => (string) ($account['name'] ?? ''), 'venue' => (string) ($account['venue'] ?? ''), 'environment' => (string) ($account['environment'] ?? ''),
        ], is_array($accounts) ? $accounts : []));
    }

    /**
     * @param  array<array-key, mixed>  $given  As for a preview, and: name, account_id, arm; confirmed, or else it is only shown.
     * @return array{inlet: string, route: array<string, mixed>, alerts: list<array<string, mixed>>, made: array{route_id: int, url: string, armed: bool, words: string|null}|null}
     *
     * @throws Trouble With the reason of whoever says no; nothing is left behind then.
     */
    public function make(array $given): array
    {
        $name = trim(Given::text($given, 'name'));
        if ($name === '' || ! is_int($given['account_id'] ?? null)) {
            throw new Trouble('Give the route a name, and choose the account that it trades on.');
        }
        $isPair = Given::isPair($given);
        $row = $isPair ? RunningScripts::checkedTerms($given) : RunningScripts::checked($given);
        $chart = Charts::of($row['chart'])->toArray();
        $side = ($given['side'] ?? 'long') === 'short' ? 'short' : 'long';
        $rules = [
            'legs' => [['symbol' => $chart['symbol'], 'instrument' => $chart['instrument']]],
            'sides' => $isPair ? $side : 'both',
            'opposite' => 'close_only',
            'size' => $isPair ? ['rule' => 'fixed_units', 'amount' => $row['size']] : ['rule' => 'from_message'],
        ];
        $alerts = $isPair ? $this->ofPair($given, $name, $chart['symbol'], $side, $row) : [['name' => "{$name}: every order", 'message' => Scripts::definition(Given::text($given, 'script'))->message]];
        $shown = ['inlet' => "{$name}, from the bench", 'route' => ['name' => $name, 'account_ids' => [$given['account_id']], 'rules' => $rules], 'alerts' => $alerts, 'made' => null];

        return ($given['confirmed'] ?? false) === true ? ['made' => $this->made($shown, $isPair ? null : $given, ($given['arm'] ?? false) === true)] + $shown : $shown;
    }

    /**
     * @param  array<array-key, mixed>  $given
     * @param  array{chart: string, candles: string}  $row
     * @return list<array<string, mixed>>
     */
    private function ofPair(array $given, string $name, string $symbol, string $side, array $row): array
    {
        $alerts = [];
        foreach (['enter', 'exit'] as $do) {
            $condition = Given::list($given, $do);
            $alerts[] = [
                'name' => "{$name}: {$do} {$side}", 'chart' => $row['chart'], 'candles' => $row['candles'], 'condition' => $condition, 'words' => Conditions::of($condition)->words(), 'firing' => 'at_the_close',
                'message' => (string) json_encode(['do' => $do, 'side' => $side, 'symbol' => $symbol, 'price' => '${close}', 'label' => $name, 'fired_at' => '${time}'], JSON_UNESCAPED_SLASHES),
            ];
        }

        return $alerts;
    }

    /**
     * @param  array{inlet: string, route: array<string, mixed>, alerts: list<array<string, mixed>>}  $shown
     * @param  array<array-key, mixed>|null  $script  What to run; null for a pair.
     * @return array{route_id: int, url: string, armed: bool, words: string|null}
     *
     * @throws Trouble
     */
    private function made(array $shown, ?array $script, bool $arms): array
    {
        $inlet = $this->id($this->wexon->ask('POST', 'inlets', ['name' => $shown['inlet']]));
        try {
            $address = $this->wexon->ask('GET', "inlets/{$inlet}/address")['address'] ?? '';
            $route = $this->id($this->wexon->ask('POST', 'routes', $shown['route'] + ['inlet_id' => $inlet]));
        } catch (Trouble $trouble) {
            $this->wexon->ask('DELETE', "inlets/{$inlet}");
            throw $trouble;
        }
        $words = null;
        if ($arms) {
            try {
                $this->wexon->ask('PUT', "routes/{$route}/state", ['state' => 'armed']);
            } catch (Trouble $trouble) {
                $words = $trouble->getMessage();
            }
        }
        $running = $script === null ? [] : ['script_id' => $this->scripts->start($script)['id']];
        foreach ($shown['alerts'] as $alert) {
            $this->alerts->make($running + $alert + ['address' => $address]);
        }

        return ['route_id' => $route, 'url' => "{$this->wexon->url()}/routes/{$route}", 'armed' => $arms && $words === null, 'words' => $words];
    }

    /**
     * @param  array<array-key, mixed>  $answer
     *
     * @throws Trouble
     */
    private function id(array $answer): int
    {
        $data = $answer['data'] ?? null;

        return is_array($data) && is_int($data['id'] ?? null) ? $data['id'] : throw new Trouble('Wexon answered something that the bench does not understand.');
    }
}
