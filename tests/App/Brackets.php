<?php

namespace Tests\App;

use App\Models\Order;
use App\Models\OrderState;
use App\Models\Protection;
use Brick\Math\BigDecimal;
use Illuminate\Support\Facades\DB;
use Wexon\Core\Order\OrderRole;

/** A stop and two targets of a position, as the venue itself has them. */
trait Brackets
{
    private const BRACKET = ['stop' => ['percent' => '20'], 'targets' => [['at' => ['percent' => '20'], 'share' => '50'], ['at' => ['percent' => '40'], 'share' => '50']]];

    /** @param  list<string>  $targets  Sizes. */
    private function expectBracket(Desk $desk, string $stop, array $targets): void
    {
        $wanted = ['stop' => [$stop], 'target' => $targets];
        $found = null;
        try {
            Desk::waitFor('the bracket is right', function () use ($desk, $wanted, &$found): ?bool {
                $found = $this->bracket($desk);

                return $found === $wanted && $this->isSettled($desk) ? true : null;
            });
        } finally {
            self::assertSame($wanted, $found);
        }
        $row = Protection::query()->where('account_id', $desk->account->id)->where('is_open', true)->sole();
        $order = Order::query()->where('protection_id', $row->id)->where('role', OrderRole::Stop)->where('state', OrderState::Working)->sole();
        self::assertTrue($order->trigger_price?->isEqualTo($row->value()->stop ?? 0), 'at the right price');
    }

    private function expectNothing(Desk $desk): void
    {
        Desk::waitFor('nothing is held and nothing works', fn (): ?bool => $this->bracket($desk) === ['stop' => [], 'target' => []] && $desk->heldAtVenue() === [] && $this->isSettled($desk) ? true : null);
        self::assertSame(0, Protection::query()->where('account_id', $desk->account->id)->where('is_open', true)->count());
    }

    private function isSettled(Desk $desk): bool
    {
        return Order::query()->where('account_id', $desk->account->id)->where('state', OrderState::Committed)->doesntExist()
            && Protection::query()->where('account_id', $desk->account->id)->where('is_due', true)->doesntExist();
    }

    /** @return array{stop: list<string>, target: list<string>} Sizes, as the venue itself lists them. */
    private function bracket(Desk $desk): array
    {
        $rows = DB::table('quarrystone.orders')->where('status', 'working')->whereIn('client_id', Order::query()->where('account_id', $desk->account->id)->pluck('client_id'))->orderBy('id')->get();
        $sizes = static fn (string $type): array => array_values($rows->where('type', $type)->map(static fn ($row): string => (string) BigDecimal::of($row->quantity)->minus($row->filled)->stripTrailingZeros())->all());

        return ['stop' => $sizes('stop'), 'target' => $sizes('limit')];
    }
}
