<?php

declare(strict_types=1);

namespace Standin\Bench\Alert;

use Illuminate\Database\Connection;
use Standin\Bench\Chart\Charts;
use Standin\Bench\Chart\Interval;
use Standin\Bench\Given;
use Standin\Bench\Script\Event;
use Standin\Bench\Trouble;
use Standin\Exchange\Clock;
use Standin\Exchange\Plain;
use Standin\Exchange\PracticeClock;
use stdClass;
use Wexon\Core\Study\Condition\Conditions;

/** The alerts on disk. States: active, stopped by hand, over after its one time, expired. */
final readonly class Alerts
{
    private const LONGEST_MESSAGE = 16_000;

    private const SHOWN_FIRINGS = 100;

    public function __construct(private Connection $database) {}

    /** @return list<array<string, mixed>> The newest first. */
    public function all(): array
    {
        return array_map(self::shown(...), array_values($this->database->table('alerts')->orderByDesc('id')->limit(200)->get()->all()));
    }

    /**
     * @param  array<array-key, mixed>  $given  name, chart, candles, condition or script_id, firing, message, address, mail, expires (a day)
     * @return array<string, mixed>
     *
     * @throws Trouble If a part is missing or means nothing.
     */
    public function make(array $given): array
    {
        $row = $this->checked($given) + ['state' => 'active', 'seen_until' => PracticeClock::shared()->now(), 'created_at' => Clock::milliseconds()];

        return $this->one($this->database->table('alerts')->insertGetId($row));
    }

    /**
     * @return array<string, mixed>
     *
     * @throws Trouble
     */
    public function one(int $id): array
    {
        return self::shown($this->row($id));
    }

    /**
     * Stopped, or active again from now on.
     *
     * @return array<string, mixed>
     *
     * @throws Trouble
     */
    public function setState(int $id, string $state): array
    {
        if (! in_array($state, ['active', 'stopped'], true)) {
            throw new Trouble('An alert is made active or stopped.');
        }
        $row = $this->row($id);
        if ($state === 'active' && $row->expires_at !== null && $row->expires_at <= Clock::milliseconds()) {
            throw new Trouble('This alert has expired. Give it a later day first.');
        }
        $this->database->table('alerts')->where('id', $id)->update(['state' => $state] + ($state === 'active' ? ['seen_until' => PracticeClock::shared()->now()] : []));

        return $this->one($id);
    }

    /**
     * @return array<string, mixed>
     *
     * @throws Trouble
     */
    public function setExpiry(int $id, ?string $day): array
    {
        $this->row($id);
        $expires = self::endOf($day);
        $this->database->table('alerts')->where('id', $id)->update(['expires_at' => $expires]);
        $this->database->table('alerts')->where('id', $id)->where('state', 'expired')->update(['state' => 'active', 'seen_until' => PracticeClock::shared()->now()]);

        return $this->one($id);
    }

    public function remove(int $id): void
    {
        $this->database->transaction(function () use ($id): void {
            $this->database->table('firings')->where('alert_id', $id)->delete();
            $this->database->table('alerts')->where('id', $id)->delete();
        });
    }

    /** @return list<array<string, mixed>> The newest first. */
    public function firings(int $id): array
    {
        return array_map(static fn (stdClass $row): array => ['price' => Plain::number((string) $row->price)] + (array) $row, array_values($this->database->table('firings')->where('alert_id', $id)->orderByDesc('id')->limit(self::SHOWN_FIRINGS)->get()->all()));
    }

    /** Puts down that an alert fires, for each of its ways out; {@see Post} takes it from there. */
    public function fire(stdClass $alert, int $at, string $price, string $body): void
    {
        $ways = array_filter(['web' => $alert->address, 'mail' => $alert->mail]);
        foreach ($ways as $way => $target) {
            $this->database->table('firings')->insert(['alert_id' => $alert->id, 'at' => $at, 'price' => $price, 'body' => $body, 'way' => $way, 'target' => $target, 'state' => 'waiting', 'due_at' => Clock::milliseconds()]);
        }
        $this->database->table('alerts')->where('id', $alert->id)->increment('fired', 1, ['last_fired_at' => $at] + ($alert->firing === Firing::OnlyOnce->value ? ['state' => 'over'] : []));
    }

    /** @throws Trouble */
    private function row(int $id): stdClass
    {
        return $this->database->table('alerts')->where('id', $id)->first() ?? throw Trouble::notFound('alert');
    }

    /**
     * @param  array<array-key, mixed>  $given
     * @return array<string, mixed>
     *
     * @throws Trouble
     */
    private function checked(array $given): array
    {
        $text = static fn (string $name): string => trim(Given::text($given, $name));
        $scriptId = is_int($given['script_id'] ?? null) ? $given['script_id'] : null;
        $condition = is_array($given['condition'] ?? null) ? $given['condition'] : null;
        foreach (['name' => 'Give the alert a name.', 'message' => 'Give the alert a message text.'] as $field => $words) {
            if ($text($field) === '') {
                throw new Trouble($words);
            }
        }
        if (strlen($text('message')) > self::LONGEST_MESSAGE) {
            throw new Trouble('A message has at most '.self::LONGEST_MESSAGE.' characters.');
        }
        if ($text('address') === '' && $text('mail') === '') {
            throw new Trouble('Say where the message goes: a web address, a mail address, or both.');
        }
        if ($text('address') !== '' && preg_match('#^https?://\S+$#', $text('address')) !== 1) {
            throw new Trouble("“{$text('address')}” is no web address: it begins with http:// or https:// and has no blanks.");
        }
        if ($text('mail') !== '' && filter_var($text('mail'), FILTER_VALIDATE_EMAIL) === false && preg_match('/^[^@\s]+@[^@\s]+$/', $text('mail')) !== 1) {
            throw new Trouble("“{$text('mail')}” is no mail address.");
        }
        if (($condition === null) === ($scriptId === null)) {
            throw new Trouble('An alert fires by a condition of the chart, or by the orders of one running script. Choose one.');
        }
        if ($scriptId !== null) {
            $script = $this->database->table('scripts')->where('id', $scriptId)->first() ?? throw Trouble::notFound('script');
            $given = ['chart' => $script->chart, 'candles' => $script->candles] + $given;
        }
        $chart = Charts::of(Given::text($given, 'chart'));
        if (! $chart->goesOn()) {
            throw new Trouble('Imported candles are of the past: nothing can fire on them. Choose a chart of a venue.');
        }
        if ($condition !== null) {
            Conditions::of($condition);
        }

        return [
            'name' => mb_substr($text('name'), 0, 200), 'chart' => $chart->key(), 'candles' => Interval::named(Given::text($given, 'candles'))->value,
            'shown_if' => $condition === null ? null : json_encode($condition, JSON_THROW_ON_ERROR), 'script_id' => $scriptId, 'only_when' => $this->onlyWhen($scriptId, $text('only')),
            'firing' => Firing::named($text('firing') === '' ? 'at_the_close' : $text('firing'))->value, 'message' => $text('message'),
            'address' => $text('address') === '' ? null : $text('address'), 'mail' => $text('mail') === '' ? null : $text('mail'), 'expires_at' => self::endOf($text('expires') === '' ? null : $text('expires')),
        ];
    }

    /** @throws Trouble If a script has no such orders. */
    private function onlyWhen(?int $scriptId, string $only): ?string
    {
        if ($only === '' || $scriptId === null) {
            return null;
        }

        return in_array($only, Event::NAMES, true) ? $only : throw new Trouble('An alert is for all orders of a script, or for those that '.implode(', ', Event::NAMES).'.');
    }

    /** @throws Trouble If it is no day to come. */
    private static function endOf(?string $day): ?int
    {
        if ($day === null) {
            return null;
        }
        $end = preg_match('/^\d{4}-\d\d-\d\d$/', $day) === 1 ? Clock::endOf($day) : null;
        if ($end === null || $end <= Clock::milliseconds()) {
            throw new Trouble("“{$day}” is no day to come. Write it as 2026-12-31.");
        }

        return $end;
    }

    /** @return array<string, mixed> */
    private static function shown(stdClass $row): array
    {
        $only = $row->only_when === null ? 'each order of the script' : "each order of the script that is: {$row->only_when}";
        $condition = $row->shown_if === null ? null : json_decode($row->shown_if, true, flags: JSON_THROW_ON_ERROR);
        $chart = Charts::of($row->chart);

        return [
            'id' => $row->id, 'name' => $row->name, 'chart' => $row->chart, 'symbol' => $chart->symbol(), 'candles' => $row->candles, 'condition' => $condition,
            'condition_words' => is_array($condition) ? Conditions::of($condition)->words() : $only, 'script_id' => $row->script_id, 'firing' => $row->firing, 'message' => $row->message,
            'unknown_placeholders' => Template::unknown($row->message, $row->script_id !== null),
            'address' => $row->address, 'mail' => $row->mail, 'expires_at' => $row->expires_at, 'state' => $row->state, 'fired' => $row->fired, 'last_fired_at' => $row->last_fired_at,
        ];
    }
}
