<?php

namespace App\Http\Controllers\Profiles;

use App\Models\ChartProfile;
use App\Models\Route;
use Illuminate\Http\Response;

/** Removes a chart profile that no route's slips are written for. */
final class RemoveProfile
{
    public function __invoke(ChartProfile $profile): Response
    {
        $route = Route::query()->where('desk_id', $profile->desk_id)->where('slip_settings->profile_id', $profile->id)->first();
        abort_if($route !== null, 409, "The slips of “{$route?->name}” are written for “{$profile->name}”: choose another profile there first.");
        $profile->delete();

        return new Response(status: 204);
    }
}
