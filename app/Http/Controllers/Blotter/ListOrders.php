<?php

namespace App\Http\Controllers\Blotter;

use App\Http\Resources\OrderResource;
use App\Models\OrderState;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\AnonymousResourceCollection;

/** The newest orders first, a page at a time. */
final class ListOrders
{
    private const PAGE = 50;

    private const MOST_WORKING = 200;

    public function __invoke(Request $request, #[CurrentUser] User $user): AnonymousResourceCollection
    {
        $given = $request->validate(['before' => ['nullable', 'integer'], 'working' => ['nullable', 'in:true,false']]);
        $working = ($given['working'] ?? 'false') === 'true';

        return OrderResource::collection($user->desk->orders()->with(['account', 'decision.message', 'decision.route'])
            ->when($given['before'] ?? null, static fn ($query, $id) => $query->where('id', '<', $id))
            ->when($working, static fn ($query) => $query->whereIn('state', OrderState::open()))
            ->orderByDesc('id')->limit($working ? self::MOST_WORKING : self::PAGE)->get());
    }
}
