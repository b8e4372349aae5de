<?php

declare(strict_types=1);

namespace Standin\Bench\Demo;

use Illuminate\Database\Connection;
use Standin\Bench\Alert\Alerts;
use Standin\Bench\Chart\Charts;
use Standin\Bench\Chart\Interval;
use Standin\Bench\Script\RunningScripts;
use Standin\Bench\Wexon\WexonApi;
use Standin\Exchange\Clock;
use Standin\Exchange\PracticeClock;

/** Sets up the bench of the demo's traders: their scripts and alerts, which go on for ever. */
final readonly class Living
{
    /** A condition that somebody drew up without thinking: it holds on every bar. */
    private const ALWAYS = ['left' => ['price' => 'close'], 'is' => 'is_above', 'right' => ['number' => 0]];

    private Alerts $alerts;

    private RunningScripts $scripts;

    public function __construct(private Connection $database, private DemoDesk $desk)
    {
        $this->alerts = new Alerts($database);
        $this->scripts = new RunningScripts($database);
    }

    /** Does nothing where there is something already. */
    public function setUp(): void
    {
        (new WexonApi($this->database))->set($this->desk->url, $this->desk->token);
        if ($this->database->table('alerts')->exists()) {
            return;
        }
        foreach (Lines::all() as $line) {
            $line->silentFor === null ? $this->line($line) : $this->silent($line);
        }
        foreach (Lines::mistakes() as [$name, $inlet, $chart, $candles, $message]) {
            $this->alerts->make(['name' => $name, 'chart' => $chart, 'candles' => $candles, 'condition' => self::ALWAYS, 'firing' => 'at_the_close', 'message' => $message, 'address' => $this->desk->inlets[$inlet]]);
        }
        foreach (['buy' => 'crosses_up', 'sell' => 'crosses_down'] as $side => $is) {
            $this->alerts->make(['name' => "Evening letter, {$side}", 'chart' => 'quarrystone:tufa_spot', 'candles' => '1min', 'condition' => ['left' => ['price' => 'close'], 'is' => $is, 'right' => ['study' => 'simple_average', 'parameters' => ['length' => 30]]], 'firing' => 'at_the_close', 'message' => Lines::letters()[$side], 'mail' => $this->desk->mailbox]);
        }
        foreach (['MARL/USD' => 'marl', 'TUFA/USD' => 'tufa', 'CHERT/USD' => 'chert'] as $symbol => $coin) {
            $this->alerts->make(['name' => "{$coin} turns", 'chart' => "quarrystone:{$coin}_spot", 'candles' => '1min', 'condition' => ['left' => ['study' => 'exponential_average', 'parameters' => ['length' => 5]], 'is' => 'turns_up'], 'firing' => 'at_the_close', 'message' => (string) json_encode(['do' => 'enter', 'side' => 'long', 'symbol' => $symbol, 'label' => "{$coin} turns"], JSON_UNESCAPED_SLASHES), 'address' => $this->desk->inlets["Odile's charts"]]);
        }
    }

    private function line(Line $line): void
    {
        $chart = Charts::of($line->chart);
        $parameters = $line->live;
        if ($line->script === 'grid') {
            $last = $chart->candles(Interval::OneMinute)->closed(PracticeClock::shared()->now(), 1)[0]->close ?? 1.0;
            $parameters += ['low' => round($last * 0.985, 2), 'high' => round($last * 1.015, 2)];
        }
        $script = $this->scripts->start(['script' => $line->script, 'chart' => $line->chart, 'candles' => $line->candles, 'parameters' => $parameters, 'size' => $line->size, 'fee' => '0.05', 'slippage' => 1]);
        foreach ($line->says as $does => $says) {
            $slip = $this->desk->slip($says);
            $this->alerts->make([
                'name' => $slip['name'] ?? $line->name.($does === '*' ? '' : ", {$does}"), 'script_id' => $script['id'], 'only' => $does === '*' ? null : $does,
                'message' => $slip['message'] ?? $says, 'address' => $this->desk->inlets[$line->inlet],
            ]);
        }
        $this->expire($line);
    }

    /** A slip whose day has gone by has no alert any more. */
    private function expire(Line $line): void
    {
        foreach ($line->says as $says) {
            $slip = $this->desk->slip($says);
            if ($slip !== null && $slip['expires'] !== null) {
                $this->database->table('alerts')->where('name', $slip['name'])->update(['expires_at' => Clock::endOf($slip['expires'])]);
            }
        }
    }

    /** Somebody stopped these alerts, and has not noticed. */
    private function silent(Line $line): void
    {
        foreach ($line->says as $does => $says) {
            $slip = $this->desk->slip($says);
            $alert = $this->alerts->make(['name' => $slip['name'] ?? "{$line->name}, {$does}", 'chart' => $line->chart, 'candles' => '15min', 'condition' => ['left' => ['study' => 'rsi'], 'is' => $does === 'buy' ? 'crosses_up' : 'crosses_down', 'right' => ['number' => $does === 'buy' ? 38 : 58]], 'message' => $slip['message'] ?? $says, 'address' => $this->desk->inlets[$line->inlet]]);
            $this->alerts->setState((int) $alert['id'], 'stopped');
        }
    }
}
