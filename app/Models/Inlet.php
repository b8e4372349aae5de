<?php

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Str;

/**
 * A secret web address that accepts messages. The token is found by its hash and kept encrypted, to be shown again.
 *
 * @property int $id
 * @property int $desk_id
 * @property string $name
 * @property string $token
 * @property string $token_hash
 * @property int $per_minute
 * @property int|null $reading_id
 * @property bool $paused
 * @property list<string> $allowed_senders
 * @property list<string> $allowed_mail
 * @property list<string> $allowed_symbols
 * @property string|null $phrase that every message must hold
 * @property string|null $signing_secret by which every message must be signed
 * @property string|null $previous_token_hash of the address that was in force before
 * @property CarbonImmutable|null $previous_until
 * @property string $mail_token local part of the mailbox
 * @property Reading|null $reading
 * @property CarbonImmutable|null $last_heard_at
 * @property CarbonImmutable $created_at
 * @property Desk $desk
 * @property \Illuminate\Database\Eloquent\Collection<int, Route> $routes
 */
class Inlet extends Model
{
    private const TOKEN_LENGTH = 40;

    /** Small letters and digits only: some mail programs change the case. */
    private const MAIL_TOKEN_LENGTH = 20;

    protected $dateFormat = 'Y-m-d H:i:s.u';

    protected $fillable = ['desk_id', 'name', 'per_minute', 'reading_id', 'paused', 'allowed_senders', 'allowed_mail', 'allowed_symbols', 'phrase', 'signing_secret'];

    protected $hidden = ['token', 'token_hash', 'previous_token_hash', 'phrase', 'signing_secret', 'mail_token'];

    protected $attributes = ['paused' => false, 'allowed_senders' => '[]', 'allowed_mail' => '[]', 'allowed_symbols' => '[]'];

    protected $casts = [
        'token' => 'encrypted',
        'paused' => 'bool',
        'allowed_senders' => 'array',
        'allowed_mail' => 'array',
        'allowed_symbols' => 'array',
        'phrase' => 'encrypted',
        'signing_secret' => 'encrypted',
        'previous_until' => 'immutable_datetime',
        'last_heard_at' => 'immutable_datetime',
        'created_at' => 'immutable_datetime',
    ];

    protected static function booted(): void
    {
        static::creating(static function (Inlet $inlet): void {
            $inlet->takeNewToken();
            $inlet->mail_token = strtolower(Str::random(self::MAIL_TOKEN_LENGTH));
        });
    }

    /** Gives it another address; the old one goes on answering until a moment, if there is one. */
    public function rotate(?CarbonImmutable $oldOneAnswersUntil): void
    {
        $this->previous_token_hash = $oldOneAnswersUntil === null ? null : $this->token_hash;
        $this->previous_until = $oldOneAnswersUntil;
        $this->takeNewToken();
        $this->save();
    }

    private function takeNewToken(): void
    {
        $token = Str::random(self::TOKEN_LENGTH);
        $this->token = $token;
        $this->token_hash = hash('sha256', $token);
    }

    public function mailbox(): string
    {
        return $this->mail_token.'@'.config('wexon.mail_domain');
    }

    public function address(): string
    {
        return rtrim((string) config('wexon.public_url'), '/').'/in/'.$this->token;
    }

    /** @return BelongsTo<Desk, $this> */
    public function desk(): BelongsTo
    {
        return $this->belongsTo(Desk::class);
    }

    /** @return BelongsTo<Reading, $this> */
    public function reading(): BelongsTo
    {
        return $this->belongsTo(Reading::class);
    }

    /** @return HasMany<Route, $this> */
    public function routes(): HasMany
    {
        return $this->hasMany(Route::class);
    }
}
