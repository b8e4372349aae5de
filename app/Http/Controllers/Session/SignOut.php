<?php

namespace App\Http\Controllers\Session;

use App\Models\User;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Auth;
use Laravel\Sanctum\PersonalAccessToken;

/** Ends the session, or makes the bearer token that asks worthless. */
final class SignOut
{
    public function __invoke(Request $request): Response
    {
        $user = $request->user();
        $token = $user instanceof User ? $user->currentAccessToken() : null;
        if ($token instanceof PersonalAccessToken) {
            $token->delete();
        } else {
            Auth::logout();
            $request->session()->invalidate();
            $request->session()->regenerateToken();
        }

        return new Response(status: 204);
    }
}
