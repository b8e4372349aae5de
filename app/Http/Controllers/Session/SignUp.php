<?php

namespace App\Http\Controllers\Session;

use App\Http\Resources\MeResource;
use App\Models\Desk;
use App\Models\User;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\Rules\Password;

/** Makes a desk and its first user, and signs them in. */
final class SignUp
{
    public function __invoke(Request $request): MeResource
    {
        $given = $request->validate([
            'desk' => ['required', 'string', 'max:80'],
            'name' => ['required', 'string', 'max:80'],
            'email' => ['required', 'email', 'max:190', 'unique:users'],
            'password' => ['required', Password::min(10)],
        ], ['email.unique' => 'This mail address is signed up already: sign in instead.']);
        $user = DB::transaction(static function () use ($given): User {
            $desk = Desk::query()->create(['name' => $given['desk'], 'zone' => 'UTC']);

            return User::query()->create(['desk_id' => $desk->id, 'name' => $given['name'], 'email' => $given['email'], 'password' => $given['password']]);
        });
        Auth::login($user, remember: true);
        $request->session()->regenerate();

        return MeResource::of($request);
    }
}
