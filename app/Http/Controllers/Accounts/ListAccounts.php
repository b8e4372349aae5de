<?php

namespace App\Http\Controllers\Accounts;

use App\Http\Resources\AccountResource;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Resources\Json\AnonymousResourceCollection;

final class ListAccounts
{
    public function __invoke(#[CurrentUser] User $user): AnonymousResourceCollection
    {
        return AccountResource::collection($user->desk->accounts()->with('routes')->orderBy('name')->get());
    }
}
