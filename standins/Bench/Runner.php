<?php

declare(strict_types=1);

namespace Standin\Bench;

use Brick\Math\RoundingMode;
use Illuminate\Database\Connection;
use Standin\Bench\Alert\AlertRun;
use Standin\Bench\Alert\Alerts;
use Standin\Bench\Alert\Firing;
use Standin\Bench\Alert\Template;
use Standin\Bench\Chart\Candles;
use Standin\Bench\Chart\Charts;
use Standin\Bench\Chart\Interval;
use Standin\Bench\Script\Event;
use Standin\Bench\Script\Run;
use Standin\Bench\Script\RunningScripts;
use Standin\Exchange\Clock;
use Standin\Exchange\PracticeClock;
use stdClass;
use Wexon\Core\Study\Candle;
use Wexon\Core\Study\Condition\Conditions;

/**
 * Takes every alert and script from where it was to now, look by look: what fires depends on prices and times alone, never
 * on when this process gets to it.
 */
final class Runner
{
    /** Milliseconds of practice time; who was away for longer goes on from now, as a platform that was switched off. */
    private const LONGEST_AWAY = 900_000;

    /** Milliseconds of practice time that a script is taken through at once; a week. */
    private const LONGEST_LEAP = 604_800_000;

    /** @var array<int, AlertRun> By id. */
    private array $alerts = [];

    /** @var array<int, Run> By id. */
    private array $scripts = [];

    public function __construct(private readonly Connection $database, private readonly Alerts $kept) {}

    public function goOn(): void
    {
        $now = PracticeClock::shared()->now();
        $this->database->table('alerts')->where('state', 'active')->where('expires_at', '<=', Clock::milliseconds())->update(['state' => 'expired']);
        $scripts = $this->database->table('scripts')->where('state', 'running')->orderBy('id')->get()->keyBy('id')->all();
        $this->scripts = array_intersect_key($this->scripts, $scripts);
        foreach ($scripts as $script) {
            $this->script($script, $now);
        }
        $alerts = $this->database->table('alerts')->where('state', 'active')->whereNull('script_id')->orderBy('id')->get()->keyBy('id')->all();
        $this->alerts = array_intersect_key($this->alerts, $alerts);
        foreach ($alerts as $alert) {
            $this->alert($alert, $now);
        }
    }

    private function alert(stdClass $alert, int $now): void
    {
        $interval = Interval::named($alert->candles);
        $candles = Charts::of($alert->chart)->candles($interval);
        $now -= $now % $interval->look();
        $from = (int) $alert->seen_until;
        if ($now === $from) {
            return;
        }
        if ($this->isAway($from, $now)) {
            unset($this->alerts[$alert->id]);
            $from = $now;
        }
        $run = $this->alerts[$alert->id] ??= $this->begunAlert($alert, $from);
        $fires = [];
        for ($time = $from - $from % $interval->look() + $interval->look(); $time <= $now && ! ($fires !== [] && $alert->firing === Firing::OnlyOnce->value); $time += $interval->look()) {
            $candle = $this->candleAt($candles, $interval, $time);
            if ($candle !== null && ($candle->at + $interval->length() === $time ? $run->close($candle) : $run->look($candle))) {
                $fires[] = [$time, $candle];
            }
        }
        $this->database->transaction(function () use ($alert, $fires, $now): void {
            foreach ($fires as [$time, $candle]) {
                $this->fire($alert, $time, $candle, []);
            }
            $this->database->table('alerts')->where('id', $alert->id)->update(['seen_until' => $now]);
        });
    }

    /** The one that closes at a time, or goes on then as far as it has come. */
    private function candleAt(Candles $candles, Interval $interval, int $time): ?Candle
    {
        $begin = $candles->begin($time - 1);

        return $begin + $interval->length() === $time ? $candles->between($begin, $begin)[0] ?? null : $candles->forming($time);
    }

