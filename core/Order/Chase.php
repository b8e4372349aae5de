<?php

declare(strict_types=1);

namespace Wexon\Core\Order;

use InvalidArgumentException;
use Wexon\Core\Order\Price\PriceInput;
use Wexon\Core\Order\Price\PriceRule;
use Wexon\Core\Order\Price\PriceRules;

/**
 * A limit order that goes after the market: priced anew a number of times, then sent at market, or given up.
 *
 * @phpstan-import-type PriceSpec from PriceRules
 *
 * @phpstan-type ChaseSpec array{times: int, every: int, then: string}
 * @phpstan-type ChaseArray array{times: int, every: int, then: string, limit: PriceSpec}
 */
final readonly class Chase
{
    private const MOST = 50;

    private function __construct(
        /** How often it may still be priced anew. */
        public int $times,
        /** Seconds that each price is given. */
        public int $every,
        public ChaseEnd $then,
        private PriceRule $limit,
    ) {}

    /**
     * @param  ChaseSpec  $spec
     * @param  PriceRule  $limit  Where the limit lies at each try.
     *
     * @throws InvalidArgumentException If it would never end, or never move.
     */
    public static function of(array $spec, PriceRule $limit): self
    {
        if ($spec['times'] < 1 || $spec['times'] > self::MOST || $spec['every'] < 1) {
            throw new InvalidArgumentException('An order is priced anew 1 to '.self::MOST.' times, each after a second or more.');
        }
        if ($limit->toArray()['at'] === 'message') {
            throw new InvalidArgumentException('An order that goes after the market is priced by the quote: the message\'s price stays the same.');
        }

        return new self($spec['times'], $spec['every'], ChaseEnd::from($spec['then']), $limit);
    }

    /** @param  ChaseArray  $stored */
    public static function fromArray(array $stored): self
    {
        return new self($stored['times'], $stored['every'], ChaseEnd::from($stored['then']), PriceRules::of($stored['limit']));
    }

    /**
     * What becomes of an order whose price was given its time.
     *
     * @return OrderTerms|null Null: it is given up.
     *
     * @throws OrderRefusal If there is no price to be had.
     */
    public function next(OrderTerms $terms, PriceInput $input): ?OrderTerms
    {
        if ($this->times === 0) {
            return $this->then === ChaseEnd::Market ? OrderTerms::market() : null;
        }

        return OrderTerms::of($input->toTick($this->limit->price($input)), null, $terms->timeInForce, $terms->postOnly, $terms->cancelAfter, new self($this->times - 1, $this->every, $this->then, $this->limit));
    }

    /** @return ChaseSpec As a route's style says it, which has its limit beside. */
    public function toSpec(): array
    {
        return ['times' => $this->times, 'every' => $this->every, 'then' => $this->then->value];
    }

    /** @return ChaseArray */
    public function toArray(): array
    {
        return $this->toSpec() + ['limit' => $this->limit->toArray()];
    }

    /** "priced anew 3 times after 5 s, then at market" */
    public function __toString(): string
    {
        return "priced anew {$this->times} times after {$this->every} s each, then ".($this->then === ChaseEnd::Market ? 'at market' : 'given up');
    }
}
