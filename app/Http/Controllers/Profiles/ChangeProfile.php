<?php

namespace App\Http\Controllers\Profiles;

use App\Http\Requests\ProfileRequest;
use App\Http\Resources\ProfileResource;
use App\Models\ChartProfile;

final class ChangeProfile
{
    public function __invoke(ProfileRequest $request, ChartProfile $profile): ProfileResource
    {
        $profile->update(['name' => trim($request->string('name')), 'spec' => $request->value()->toArray()]);

        return new ProfileResource($profile);
    }
}
