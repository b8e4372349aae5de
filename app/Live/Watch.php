<?php

namespace App\Live;

use App\Blotter\LastQuotes;
use App\Blotter\ValuePositions;
use App\Connector\Connectors;
use App\Connector\VenueTrouble;
use App\Dispatch\RefreshAccount;
use App\Models\Account;
use App\Models\Position;
use App\Models\Route;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\Log;
use Wexon\Core\Market\Quote;

/** Keeps the screens' figures moving: asks the venues for prices and money, and publishes what the positions are worth. */
final readonly class Watch
{
    public function __construct(
        private Connectors $connectors,
        private RefreshAccount $refresh,
        private ValuePositions $value,
        private Live $live,
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
            $this->live->prices($deskId, $quotes, $this->value->ofDesk($deskId));
        }
    }

    /** Money and permissions of every account. */
    public function accounts(): void
    {
        foreach (Account::query()->get() as $account) {
            try {
                $this->refresh->refresh($account, $this->connectors->for($account));
            } catch (VenueTrouble $trouble) {
                $account->update(['trouble' => mb_substr($trouble->getMessage(), 0, 400)]);
                $this->live->account($account);
            }
        }
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
        $routed = $accounts->pluck('routes')->flatten()->unique('id')->flatMap(static fn (Route $route): array => array_column($route->rules['legs'], 'instrument'));
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
