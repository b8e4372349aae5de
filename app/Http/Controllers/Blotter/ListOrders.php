<?php

namespace App\Http\Controllers\Blotter;

use App\Http\Resources\OrderResource;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\AnonymousResourceCollection;

/** The newest orders first, a page at a time. */
final class ListOrders
{
    private const PAGE = 50;

    public function __invoke(Request $request, #[CurrentUser] User $user): AnonymousResourceCollection
    {
        $given = $request->validate(['before' => ['nullable', 'integer']]);

        return OrderResource::collection($user->desk->orders()->with(['account', 'decision.message', 'decision.route'])
            ->when($given['before'] ?? null, static fn ($query, $id) => $query->where('id', '<', $id))
            ->orderByDesc('id')->limit(self::PAGE)->get());
    }
}
