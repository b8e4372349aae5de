<?php

namespace App\Http\Controllers\Routes;

use App\Models\Instrument;
use App\Models\User;
use Brick\Math\BigDecimal;
use Carbon\CarbonImmutable;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use InvalidArgumentException;
use Wexon\Core\Instrument\Instrument as InstrumentValue;
use Wexon\Core\Ladder\Fall;
use Wexon\Core\Ladder\Ladder;
use Wexon\Core\Ladder\Rung;
use Wexon\Core\Market\Balance;
use Wexon\Core\Market\Quote;
use Wexon\Core\Order\OrderRefusal;
use Wexon\Core\Order\Price\PriceInput;
use Wexon\Core\Signal\OrderSide;
use Wexon\Core\Sizing\Caps;
use Wexon\Core\Sizing\SizeRefusal;
use Wexon\Core\Sizing\SizingInput;

/** Ladders side by side, from the same entry and through the same fall of the price. */
final class CompareLadders
{
    public function __invoke(Request $request, #[CurrentUser] User $user): JsonResponse
    {
        $decimal = ['required', 'regex:/^(?=.*[1-9])\d{1,12}(\.\d{1,12})?$/'];
        $given = $request->validate([
            'account_id' => ['required', 'integer'],
            'instrument' => ['required', 'string'],
            'side' => ['required', 'in:long,short'],
            'price' => $decimal,
            'units' => $decimal,
            'fall' => ['required', 'regex:/^\d{1,2}(\.\d{1,4})?$/'],
            'ladders' => ['required', 'array', 'min:1', 'max:2'],
            'ladders.*.levels' => ['required', 'integer', 'min:1', 'max:20'],
            ...array_fill_keys(array_map(static fn (string $field): string => "ladders.*.{$field}", ['distance', 'spacing', 'first', 'growth']), $decimal),
        ], ['fall.regex' => 'A fall is a percentage below 100, such as 12.5.']);
        $account = $user->desk->accounts()->whereKey($given['account_id'])->firstOrFail();
        $instrument = Instrument::listed($account->venue, $given['instrument']);
        $side = $given['side'] === 'long' ? OrderSide::Buy : OrderSide::Sell;
        $balance = Balance::of($account->currency, $account->equity, $account->free);

        $rows = [];
        foreach ($given['ladders'] as $number => $spec) {
            $rungs = $this->rungs($spec, (int) $number, $instrument, $side, BigDecimal::of($given['price']), BigDecimal::of($given['units']), $balance);
            $rows[] = $this->row($rungs, $side, $instrument, BigDecimal::of($given['fall']));
        }

        return new JsonResponse(['data' => $rows]);
    }

    /**
     * @param  non-empty-list<Rung>  $rungs
     * @return array<string, mixed>
     */
    private function row(array $rungs, OrderSide $side, InstrumentValue $instrument, BigDecimal $fall): array
    {
        return ['rungs' => array_map(static fn (Rung $rung): array => $rung->toArray(), $rungs), 'fall' => Fall::of($rungs, $side, $instrument, $fall)->toArray()];
    }

    /**
     * @param  array<string, mixed>  $spec
     * @return non-empty-list<Rung>
     */
    private function rungs(array $spec, int $number, InstrumentValue $instrument, OrderSide $side, BigDecimal $price, BigDecimal $units, Balance $balance): array
    {
        try {
            return Ladder::of([
                'levels' => (int) $spec['levels'], 'distance' => (string) $spec['distance'], 'spacing' => (string) $spec['spacing'],
                'first' => (string) $spec['first'], 'growth' => (string) $spec['growth'],
            ])->rungs(
                PriceInput::limit($side, $instrument, Quote::of($price, $price, CarbonImmutable::now()), null, null),
                $price, $units, new SizingInput($instrument, $price, $balance, $balance->free, BigDecimal::one()), Caps::of([]),
            );
        } catch (InvalidArgumentException|SizeRefusal|OrderRefusal $trouble) {
            throw ValidationException::withMessages(["ladders.{$number}" => $trouble->getMessage()]);
        }
    }
}
