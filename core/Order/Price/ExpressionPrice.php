<?php

declare(strict_types=1);

namespace Wexon\Core\Order\Price;

use Brick\Math\BigDecimal;
use InvalidArgumentException;
use Wexon\Core\Expression\Expression;
use Wexon\Core\Expression\ExpressionTrouble;
use Wexon\Core\Order\OrderRefusal;

/** A sum over prices, such as "min(price, bid) - 2 * tick". */
final readonly class ExpressionPrice implements PriceRule
{
    /** price: the message's; average: of the position, null when flat. */
    public const NAMES = ['price', 'bid', 'ask', 'tick', 'average'];

    private function __construct(private Expression $expression) {}

    /** @throws InvalidArgumentException If it is no expression over these names. */
    public static function of(string $written): self
    {
        return new self(Expression::of($written, self::NAMES));
    }

    public function price(PriceInput $input): BigDecimal
    {
        try {
            $value = $this->expression->value([
                'price' => $input->message,
                'bid' => $input->quote->bid,
                'ask' => $input->quote->ask,
                'tick' => $input->instrument->tick,
                'average' => $input->average,
            ]);
        } catch (ExpressionTrouble $trouble) {
            throw new OrderRefusal("The order's price “{$this->expression->written}” cannot be worked out: {$trouble->getMessage()}");
        }

        return $value instanceof BigDecimal ? $value : throw new OrderRefusal("The order's price “{$this->expression->written}” is to be a number, and here it is none. Does the message give its price?");
    }

    public function toArray(): array
    {
        return ['at' => 'expression', 'expression' => $this->expression->written];
    }
}
