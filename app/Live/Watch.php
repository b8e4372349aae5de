<?php

namespace App\Live;

use App\Blotter\LastQuotes;
use App\Blotter\ValuePositions;
use App\Connector\Connectors;
use App\Connector\VenueTrouble;
use App\Dispatch\RefreshAccount;
use App\Models\Account;
use App\Models\Notice;
use App\Models\Position;
use App\Models\Route;
use App\Notify\Kind;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\Log;
use Wexon\Core\Market\Quote;

/** Keeps the screens' figures moving: asks the venues for prices and money, and publishes what the positions are worth. */
final class Watch
{
    /** Seconds between two looks at an account's money. */
    private const ACCOUNT_EVERY = 15;

    /** Accounts looked at in one go, so that prices and orders do not wait for them. */
    private const ACCOUNTS_AT_ONCE = 10;

    /** Seconds between two looks at what a venue lists. */
    private const LISTING_EVERY = 300;

    /** Seconds after which a desk without an open screen is tried again. */
    private const SCREEN_EVERY = 3;

    /** @var array<string, float> By venue. */
    private array $listedAt = [];

    /** @var array<int, float> By desk without an open screen. */
    private array $quietUntil = [];

    public function __construct(
        private readonly Connectors $connectors,
        private readonly RefreshAccount $refresh,
        private readonly ValuePositions $value,
        private readonly Live $live,
    ) {}

    /** Prices of everything that is held or routed. */
    public function prices(): void
    {
        $quotes = [];
        $all = Account::query()->with('routes')->get();
        foreach ($all->groupBy('venue') as $venue => $accounts) {
            foreach ($this->quotes($accounts) as $instrument => $quote) {
                $quotes["{$venue}:{$instrument}"] = $quote;
            }
        }
        LastQuotes::keep($quotes);
        foreach ($all->pluck('desk_id')->unique() as $deskId) {
            if (microtime(true) > ($this->quietUntil[$deskId] ?? 0) && ! $this->live->prices($deskId, $quotes, $this->value->ofDesk($deskId))) {
                $this->quietUntil[$deskId] = microtime(true) + self::SCREEN_EVERY;
            }
        }
    }

    /** Money and permissions of the accounts that were not looked at for the longest time. */
    public function accounts(): void
    {
        $due = Account::query()->where(static fn (Builder $query): Builder => $query->whereNull('checked_at')->orWhere('checked_at', '<', now()->subSeconds(self::ACCOUNT_EVERY)))
            ->orderBy('checked_at')->limit(self::ACCOUNTS_AT_ONCE)->get();
        foreach ($due as $account) {
            try {
                $this->refresh->refresh($account, $this->connectors->for($account), $this->listingIsDue($account->venue));
            } catch (VenueTrouble $trouble) {
                $account->update(['trouble' => mb_substr($trouble->getMessage(), 0, 400), 'checked_at' => now()]);
                $account->wasChanged('trouble') && Notice::once($account->desk_id, Kind::Trouble, "{$account->name}: {$account->trouble}", '/accounts');
                $this->live->account($account);
            }
        }
    }

    private function listingIsDue(string $venue): bool
    {
        if (microtime(true) < ($this->listedAt[$venue] ?? 0) + self::LISTING_EVERY) {
            return false;
        }
        $this->listedAt[$venue] = microtime(true);

        return true;
    }

    /**
     * Prices are the same for every account of a venue, so the first is asked.
     *
     * @param  Collection<int, Account>  $accounts
     * @return array<string, Quote>
     */
    private function quotes(Collection $accounts): array
    {
        $held = Position::query()->whereIn('account_id', $accounts->modelKeys())->where('quantity', '!=', 0)->distinct()->pluck('instrument');
        $routed = $accounts->pluck('routes')->flatten()->flatMap(static fn (Route $route): array => $route->instruments());
        $wanted = array_values(array_map(strval(...), $held->merge($routed)->unique()->all()));
        if ($wanted === []) {
            return [];
        }
        try {
            return $this->connectors->for($accounts->firstOrFail())->quotes($wanted);
        } catch (VenueTrouble $trouble) {
            Log::warning("No prices: {$trouble->getMessage()}");

            return [];
        }
    }
}
