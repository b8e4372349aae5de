<?php

namespace App\Http\Controllers\Session;

use App\Http\Resources\MeResource;
use Illuminate\Http\Request;

final class ShowMe
{
    public function __invoke(Request $request): MeResource
    {
        return MeResource::of($request);
    }
}
