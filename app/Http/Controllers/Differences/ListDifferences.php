<?php

namespace App\Http\Controllers\Differences;

use App\Http\Resources\DifferenceResource;
use App\Models\Difference;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Resources\Json\AnonymousResourceCollection;

/** Where venues and our books do not agree now. */
final class ListDifferences
{
    private const MOST = 100;

    public function __invoke(#[CurrentUser] User $user): AnonymousResourceCollection
    {
        return DifferenceResource::collection(Difference::query()->where('desk_id', $user->desk_id)->where('is_there', true)->with('account')->orderBy('id')->limit(self::MOST)->get());
    }
}
