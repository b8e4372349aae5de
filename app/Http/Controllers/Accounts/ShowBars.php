<?php

namespace App\Http\Controllers\Accounts;

use App\Connector\Connectors;
use App\Connector\TellsHistory;
use App\Connector\VenueTrouble;
use App\Models\Account;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Wexon\Core\Market\Bar;

/** What the price of an instrument did lately at an account's venue; nothing where the venue does not tell. */
final class ShowBars
{
    private const COUNT = 180;

    public function __invoke(Request $request, Account $account, Connectors $connectors): JsonResponse
    {
        $given = $request->validate(['instrument' => ['required', 'string', 'max:60'], 'seconds' => ['required', 'integer', 'in:5,15,60,300,900,3600,86400']]);
        $connector = $connectors->for($account);
        try {
            $bars = $connector instanceof TellsHistory ? $connector->bars($given['instrument'], (int) $given['seconds'], self::COUNT) : [];
        } catch (VenueTrouble $trouble) {
            abort(422, $trouble->getMessage());
        }

        return new JsonResponse(['data' => array_map(static fn (Bar $bar): array => [
            'at' => $bar->at->format('Uv'), 'open' => (string) $bar->open, 'high' => (string) $bar->high, 'low' => (string) $bar->low, 'close' => (string) $bar->close,
        ], $bars)]);
    }
}
