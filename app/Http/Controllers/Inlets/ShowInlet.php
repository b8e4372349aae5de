<?php

namespace App\Http\Controllers\Inlets;

use App\Http\Resources\InletResource;
use App\Models\Inlet;

final class ShowInlet
{
    public function __invoke(Inlet $inlet): InletResource
    {
        return new InletResource($inlet->load(['routes', 'reading']));
    }
}
