<?php

namespace App\Demo;

use App\Connector\Connectors;
use App\Control\ReleaseHeld;
use App\Dispatch\Intake;
use App\Models\Account;
use App\Models\Desk;
use App\Models\Inlet;
use App\Models\Message;
use App\Models\MessageState;
use App\Models\Notice;
use App\Models\Order;
use App\Models\Position;
use App\Models\Route;
use App\Protect\WatchPositions;
use Brick\Math\BigDecimal;
use Carbon\Carbon;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Symfony\Component\Uid\Ulid;
use Wexon\Core\Route\RouteState;

/**
 * Some weeks that the demo's desk has behind it. Every message goes the whole way of one that comes now, at its own time
 * and against the prices of then, so that all that is shown of the past is as consistent as what happens today.
 *
 * Nobody else may be at work on the desk meanwhile.
 *
 * @phpstan-type PastSpec array{messages: list<array{at: int, inlet: string, body: string}>, prices: array<string, array{spread: int, rate: string, closes: list<array{int, string}>}>}
 */
final class Past
{
    /** Seconds between two looks at what is held. */
    private const LOOKS_EVERY = 3_600;

    /** Milliseconds that pass from a message to what comes of it. */
    private const TAKES = 90;

    private CarbonImmutable $lookedAt;

    /** @var array<string, Inlet> By name. */
    private array $inlets = [];

    public function __construct(private readonly Intake $intake, private readonly Connectors $connectors, private readonly ReleaseHeld $held, private readonly Counter $counter) {}

    /** @param  PastSpec  $past */
    public function live(Desk $desk, array $past): void
    {
        // Nobody watches the past.
        config(['queue.default' => 'sync', 'wexon.live_url' => null]);
        $now = CarbonImmutable::now();
        $begins = CarbonImmutable::createFromTimestampMs($past['messages'][0]['at'] ?? 0)->subHour();
        $this->lookedAt = $begins;
        $this->inlets = $desk->inlets()->get()->keyBy('name')->all();
        $accounts = $desk->accounts()->where('environment', 'practice')->orderBy('id')->get();
        $ids = array_values($accounts->map(static fn (Account $account): int => $account->id)->all());
        $venues = $this->venues($accounts->all(), new PastPrices($past['prices']));
        // All of it or nothing; and the disk is waited for once.
        DB::transaction(function () use ($desk, $past, $ids, $begins, $now): void {
            $this->dateBack($desk, $begins);
            foreach ($past['messages'] as $message) {
                $at = CarbonImmutable::createFromTimestampMs($message['at']);
                $this->watchUntil($at, $ids);
                $this->take($message['inlet'], $message['body'], $at);
            }
            $this->watchUntil($now->subMinutes(15), $ids);
            $this->close($desk, $now->subMinutes(12));
            self::setNow(null);
            Notice::query()->where('desk_id', $desk->id)->where('created_at', '<', $now->subDay())->update(['read_at' => $now]);
        });
        foreach ($accounts as $account) {
            $this->counter->renew($account, ['cash' => (string) $venues[$account->id]->cash()] + KestrelYard::ACCOUNTS[$account->name][1]);
        }
    }

    /**
     * @param  array<int, Account>  $accounts
     * @return array<int, PastVenue> By account.
     */
    private function venues(array $accounts, PastPrices $prices): array
    {
        $venues = [];
        foreach ($accounts as $account) {
            $venues[$account->id] = new PastVenue($account->venue, $account->currency, $prices, $account->equity ?? BigDecimal::zero());
            $this->connectors->replace($account, $venues[$account->id]);
        }

        return $venues;
    }

    /** What was set up is as old as its first message. */
    private function dateBack(Desk $desk, CarbonImmutable $to): void
    {
        $desk->routes()->where('state', RouteState::Armed->value)->update(['armed_at' => $to, 'created_at' => $to]);
        $desk->inlets()->update(['created_at' => $to]);
        $desk->accounts()->update(['created_at' => $to]);
    }

    private function take(string $inlet, string $body, CarbonImmutable $at): void
    {
        $isMail = $inlet === 'mail';
        $to = $this->inlets[$isMail ? "Tomas's mailbox" : $inlet];
        (new Message)->forceFill([
            'ulid' => Ulid::generate($at), 'desk_id' => $to->desk_id, 'inlet_id' => $to->id, 'body' => $body, 'content_type' => 'text/plain', 'headers' => [],
            'sender' => $isMail ? 'letters@lantern-row.example' : '127.0.0.1', 'arrived_by' => $isMail ? 'mail' : 'web', 'dry' => false, 'blanked' => 0, 'state' => MessageState::Stored, 'received_at' => $at->format('Y-m-d H:i:s.u'),
        ])->save();
        self::setNow($at->addMilliseconds(self::TAKES));
        $this->intake->work();
    }

    /** @param  list<int>  $accounts */
    private function watchUntil(CarbonImmutable $until, array $accounts): void
    {
        while ($this->lookedAt->addSeconds(self::LOOKS_EVERY) <= $until) {
            $this->lookedAt = $this->lookedAt->addSeconds(self::LOOKS_EVERY);
            self::setNow($this->lookedAt);
            $this->held->look();
            $watch = app()->make(WatchPositions::class);
            $fresh = [];
            foreach ($watch->wanted($accounts) as $venue => [$connector, $instruments]) {
                foreach ($connector->quotes($instruments) as $instrument => $quote) {
                    $fresh["{$venue}:{$instrument}"] = $quote;
                }
            }
            $watch->look($fresh);
        }
    }

    /** The desk is flat when the present begins, as the venues are. */
    private function close(Desk $desk, CarbonImmutable $at): void
    {
        foreach (Position::query()->where('desk_id', $desk->id)->where('quantity', '!=', 0)->orderBy('id')->get() as $position) {
            $route = Route::query()->find(Order::query()->where('account_id', $position->account_id)->where('instrument', $position->instrument)->whereNotNull('route_id')->orderByDesc('id')->value('route_id'));
            $leg = $route instanceof Route ? $route->rulesValue()->legOf($position->instrument) : null;
            if ($route instanceof Route && $leg !== null) {
                $inlet = (string) array_search($route->inlet_id, array_map(static fn (Inlet $inlet): int => $inlet->id, $this->inlets), true);
                $this->take($inlet, "flatten {$leg->symbol} label \"clean sheet\"", $at);
            }
        }
    }

    private static function setNow(?CarbonImmutable $now): void
    {
        Carbon::setTestNow($now);
        CarbonImmutable::setTestNow($now);
    }
}
