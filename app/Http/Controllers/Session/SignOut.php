<?php

namespace App\Http\Controllers\Session;

use App\Models\User;
use Illuminate\Contracts\Auth\StatefulGuard;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Auth;
use Laravel\Sanctum\PersonalAccessToken;
use LogicException;

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
            $this->browser()->logout();
            $request->session()->invalidate();
            $request->session()->regenerateToken();
        }

        return new Response(status: 204);
    }

    /** The guard of the cookie; the one in force also takes bearer tokens and knows no signing out. */
    private function browser(): StatefulGuard
    {
        $guard = Auth::guard('web');

        return $guard instanceof StatefulGuard ? $guard : throw new LogicException('The browser\'s guard keeps no session.');
    }
}
