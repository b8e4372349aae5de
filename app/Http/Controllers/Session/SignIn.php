<?php

namespace App\Http\Controllers\Session;

use App\Http\Resources\MeResource;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Validation\ValidationException;

final class SignIn
{
    public function __invoke(Request $request): MeResource
    {
        $given = $request->validate(['email' => ['required', 'email'], 'password' => ['required', 'string']]);
        if (! Auth::attempt($given, remember: true)) {
            throw ValidationException::withMessages(['email' => 'This mail address and password do not belong together. Check both, or sign up.']);
        }
        $request->session()->regenerate();

        return MeResource::of($request);
    }
}