    private function begunAlert(stdClass $alert, int $from): AlertRun
    {
        $condition = json_decode((string) $alert->shown_if, true, flags: JSON_THROW_ON_ERROR);
        $run = new AlertRun(Conditions::of(is_array($condition) ? $condition : []), Firing::named($alert->firing));
        array_map($run->warmUp(...), Charts::of($alert->chart)->candles(Interval::named($alert->candles))->closed($from, RunningScripts::WARM_UP));

        return $run;
    }

    private function script(stdClass $script, int $now): void
    {
        $seen = (int) $script->seen_until;
        $now -= $now % Interval::named($script->candles)->look();
        if ($now === $seen) {
            return;
        }
        if ($now < $seen || $now - $seen > self::LONGEST_LEAP) {
            $this->beginAnew($script, $now);

            return;
        }
        $run = $this->scripts[$script->id] ??= RunningScripts::run($script);
        $events = $this->goneOn($run, $script, $seen, $now);
        $this->database->transaction(function () use ($run, $script, $events, $seen, $now): void {
            $this->keep($script, $events, tells: ! $this->isAway($seen, $now));
            $this->database->table('scripts')->where('id', $script->id)->update(['seen_until' => $now, 'state_then' => $run->putDown()]);
        });
    }

    /** When the practice clock was set back or far ahead, what a script has seen is not there any more: it begins anew, with nothing held. */
    private function beginAnew(stdClass $script, int $now): void
    {
        $this->database->table('scripts')->where('id', $script->id)->update(['since' => $now, 'seen_until' => $now, 'state_then' => null]);
        unset($this->scripts[$script->id]);
    }

    /** @return list<Event> */
    private function goneOn(Run $run, stdClass $script, int $from, int $to): array
    {
        $candles = Charts::of($script->chart)->candles(Interval::named($script->candles));
        $events = [];
        foreach ($candles->between($candles->begin($from), $candles->begin($to)) as $candle) {
            array_push($events, ...$run->candle($candle, $from, $to));
        }

        return $events;
    }

    /** @param  list<Event>  $events */
    private function keep(stdClass $script, array $events, bool $tells): void
    {
        if ($events === []) {
            return;
        }
        $this->database->table('script_events')->insert(array_map(static fn (Event $event): array => [
            'script_id' => $script->id, 'at' => $event->at, 'kind' => $event->kind, 'side' => $event->side, 'size' => (string) $event->size, 'price' => (string) $event->price,
            'label' => mb_substr($event->label, 0, 80), 'position' => (string) $event->after, 'money' => (string) $event->money->toScale(12, RoundingMode::HALF_EVEN), 'created_at' => Clock::milliseconds(),
        ], $events));
        $interval = Interval::named($script->candles);
        $candles = Charts::of($script->chart)->candles($interval);
        $alerts = $tells ? $this->database->table('alerts')->where('script_id', $script->id)->where('state', 'active')->orderBy('id')->get()->all() : [];
        foreach (array_filter($events, static fn (Event $event): bool => $event->isTold()) as $event) {
            $candle = $this->candleAt($candles, $interval, $event->at);
            foreach ($alerts as $alert) {
                $candle === null || ($alert->only_when !== null && ! $event->is($alert->only_when)) || $this->fire($alert, $event->at, $candle, $event->values());
            }
        }
    }

    /** @param  array<string, string>  $more  Values of the order that an alert tells of. */
    private function fire(stdClass $alert, int $at, Candle $candle, array $more): void
    {
        $chart = Charts::of($alert->chart);
        $prices = array_map(static fn (float $price): string => (string) $chart->price($price), ['open' => $candle->open, 'high' => $candle->high, 'low' => $candle->low, 'close' => $candle->close]);
        $values = $more + $prices + ['symbol' => $chart->symbol(), 'volume' => (string) $candle->volume, 'time' => Clock::iso($at), 'bar_time' => Clock::iso($candle->at), 'interval' => $alert->candles, 'alert_name' => $alert->name];
        $this->kept->fire($alert, $at, $more['order_price'] ?? $prices['close'], Template::fill($alert->message, $values));
    }

    private function isAway(int $seen, int $now): bool
    {
        return $now < $seen || $now - $seen > self::LONGEST_AWAY * PracticeClock::shared()->rate(Clock::milliseconds());
    }
}
