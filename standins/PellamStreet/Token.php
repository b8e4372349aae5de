<?php

declare(strict_types=1);

namespace Standin\PellamStreet;

use Illuminate\Database\Connection;
use Standin\Exchange\Clock;
use Standin\Exchange\Problem;
use stdClass;
use Symfony\Component\HttpFoundation\Request;

/** An access token: whose it is, what it may do, and until when. */
final readonly class Token
{
    /** Milliseconds for which a token that was renewed is still taken, so that nobody is cut off in between. */
    private const GRACE = 300_000;

    private function __construct(private Connection $database, public stdClass $row) {}

    /** @throws Problem If it is not known, has ended, or is for another account. */
    public static function of(Connection $database, Request $request, ?string $number): self
    {
        $token = preg_replace('/^Bearer /', '', (string) $request->headers->get('Authorization'));
        $row = $database->table('tokens')->join('numbers', 'numbers.account_id', '=', 'tokens.account_id')->where('token', $token)->first(['tokens.*', 'account_number'])
            ?? throw Problem::of(401, 'unknown_token', 'This access token is not known.');
        if ($row->ends_at <= Clock::milliseconds()) {
            throw Problem::of(401, 'token_ended', 'This access token ended on '.gmdate('j M Y, H:i', intdiv($row->ends_at, 1000)).' UTC.');
        }
        if ($number !== null && $row->account_number !== $number) {
            throw Problem::of(403, 'other_account', "This access token is not for account {$number}.");
        }

        return new self($database, $row);
    }

    public static function issue(Connection $database, int $accountId, string $may, int $lasts): string
    {
        $now = Clock::milliseconds();
        $token = bin2hex(random_bytes(20));
        $database->table('tokens')->insert(['token' => $token, 'account_id' => $accountId, 'may' => $may, 'issued_at' => $now, 'ends_at' => $now + $lasts]);

        return $token;
    }

    /** A new one that lasts as long as this one did; this one ends soon. */
    public function renewed(): string
    {
        $now = Clock::milliseconds();
        $this->database->table('tokens')->where('token', $this->row->token)->update(['ends_at' => min((int) $this->row->ends_at, $now + self::GRACE)]);

        return self::issue($this->database, (int) $this->row->account_id, $this->row->may, (int) $this->row->ends_at - (int) $this->row->issued_at);
    }

    /** @throws Problem If it may not. */
    public function need(string $permission): void
    {
        if (! in_array($permission, explode(',', $this->row->may), true)) {
            throw Problem::of(403, 'not_allowed', "This access token may not {$permission}.");
        }
    }
}
