<?php

declare(strict_types=1);

namespace Wexon\Core\Study\Condition;

use Wexon\Core\Study\Candle;
use Wexon\Core\Study\Condition\Comparison\Comparison;
use Wexon\Core\Study\Condition\Comparison\Comparisons;
use Wexon\Core\Study\Condition\Operand\NumberOperand;
use Wexon\Core\Study\Condition\Operand\Operand;
use Wexon\Core\Study\Condition\Operand\Operands;
use Wexon\Core\Study\StudyTrouble;

/** One comparison: of two operands, or of one with what it was before. */
final class Term implements Condition
{
    /** Candles before this one that a comparison looks at, at most. */
    private const REMEMBERED = 2;

    /** @var list<array{float, float}> Left and right of the candles before, oldest first. */
    private array $seen = [];

    private function __construct(private Operand $left, private readonly string $is, private readonly Comparison $comparison, private Operand $right) {}

    /**
     * @param  array<array-key, mixed>  $spec
     *
     * @throws StudyTrouble
     */
    public static function of(array $spec): self
    {
        $is = is_string($spec['is'] ?? null) ? $spec['is'] : '';
        $comparison = Comparisons::all()[$is] ?? throw new StudyTrouble('A term says what “is” the case: '.implode(', ', array_keys(Comparisons::all())).'.');
        $right = $comparison->needsRight() ? Operands::of($spec['right'] ?? null, 'right') : new NumberOperand(0.0);

        return new self(Operands::of($spec['left'] ?? null, 'left'), $is, $comparison, $right);
    }

    public function next(Candle $candle): bool
    {
        $left = $this->left->next($candle);
        $right = $this->right->next($candle);
        if ($left === null || $right === null) {
            return false;
        }
        $seen = [...$this->seen, [$left, $right]];
        $this->seen = array_slice($seen, -self::REMEMBERED);

        return $this->comparison->holds($seen);
    }

    public function words(): string
    {
        return trim("{$this->left->words()} ".str_replace('_', ' ', $this->is).' '.($this->comparison->needsRight() ? $this->right->words() : ''));
    }
}
