<?php

namespace App\Http\Controllers\Readings;

use App\Http\Requests\ReadingRequest;
use App\Http\Resources\ReadingResource;
use App\Models\Inlet;
use App\Models\User;
use App\Reading\KeepReading;
use Illuminate\Container\Attributes\CurrentUser;

/** Makes a reading, and lets an inlet read by it at once if one is named. */
final class MakeReading
{
    public function __invoke(ReadingRequest $request, #[CurrentUser] User $user, KeepReading $keep): ReadingResource
    {
        $reading = $keep->keep($user->desk->readings()->make(['name' => trim($request->string('name'))]), $request->value(), $request->samples());
        if ($request->filled('inlet_id')) {
            Inlet::query()->whereKey($request->integer('inlet_id'))->update(['reading_id' => $reading->id]);
        }

        return new ReadingResource($reading->load(['samples', 'inlets']));
    }
}
