<?php

declare(strict_types=1);

namespace Standin\Larkmoor;

use Illuminate\Database\Connection;
use Standin\Exchange\Clock;
use Standin\Exchange\Problem;
use stdClass;

/** A terminal that is connected: whose it is, and what it may do. */
final readonly class Session
{
    /** Milliseconds. */
    private const LASTS = 3_600_000;

    /** A login that was connected a while ago is ready at once. */
    private const QUICK = 300;

    private const STAGES = [20 => 'Looking for the server', 60 => 'Fetching the list of pairs', 100 => 'Fetching the account'];

    private function __construct(public string $name, public int $accountId, public int $login, public bool $readOnly) {}

    /**
     * Begins to connect.
     *
     * @return array<string, mixed>
     *
     * @throws Problem If login, password or server is wrong.
     */
    public static function begin(Connection $database, string $login, string $password, string $server): array
    {
        $row = $database->table('logins')->join('accounts', 'accounts.id', '=', 'logins.account_id')->where('login', $login)->first(['login', 'password', 'read_password', 'environment']);
        if (! in_array($server, FrontOffice::SERVERS, true)) {
            throw Problem::of(401, 'unknown_server', "No server “{$server}”; there are ".implode(' and ', FrontOffice::SERVERS).'.');
        }
        $access = match (true) {
            $row === null || FrontOffice::SERVERS[$row->environment] !== $server => null,
            hash_equals($row->password, $password) => 'full',
            hash_equals($row->read_password, $password) => 'read_only',
            default => null,
        };
        if ($access === null) {
            throw Problem::of(401, 'bad_login', "Login {$login} with this password is not known on {$server}.");
        }
        $now = Clock::milliseconds();
        $known = $database->table('sessions')->where('login', $login)->where('ready_at', '<', $now)->where('begun_at', '>', $now - self::LASTS)->exists();
        $session = bin2hex(random_bytes(16));
        $takes = $known ? self::QUICK : (int) (getenv('LARKMOOR_CONNECT_MS') ?: 9_000);
        $database->table('sessions')->insert(['session' => $session, 'login' => $login, 'access' => $access, 'begun_at' => $now, 'ready_at' => $now + $takes, 'ends_at' => $now + self::LASTS]);

        return self::progress($database, $session);
    }

    /**
     * How far the connecting is.
     *
     * @return array<string, mixed>
     *
     * @throws Problem If there is no such session.
     */
    public static function progress(Connection $database, string $session): array
    {
        $row = self::row($database, $session);
        $done = (int) min(100, 100 * (Clock::milliseconds() - $row->begun_at) / max(1, $row->ready_at - $row->begun_at));
        $doing = current(array_filter(self::STAGES, static fn (int $until): bool => $done <= $until, ARRAY_FILTER_USE_KEY));

        return ['session' => $session, 'state' => $done >= 100 ? 'ready' : 'connecting', 'done' => $done, 'doing' => $doing];
    }

    /** @throws Problem If it is over, or not ready yet. */
    public static function of(Connection $database, string $session): self
    {
        $row = self::row($database, $session);
        if ($row->ready_at > Clock::milliseconds()) {
            throw Problem::of(401, 'session_over', 'The terminal is not connected yet.');
        }
        $account = $database->table('logins')->where('login', $row->login)->value('account_id');

        return new self($session, (int) $account, (int) $row->login, $row->access === 'read_only');
    }

    /** @throws Problem If it was opened with the read-only password. */
    public function needTrading(): void
    {
        if ($this->readOnly) {
            throw Problem::of(403, 'read_only', 'This terminal was opened with the read-only password.');
        }
    }

    /** @throws Problem */
    private static function row(Connection $database, string $session): stdClass
    {
        return $database->table('sessions')->where('session', $session)->where('ends_at', '>', Clock::milliseconds())->first()
            ?? throw Problem::of(401, 'session_over', 'The terminal is not connected, or not any more.');
    }
}
