<?php

namespace App\Http\Controllers\Readings;

use App\Models\Reading;
use Illuminate\Http\Response;

/** Removes a reading that no inlet reads by. */
final class RemoveReading
{
    public function __invoke(Reading $reading): Response
    {
        abort_if($reading->inlets()->exists(), 409, "“{$reading->name}” is read by at “{$reading->inlets()->value('name')}”: choose another reading there first.");
        $reading->delete();

        return new Response(status: 204);
    }
}
