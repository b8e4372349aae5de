<?php

namespace App\Http\Controllers\Notices;

use App\Live\Live;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Response;

/** Marks everything as read. */
final class ReadNotices
{
    public function __invoke(#[CurrentUser] User $user, Live $live): Response
    {
        $user->desk->notices()->whereNull('read_at')->update(['read_at' => now()]);
        $live->notices($user->desk_id);

        return new Response(status: 204);
    }
}
