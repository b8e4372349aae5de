<?php

namespace App\Http\Controllers\Profiles;

use App\Http\Requests\ProfileRequest;
use App\Http\Resources\ProfileResource;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;

final class MakeProfile
{
    public function __invoke(ProfileRequest $request, #[CurrentUser] User $user): ProfileResource
    {
        return new ProfileResource($user->desk->chartProfiles()->create(['name' => trim($request->string('name')), 'spec' => $request->value()->toArray()]));
    }
}
