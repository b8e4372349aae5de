<?php

declare(strict_types=1);

namespace Standin\Bench;

use Brick\Math\RoundingMode;
use Illuminate\Database\Connection;
use Standin\Bench\Alert\AlertRun;
use Standin\Bench\Alert\Alerts;
use Standin\Bench\Alert\Firing;
use Standin\Bench\Alert\Template;
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

    /** Milliseconds by which looks and clocks differ anyway. */
    private const LONGEST_SETTING = 86_400_000;

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
        $look = $interval->look();
        $now -= $now % $look;
        if ($now === (int) $alert->seen_until) {
            return;
        }
        $candles = Charts::of($alert->chart)->candles($interval);
        $from = $this->isAway((int) $alert->seen_until, $now) ? $now : (int) $alert->seen_until;
        if ($from !== (int) $alert->seen_until) {
            unset($this->alerts[$alert->id]);
        }
        $run = $this->alerts[$alert->id] ??= $this->begunAlert($alert, $from);
        for ($time = $from - $from % $look + $look; $time <= $now; $time += $look) {
            $begin = $candles->begin($time - 1);
            $closes = $time === $begin + $interval->length();
            $candle = $candles->forming($time - ($closes ? 1 : 0));
            $candle = $closes ? ($candles->between($begin, $begin)[0] ?? null) : $candle;
            if ($candle !== null && ($closes ? $run->close($candle) : $run->look($candle))) {
                $this->fire($alert, $time, $candle, []);
                if ($alert->firing === Firing::OnlyOnce->value) {
                    break;
                }
            }
        }
        $this->database->table('alerts')->where('id', $alert->id)->update(['seen_until' => $now]);
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
        $interval = Interval::named($script->candles);
        $candles = Charts::of($script->chart)->candles($interval);
        $seen = (int) $script->seen_until;
        $now -= $now % $interval->look();
        if ($now <= $seen) {
            $this->setBack($script, $seen - $now);

            return;
        }
        $run = $this->scripts[$script->id] ??= $this->caughtUp($script, $seen);
        $tells = ! $this->isAway($seen, $now);
        $events = [];
        for ($begin = $candles->begin($seen); $begin <= $now; $begin += $interval->length()) {
            $end = $begin + $interval->length();
            if ($run->book()->resting() !== []) {
                foreach ($candles->within($begin) as $time => $price) {
                    if ($time > max($seen, $begin) && $time <= $now) {
                        array_push($events, ...$run->look($time, $price));
                    }
                }
            }
            $closed = $end > $seen && $end <= $now ? ($candles->between($begin, $begin)[0] ?? null) : null;
            if ($closed !== null) {
                array_push($events, ...$run->close($closed));
            }
        }
        $this->database->transaction(function () use ($script, $events, $tells, $now): void {
            $this->keep($script, $events, $tells);
            $this->database->table('scripts')->where('id', $script->id)->update(['seen_until' => $now]);
        });
    }

    /** When the practice clock was set back, a script begins anew. */
    private function setBack(stdClass $script, int $by): void
    {
        if ($by > self::LONGEST_SETTING) {
            $now = PracticeClock::shared()->now();
            $this->database->table('scripts')->where('id', $script->id)->update(['since' => $now, 'seen_until' => $now]);
            unset($this->scripts[$script->id]);
        }
    }

    /** After a start of this process: what the script did since it began, which was told then. */
    private function caughtUp(stdClass $script, int $seen): Run
    {
        $run = RunningScripts::begun($script);
        $interval = Interval::named($script->candles);
        $candles = Charts::of($script->chart)->candles($interval);
        foreach ($candles->between($candles->begin((int) $script->since), $candles->begin($seen)) as $candle) {
            $end = $candle->at + $interval->length();
            if ($run->book()->resting() !== []) {
                foreach ($candles->within($candle->at) as $time => $price) {
                    if ($time > max((int) $script->since, $candle->at) && $time <= $seen) {
                        $run->look($time, $price);
                    }
                }
            }
            if ($end > (int) $script->since && $end <= $seen) {
                $run->close($candle);
            }
        }

        return $run;
    }

    /** @param  list<Event>  $events */
    private function keep(stdClass $script, array $events, bool $tells): void
    {
        if ($events === []) {
            return;
        }
        $this->database->table('script_events')->insert(array_map(static fn (Event $event): array => [
            'script_id' => $script->id, 'at' => $event->at, 'kind' => $event->kind, 'side' => $event->side, 'size' => (string) $event->size, 'price' => (string) $event->price,
            'label' => mb_substr($event->label, 0, 80), 'position' => (string) $event->after, 'money' => (string) $event->money->toScale(12, RoundingMode::HALF_EVEN),
        ], $events));
        $candles = Charts::of($script->chart)->candles(Interval::named($script->candles));
        $alerts = $tells ? $this->database->table('alerts')->where('script_id', $script->id)->where('state', 'active')->orderBy('id')->get()->all() : [];
        foreach (array_filter($events, static fn (Event $event): bool => $event->isTold()) as $event) {
            $candle = $candles->between($candles->begin($event->at - 1), $candles->begin($event->at - 1))[0] ?? null;
            foreach ($alerts as $alert) {
                $candle === null || ($alert->only_when !== null && ! $event->is($alert->only_when)) || $this->fire($alert, $event->at, $candle, $event->values());
            }
        }
    }

    /** @param  array<string, string>  $more  Values of the order that an alert tells of. */
    private function fire(stdClass $alert, int $at, Candle $candle, array $more): void
    {
        $chart = Charts::of($alert->chart);
        $stamp = static fn (int $time): string => Clock::moment($time)->format('Y-m-d\TH:i:s.v\Z');
        $prices = array_map(static fn (float $price): string => (string) $chart->price($price), ['open' => $candle->open, 'high' => $candle->high, 'low' => $candle->low, 'close' => $candle->close]);
        $values = $more + $prices + ['symbol' => $chart->symbol(), 'volume' => (string) $candle->volume, 'time' => $stamp($at), 'bar_time' => $stamp($candle->at), 'interval' => $alert->candles, 'alert_name' => $alert->name];
        $this->kept->fire($alert, $at, $more['order_price'] ?? $prices['close'], Template::fill($alert->message, $values));
    }

    private function isAway(int $seen, int $now): bool
    {
        return $now < $seen - self::LONGEST_SETTING || $now - $seen > self::LONGEST_AWAY * PracticeClock::shared()->rate(Clock::milliseconds());
    }
}
