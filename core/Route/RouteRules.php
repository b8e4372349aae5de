<?php

declare(strict_types=1);

namespace Wexon\Core\Route;

use InvalidArgumentException;
use Wexon\Core\Sizing\SizeRule;
use Wexon\Core\Sizing\SizeRules;

/**
 * Everything a trader sets on a route, as one value: docs/schemas/route-1.json.
 *
 * @phpstan-import-type SizeSpec from SizeRules
 *
 * @phpstan-type RulesSpec array{legs: list<array{symbol: string, instrument: string}>, sides: string, opposite: string, size: SizeSpec}
 */
final readonly class RouteRules
{
    /** @param  list<Leg>  $legs */
    private function __construct(
        public array $legs,
        public AllowedSides $sides,
        public OppositeSignal $opposite,
        public SizeRule $size,
    ) {}

    /**
     * @param  RulesSpec  $spec
     *
     * @throws InvalidArgumentException If two legs take the same symbol, or the size rule will not do.
     */
    public static function of(array $spec): self
    {
        $legs = [];
        foreach ($spec['legs'] as $leg) {
            $key = strtoupper(trim($leg['symbol']));
            if (isset($legs[$key])) {
                throw new InvalidArgumentException("Two legs take the symbol {$leg['symbol']}; a symbol may stand in one leg only.");
            }
            $legs[$key] = Leg::of($leg['symbol'], $leg['instrument']);
        }
        if ($legs === []) {
            throw new InvalidArgumentException('A route needs at least one leg: a chart symbol and the instrument to trade for it.');
        }

        return new self(
            array_values($legs),
            AllowedSides::from($spec['sides']),
            OppositeSignal::from($spec['opposite']),
            SizeRules::of($spec['size']),
        );
    }

    /** @return RulesSpec */
    public function toArray(): array
    {
        return [
            'legs' => array_map(static fn (Leg $leg): array => ['symbol' => $leg->symbol, 'instrument' => $leg->instrument], $this->legs),
            'sides' => $this->sides->value,
            'opposite' => $this->opposite->value,
            'size' => $this->size->toArray(),
        ];
    }

    public function legFor(string $symbol): ?Leg
    {
        foreach ($this->legs as $leg) {
            if ($leg->takes($symbol)) {
                return $leg;
            }
        }

        return null;
    }
}
