<?php

namespace App\Http\Controllers\Positions;

use App\Connector\VenueTrouble;
use App\Models\OrderState;
use App\Models\Position;
use App\Models\User;
use App\Protect\Hand;
use Brick\Math\BigDecimal;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use RuntimeException;

/** Closes every position of an account, or of the whole desk, at market, and says for each what came of it. */
final class Flatten
{
    private const MOST = 200;

    public function __invoke(Request $request, #[CurrentUser] User $user, Hand $hand): JsonResponse
    {
        $given = array_filter($request->validate(['account_id' => ['nullable', 'integer']]));
        $closed = 0;
        $troubles = [];
        foreach (Position::query()->where('desk_id', $user->desk_id)->where($given)->where('quantity', '!=', 0)->with('account')->limit(self::MOST)->get() as $position) {
            try {
                $order = $hand->close($position, BigDecimal::of(100), "by hand, {$user->name}");
                $order->state === OrderState::Filled ? $closed++ : $troubles[] = "{$this->named($position)}: {$order->words}";
            } catch (VenueTrouble|RuntimeException $trouble) {
                $troubles[] = "{$this->named($position)}: {$trouble->getMessage()}";
            }
        }

        return new JsonResponse(['closed' => $closed, 'troubles' => $troubles]);
    }

    private function named(Position $position): string
    {
        return "{$position->account->name}, {$position->instrument}";
    }
}
