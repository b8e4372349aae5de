<?php

declare(strict_types=1);

namespace Tests\Core\Protection;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use Eris\Generators;
use Eris\TestTrait;
use PHPUnit\Framework\TestCase;
use Tests\Core\Worlds;
use Wexon\Core\Protection\Levels;
use Wexon\Core\Protection\Protection;
use Wexon\Core\Signal\Side;

/** What holds whatever happens: prices go anywhere, targets are taken in parts, and the position is added to. */
final class AlwaysTest extends TestCase
{
    use TestTrait;

    private const RULES = [
        'stop' => ['percent' => '3'],
        'targets' => [['at' => ['percent' => '2'], 'share' => '30'], ['at' => ['percent' => '4'], 'share' => '30'], ['at' => ['percent' => '9'], 'share' => '40']],
        'trailing' => ['distance' => ['percent' => '2'], 'start' => ['percent' => '1']],
        'break_even' => ['after_target' => 1],
        'floor' => ['reached' => ['percent' => '3'], 'keep' => ['percent' => '1']],
    ];

    public function test_a_stop_is_only_tightened_and_an_exit_is_never_more_than_is_held(): void
    {
        $this->forAll(
            Generators::elements('buy', 'sell'),
            Generators::choose(1, 4_000),
            Generators::seq(Generators::choose(3_400, 4_600)),
            Generators::seq(Generators::choose(0, 5)),
        )->then(function (string $side, int $units, array $prices, array $turns): void {
            $story = new Story(self::RULES);
            $story->then("{$side} ".BigDecimal::of($units)->dividedBy(100, 2).' @40');
            foreach ($prices as $i => $price) {
                $before = $story->protection;
                $story->then('price '.BigDecimal::of($price)->dividedBy(100, 2));
                // Twice the same: nothing may come of it, unless something is being closed.
                $story->then('price '.BigDecimal::of($price)->dividedBy(100, 2));
                self::assertTrue($story->left === null || ($story->left[0] == $story->left[1]->protection && $story->left[1]->closings === []), 'what a price is said to leave as it is, it does');
                $this->holds($before, $story->protection, loosens: false);
                $before = $story->protection;
                if (($turns[$i] ?? 0) === 1) {
                    $story->then("{$side} 1.5 @".BigDecimal::of($price)->dividedBy(100, 2));
                    $this->holds($before, $story->protection, loosens: true);
                }
                $this->targetIsTaken($story, ($turns[$i] ?? 0) === 2, $side === 'buy' ? 'sell' : 'buy', $price);
            }
        });
    }

    private function holds(Protection $before, Protection $after, bool $loosens): void
    {
        $instrument = Worlds::instrument();
        $quantities = $after->quantities($instrument);
        $sum = BigDecimal::sum(BigDecimal::zero(), ...$quantities);
        self::assertTrue($sum->isLessThanOrEqualTo($after->quantity), 'the targets are never more than is held');
        self::assertTrue($after->targets === [] || $sum->isEqualTo($after->quantity) || $quantities === [] || $after->quantity->minus($sum)->isLessThan('0.03'), "what they leave, {$after->quantity} − {$sum}, is less than an order");
        if (! $loosens && $before->stop !== null && $after->stop !== null) {
            self::assertFalse(Levels::of($after->side, $instrument)->isBetter($before->stop, $after->stop), "{$before->stop} → {$after->stop}");
        }
        self::assertTrue($after->stop === null || $after->stop->remainder($instrument->tick)->isZero());
    }

    /** In one piece, or a part of it first. */
    private function targetIsTaken(Story $story, bool $inParts, string $closing, int $price): void
    {
        $target = array_key_first($story->protection->quantities(Worlds::instrument()));
        if ($target === null || $story->protection->side === ($price > 4_050 ? Side::Short : Side::Long)) {
            return;
        }
        $units = $story->protection->quantities(Worlds::instrument())[$target];
        $first = $inParts ? BigDecimal::max(BigDecimal::of('0.01'), Worlds::instrument()->roundSizeDown($units->dividedBy(3, 4, RoundingMode::DOWN))) : $units;
        $before = $story->protection;
        $story->then("{$closing} {$first} @".BigDecimal::of($price)->dividedBy(100, 2)." target {$target}");
        $this->holds($before, $story->protection, loosens: false);
    }
}
