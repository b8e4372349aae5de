<?php

declare(strict_types=1);

namespace Wexon\Core\Study\Condition\Operand;

use Wexon\Core\Study\StudyTrouble;

/** Operands as data. */
final class Operands
{
    /** @throws StudyTrouble If it means nothing. */
    public static function of(mixed $spec, string $side): Operand
    {
        return match (true) {
            is_array($spec) && isset($spec['price']) => PriceOperand::of($spec['price']),
            is_array($spec) && isset($spec['number']) => NumberOperand::of($spec['number']),
            is_array($spec) && isset($spec['study']) => StudyOperand::of($spec),
            is_array($spec) && isset($spec['line_from'], $spec['line_to']) => LineOperand::of($spec['line_from'], $spec['line_to']),
            default => throw new StudyTrouble("On the {$side} of a term stands a price, a number, a study or a drawn line."),
        };
    }
}
