<?php

namespace App\Http\Controllers\Notices;

use App\Http\Resources\NoticeResource;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Resources\Json\AnonymousResourceCollection;

/** The newest first, and how many nobody has read. */
final class ListNotices
{
    private const PAGE = 50;

    public function __invoke(#[CurrentUser] User $user): AnonymousResourceCollection
    {
        return NoticeResource::collection($user->desk->notices()->orderByDesc('id')->limit(self::PAGE)->get())
            ->additional(['unread' => $user->desk->notices()->whereNull('read_at')->count()]);
    }
}
