<?php

namespace Tests\App;

use App\Models\Order;
use App\Models\OrderState;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The examples in docs/examples do what they say. */
final class ExamplesTest extends TestCase
{
    use RunningPlace;

    #[DataProvider('languages')]
    public function test_an_example_enters_and_exits(string $command): void
    {
        $desk = Desk::make();
        exec("{$command} ".escapeshellarg($desk->address).' 1 2>&1', $said, $status);
        self::assertSame(0, $status, implode("\n", $said));

        $filled = static fn (): array => Order::query()->where('account_id', $desk->account->id)->where('state', OrderState::Filled)->orderBy('id')->get()->map(static fn (Order $order): string => "{$order->side->value} {$order->quantity}")->all();
        Desk::waitFor('both are filled', static fn (): ?bool => $filled() === ['buy 2', 'sell 2'] ?: null);
        self::assertSame([], $desk->heldAtVenue());
    }

    /** @return iterable<string, array{string}> */
    public static function languages(): iterable
    {
        yield 'shell' => ['sh docs/examples/enter-and-exit.sh'];
        yield 'Python' => ['python3 docs/examples/enter_and_exit.py'];
        yield 'PHP' => ['php docs/examples/enter-and-exit.php'];
        yield 'JavaScript' => ['node docs/examples/enter-and-exit.mjs'];
    }
}
