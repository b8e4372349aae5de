<?php

namespace App\Dispatch;

use App\Connector\Connector;
use App\Connector\RenewsCredentials;
use App\Connector\VenueTrouble;
use App\Live\Live;
use App\Models\Account;
use App\Models\Instrument;
use Brick\Math\BigDecimal;
use Illuminate\Support\Facades\DB;
use Wexon\Core\Instrument\Instrument as InstrumentValue;

/** Asks a venue about an account, and keeps what it says: permissions, money, and what can be traded. */
final readonly class RefreshAccount
{
    private const ATTEMPTS = 5;

    public function __construct(private Live $live, private RenewCredentials $renew) {}

    /**
     * @param  bool  $listing  Whether to ask for the instruments too; they hardly ever change.
     *
     * @throws VenueTrouble
     */
    public function refresh(Account $account, Connector $connector, bool $listing = true): void
    {
        if ($account->exists && $connector instanceof RenewsCredentials) {
            $this->renew->renew($account, $connector);
        }
        $check = $connector->check();
        if ($listing) {
            $this->keepInstruments($account->venue, $connector->instruments());
        }
        $account->fill([
            'environment' => $check->environment->value,
            'permissions' => $check->permissions,
            'currency' => $check->balance->currency,
            'equity' => $check->balance->equity,
            'free' => $check->balance->free,
            'peak_equity' => $account->peak_equity === null ? $check->balance->equity : BigDecimal::max($account->peak_equity, $check->balance->equity),
            'trouble' => in_array('trade', $check->permissions, true) ? null : $check->words ?? 'This key may not trade: make one at the venue that may, and connect it.',
            'checked_at' => now(),
        ])->save();
        $this->live->account($account);
    }

    /**
     * Writes what is new or has changed. Two accounts of a venue that are connected at the same moment may lock each
     * other out: the database then takes one back, and it is done again.
     *
     * @param  list<InstrumentValue>  $instruments
     */
    private function keepInstruments(string $venue, array $instruments): void
    {
        DB::transaction(static function () use ($venue, $instruments): void {
            $known = Instrument::query()->where('venue', $venue)->pluck('spec', 'name');
            $rows = [];
            foreach ($instruments as $instrument) {
                $spec = $instrument->toArray();
                if ($known->get($instrument->name) !== $spec) {
                    $rows[] = ['venue' => $venue, 'name' => $instrument->name, 'spec' => json_encode($spec, JSON_THROW_ON_ERROR)];
                }
            }
            $rows === [] || Instrument::query()->upsert($rows, ['venue', 'name'], ['spec']);
        }, self::ATTEMPTS);
    }
}
