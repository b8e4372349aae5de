<?php

namespace App\Http\Controllers\Trades;

use App\Http\Resources\TradeResource;
use App\Models\Trade;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\AnonymousResourceCollection;

/** Round trips that are over, the newest first, fifty at a time. */
final class ListTrades
{
    private const PAGE = 50;

    public function __invoke(Request $request, #[CurrentUser] User $user): AnonymousResourceCollection
    {
        $given = $request->validate(['before' => ['date']]);
        $trades = Trade::query()->where('desk_id', $user->desk_id)->whereNotNull('closed_at')->with(['account', 'route'])->orderByDesc('closed_at')->orderByDesc('id')->limit(self::PAGE);
        isset($given['before']) && $trades->where('closed_at', '<', CarbonImmutable::parse($given['before'])->utc()->format('Y-m-d H:i:s.u'));

        return TradeResource::collection($trades->get());
    }
}
