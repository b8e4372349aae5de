<?php

namespace App\Http\Controllers\Blotter;

use App\Http\Resources\FillResource;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\AnonymousResourceCollection;

/** The newest fills first, a page at a time. */
final class ListFills
{
    private const PAGE = 50;

    public function __invoke(Request $request, #[CurrentUser] User $user): AnonymousResourceCollection
    {
        $given = $request->validate(['before' => ['nullable', 'integer']]);

        return FillResource::collection($user->desk->fills()->with(['account', 'order'])
            ->when($given['before'] ?? null, static fn ($query, $id) => $query->where('id', '<', $id))
            ->orderByDesc('id')->limit(self::PAGE)->get());
    }
}
