<?php

namespace App\Http\Controllers\Halts;

use App\Http\Resources\HaltResource;
use App\Live\Live;
use App\Models\Halt;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Hash;
use Illuminate\Validation\ValidationException;

/** Lets orders go out again. It takes the password, as what follows may be sudden. */
final class LiftHalt
{
    public function __invoke(Request $request, Halt $halt, #[CurrentUser] User $user, Live $live): HaltResource
    {
        $given = $request->validate(['password' => ['required', 'string']]);
        if (! Hash::check($given['password'], $user->password)) {
            throw ValidationException::withMessages(['password' => 'That is not your password.']);
        }
        abort_if($halt->lifted_at !== null, 409, 'This halt is lifted already.');
        $halt->update(['lifted_by' => $user->name, 'lifted_at' => now()]);
        $live->halt($user->desk_id);

        return new HaltResource($halt->load('account'));
    }
}
