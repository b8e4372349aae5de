<?php

namespace App\Http\Controllers\Differences;

use App\Http\Controllers\Positions\Refused;
use App\Http\Resources\DifferenceResource;
use App\Models\Difference;
use App\Models\User;
use App\Protect\AnswerDifference;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Request;

/** Answers a difference: take over what the venue holds, close it there, or leave it. */
final class Answer
{
    public function __invoke(Request $request, Difference $difference, #[CurrentUser] User $user, AnswerDifference $answer): DifferenceResource
    {
        $given = $request->validate(['answer' => ['required', 'in:adopt,close,ignore']]);
        abort_unless($difference->is_there === true, 409, 'This difference is gone already.');
        Refused::orDone('answer', static fn () => match ($given['answer']) {
            'adopt' => $answer->adopt($difference, $user),
            'close' => $answer->close($difference, $user),
            default => $answer->ignore($difference, $user),
        });

        return new DifferenceResource($difference->refresh());
    }
}
