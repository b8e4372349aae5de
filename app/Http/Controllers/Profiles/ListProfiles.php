<?php

namespace App\Http\Controllers\Profiles;

use App\Http\Resources\ProfileResource;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Resources\Json\AnonymousResourceCollection;
use Wexon\Core\Profile\Variables;

/** The desk's chart profiles, and what a platform can write into a message. */
final class ListProfiles
{
    public function __invoke(#[CurrentUser] User $user): AnonymousResourceCollection
    {
        return ProfileResource::collection($user->desk->chartProfiles()->orderBy('name')->get())->additional(['variables' => Variables::all()]);
    }
}
