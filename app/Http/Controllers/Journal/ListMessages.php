<?php

namespace App\Http\Controllers\Journal;

use App\Http\Resources\MessageRowResource;
use App\Models\MessageState;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\AnonymousResourceCollection;
use Illuminate\Validation\Rule;

/** The newest messages first, a page at a time. */
final class ListMessages
{
    private const PAGE = 50;

    public function __invoke(Request $request, #[CurrentUser] User $user): AnonymousResourceCollection
    {
        $given = $request->validate([
            'before' => ['nullable', 'string', 'size:26'],
            'inlet_id' => ['nullable', 'integer'],
            'route_id' => ['nullable', 'integer'],
            'state' => ['nullable', Rule::enum(MessageState::class)],
            'verdict' => ['nullable', Rule::in(['pass', 'refuse', 'hold', 'nothing'])],
        ]);
        $messages = $user->desk->messages()->with(['inlet', 'decisions:id,message_id,route_id,dry,verdict,summary', 'decisions.route:id,name'])
            ->when($given['before'] ?? null, static fn ($query, $ulid) => $query->where('ulid', '<', $ulid))
            ->when($given['inlet_id'] ?? null, static fn ($query, $id) => $query->where('inlet_id', $id))
            ->when($given['state'] ?? null, static fn ($query, $state) => $query->where('state', $state))
            ->when($given['route_id'] ?? null, static fn ($query, $id) => $query->whereRelation('decisions', 'route_id', $id))
            ->when($given['verdict'] ?? null, static fn ($query, $verdict) => $query->whereRelation('decisions', 'verdict', $verdict))
            ->orderByDesc('id')->limit(self::PAGE)->get();

        return MessageRowResource::collection($messages);
    }
}
