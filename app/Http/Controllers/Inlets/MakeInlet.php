<?php

namespace App\Http\Controllers\Inlets;

use App\Http\Resources\InletResource;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;

final class MakeInlet
{
    public function __invoke(Request $request, #[CurrentUser] User $user): InletResource
    {
        $given = $request->validate([
            'name' => ['required', 'string', 'max:80', Rule::unique('inlets')->where('desk_id', $user->desk_id)],
            'per_minute' => ['integer', 'between:1,6000'],
        ], ['name.unique' => 'Another inlet of this desk has this name: choose another.']);

        return new InletResource($user->desk->inlets()->create(['per_minute' => 300, ...$given])->load(['routes', 'reading']));
    }
}
