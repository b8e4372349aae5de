<?php

namespace App\Protect;

use App\Models\Account;
use Illuminate\Support\Facades\DB;

/**
 * Which watcher looks after which accounts: each takes its share, holds a lease on them and renews it all the time. When
 * it dies its leases run out, and the others take the accounts. Only the database's clock counts.
 */
final class Leases
{
    /** Seconds. */
    private const LASTS = 5;

    private const RENEWED_EVERY = 1.5;

    private float $renewedAt = 0.0;

    /** @var list<int> */
    private array $mine = [];

    public function __construct(private readonly string $holder) {}

    /** @return list<int> The accounts that are this watcher's until the next look. */
    public function accounts(): array
    {
        if (microtime(true) - $this->renewedAt < self::RENEWED_EVERY) {
            return $this->mine;
        }
        $this->renewedAt = microtime(true);
        DB::statement('INSERT INTO watchers VALUES (?, NOW(6)) ON DUPLICATE KEY UPDATE seen_at = NOW(6)', [$this->holder]);
        DB::statement('UPDATE account_leases SET until = NOW(6) + INTERVAL ? SECOND WHERE holder = ? AND until > NOW(6)', [self::LASTS, $this->holder]);
        $this->take($this->share() - $this->held());
        $this->mine = array_values(array_map(intval(...), DB::table('account_leases')->where('holder', $this->holder)->whereRaw('until > NOW(6)')->pluck('account_id')->all()));

        return $this->mine;
    }

    /** Lets the others have them at once. */
    public function giveUp(): void
    {
        DB::table('account_leases')->where('holder', $this->holder)->delete();
        DB::table('watchers')->where('holder', $this->holder)->delete();
    }

    /** As many accounts as fall to each watcher that lives. */
    private function share(): int
    {
        $watchers = DB::table('watchers')->whereRaw('seen_at > NOW(6) - INTERVAL ? SECOND', [self::LASTS])->count();

        return (int) ceil(Account::query()->count() / max(1, $watchers));
    }

    private function held(): int
    {
        return DB::table('account_leases')->where('holder', $this->holder)->count();
    }

    /** So many of those that nobody holds; when it has too many, it lets some go. */
    private function take(int $more): void
    {
        if ($more < 0) {
            DB::table('account_leases')->where('holder', $this->holder)->orderByDesc('account_id')->limit(-$more)->delete();
        }
        $free = $more <= 0 ? [] : DB::select(
            'SELECT a.id FROM accounts a LEFT JOIN account_leases l ON l.account_id = a.id AND l.until > NOW(6) WHERE l.account_id IS NULL ORDER BY a.venue, a.id LIMIT ?', [$more],
        );
        foreach ($free as $account) {
            // Two may want the same: it is the row's alone who changes it first.
            DB::statement(
                'INSERT INTO account_leases (account_id, holder, until) VALUES (?, ?, NOW(6) + INTERVAL ? SECOND)
                 ON DUPLICATE KEY UPDATE holder = IF(until < NOW(6), VALUES(holder), holder), until = IF(holder = VALUES(holder), VALUES(until), until)',
                [$account->id, $this->holder, self::LASTS],
            );
        }
    }
}
