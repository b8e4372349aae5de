<?php

namespace App\Http\Controllers\Readings;

use App\Http\Requests\ReadingRequest;
use App\Http\Resources\ReadingResource;
use App\Models\Reading;
use App\Reading\KeepReading;
use Illuminate\Http\JsonResponse;

/** Changes a reading, unless it would read one of its samples otherwise than before and nobody has accepted that. */
final class ChangeReading
{
    public function __invoke(ReadingRequest $request, Reading $reading, KeepReading $keep): ReadingResource|JsonResponse
    {
        $broken = $keep->broken($reading, $request->value(), $request->samples());
        if ($broken !== [] && ! $request->boolean('accept')) {
            return new JsonResponse([
                'message' => count($broken) === 1 ? 'One sample would be read otherwise than before. Nothing is saved yet.' : count($broken).' samples would be read otherwise than before. Nothing is saved yet.',
                'broken' => $broken,
            ], 409);
        }
        $reading->fill(['name' => trim($request->string('name'))]);

        return new ReadingResource($keep->keep($reading, $request->value(), $request->samples())->load(['samples', 'inlets']));
    }
}
