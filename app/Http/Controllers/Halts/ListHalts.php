<?php

namespace App\Http\Controllers\Halts;

use App\Http\Resources\HaltResource;
use App\Models\Halt;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Resources\Json\AnonymousResourceCollection;

/** The halts that are on, and the last ones that were. */
final class ListHalts
{
    private const MOST = 20;

    public function __invoke(#[CurrentUser] User $user): AnonymousResourceCollection
    {
        return HaltResource::collection(Halt::query()->where('desk_id', $user->desk_id)->with('account')->orderByRaw('lifted_at is not null')->orderByDesc('id')->limit(self::MOST)->get());
    }
}
