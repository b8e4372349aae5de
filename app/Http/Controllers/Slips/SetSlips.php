<?php

namespace App\Http\Controllers\Slips;

use App\Models\Route;
use App\Models\User;
use App\Slips\RouteSlips;
use App\Slips\SlipsOf;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use Wexon\Core\Reading\ReadingError;
use Wexon\Core\Slip\SlipSet;
use Wexon\Core\Slip\SlipText;

/** Says how the chart works, and makes the slips for it. Slips that stay keep their codes. */
final class SetSlips
{
    public function __invoke(Request $request, Route $route, #[CurrentUser] User $user): JsonResponse
    {
        $given = $request->validate([
            'style' => ['required', Rule::in(SlipSet::STYLES)],
            'form' => ['required', Rule::in(SlipText::FORMS)],
            'way' => ['required', Rule::in(['message', 'address'])],
            'adds' => ['required', 'boolean'],
            'profile_id' => ['required', Rule::exists('chart_profiles', 'id')->where('desk_id', $user->desk_id)],
            'size' => ['nullable', 'array:amount,unit'],
            'size.amount' => ['required_with:size', 'string'],
            'size.unit' => ['required_with:size', 'string'],
        ], ['profile_id.exists' => 'Choose one of the desk\'s chart profiles.']);
        try {
            RouteSlips::size($given['size'] ?? null);
        } catch (ReadingError $error) {
            throw ValidationException::withMessages(['size' => $error->getMessage()]);
        }
        $wantsSize = $route->rules['size']['rule'] === 'from_message' && $given['style'] === 'plain';
        if ($wantsSize && ($given['size'] ?? null) === null) {
            throw ValidationException::withMessages(['size' => 'The route takes the size from the message, and a plain indicator knows none: say which size the slips are to ask for.']);
        }
        if ($given['style'] === 'script' && $given['way'] === 'address') {
            throw ValidationException::withMessages(['way' => 'A script says with each order what it is: it needs the one address and the message.']);
        }
        $route->update(['slip_settings' => ['size' => $wantsSize ? $given['size'] : null, 'profile_id' => (int) $given['profile_id'], 'adds' => (bool) $given['adds']] + $given]);
        RouteSlips::renew($route);

        return new JsonResponse(['data' => SlipsOf::route($route->refresh())]);
    }
}
