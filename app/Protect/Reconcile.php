<?php

namespace App\Protect;

use App\Connector\Connectors;
use App\Connector\VenueTrouble;
use App\Control\ChangeState;
use App\Live\Live;
use App\Models\Account;
use App\Models\Difference;
use App\Models\Notice;
use App\Models\Order;
use App\Models\OrderState;
use App\Models\Position;
use App\Notify\Kind;
use Brick\Math\BigDecimal;
use Wexon\Core\Route\RouteState;

/**
 * Holds what a venue says of an account's positions and working orders against our books. What differs twice in a row,
 * while nothing of ours is on its way, is a difference: it is told in plain words and left alone until somebody answers.
 */
final class Reconcile
{
    /** @var array<int, array<string, array{kind: 'position'|'order', instrument: string|null, ours: BigDecimal, theirs: BigDecimal, words: string}>> By account, what differed at the last look. */
    private array $before = [];

    public function __construct(private readonly Connectors $connectors, private readonly ChangeState $change, private readonly Live $live) {}

    /** @throws VenueTrouble If the venue does not tell. */
    public function look(Account $account): void
    {
        if ($this->isBusy($account)) {
            unset($this->before[$account->id]);

            return;
        }
        $differs = $this->positions($account) + $this->orders($account);
        if ($this->isBusy($account)) {
            return;
        }
        $known = Difference::query()->where('account_id', $account->id)->where('is_there', true)->get()->keyBy(static fn (Difference $one): string => "{$one->kind}:{$one->subject}")->all();
        foreach ($known as $key => $one) {
            if (! isset($differs[$key])) {
                $one->end('gone');
                $this->live->difference($account->desk_id);
            }
        }
        foreach (array_intersect_key($differs, $this->before[$account->id] ?? []) as $key => $found) {
            $one = $known[$key] ?? null;
            if ($one === null || ! $one->theirs->isEqualTo($found['theirs']) || ! $one->ours->isEqualTo($found['ours'])) {
                $this->tell($account, $one, explode(':', $key, 2)[1], $found);
            }
        }
        $this->before[$account->id] = $differs;
    }

    /**
     * While something of ours is under way, books and venue may well differ for a moment.
     *
     * @phpstan-impure
     */
    private function isBusy(Account $account): bool
    {
        return Order::query()->where('account_id', $account->id)->where('state', OrderState::Committed)->exists();
    }

    /**
     * @return array<string, array{kind: 'position', instrument: string, ours: BigDecimal, theirs: BigDecimal, words: string}>
     *
     * @throws VenueTrouble
     */
    private function positions(Account $account): array
    {
        $theirs = $this->connectors->for($account)->positions();
        $ours = Position::query()->where('account_id', $account->id)->where('quantity', '!=', 0)->get()->mapWithKeys(static fn (Position $row): array => [$row->instrument => $row->quantity])->all();
        $differs = [];
        foreach (array_keys($theirs + $ours) as $instrument) {
            $there = $theirs[$instrument] ?? BigDecimal::zero();
            $here = $ours[$instrument] ?? BigDecimal::zero();
            if (! $there->isEqualTo($here)) {
                $differs["position:{$instrument}"] = ['kind' => 'position', 'instrument' => $instrument, 'ours' => $here, 'theirs' => $there, 'words' => $this->positionWords($instrument, $here, $there)];
            }
        }

        return $differs;
    }

    private function positionWords(string $instrument, BigDecimal $ours, BigDecimal $theirs): string
    {
        $shown = static fn (BigDecimal $size): string => $size->isZero() ? 'nothing' : ($size->isPositive() ? 'long ' : 'short ').$size->abs()->stripTrailingZeros();

        return match (true) {
            $ours->isZero() => "The venue holds {$shown($theirs)} of {$instrument} that Wexon did not open.",
            $theirs->isZero() => "Wexon's books hold {$shown($ours)} of {$instrument}, but the venue holds nothing: it was closed there.",
            default => "Wexon's books hold {$shown($ours)} of {$instrument}, the venue {$shown($theirs)}: it was changed there.",
        };
    }

    /**
     * @return array<string, array{kind: 'order', instrument: null, ours: BigDecimal, theirs: BigDecimal, words: string}>
     *
     * @throws VenueTrouble
     */
    private function orders(Account $account): array
    {
        $working = array_map(strval(...), array_keys($this->connectors->for($account)->working()));
        $known = Order::query()->whereIn('client_id', $working)->pluck('client_id')->all();
        $differs = [];
        foreach (array_diff($working, $known) as $client) {
            $differs["order:{$client}"] = ['kind' => 'order', 'instrument' => null, 'ours' => BigDecimal::zero(), 'theirs' => BigDecimal::one(), 'words' => "An order is working at the venue that Wexon did not send: “{$client}”."];
        }

        return $differs;
    }

    /** @param  array{kind: 'position'|'order', instrument: string|null, ours: BigDecimal, theirs: BigDecimal, words: string}  $found */
    private function tell(Account $account, ?Difference $one, string $subject, array $found): void
    {
        ($one ?? new Difference(['desk_id' => $account->desk_id, 'account_id' => $account->id, 'subject' => $subject, 'is_there' => true]))
            ->fill($found + ['state' => 'open', 'answered_by' => null, 'seen_at' => now()])->save();
        Notice::once($account->desk_id, Kind::Difference, "{$account->name}: {$found['words']}", '/blotter');
        $this->live->difference($account->desk_id);
        $this->pause($account, $found['instrument'], $found['words']);
    }

    private function pause(Account $account, ?string $instrument, string $words): void
    {
        foreach ($account->routes()->where('state', RouteState::Armed->value)->get() as $route) {
            if (($route->rules['pause_on_difference'] ?? false) && ($instrument === null || in_array($instrument, $route->instruments(), true))) {
                $this->change->byItself($route, RouteState::Paused, 'a rule', "It pauses on a difference, as it says. {$words}");
            }
        }
    }
}
