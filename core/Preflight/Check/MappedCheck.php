<?php

declare(strict_types=1);

namespace Wexon\Core\Preflight\Check;

use Wexon\Core\Preflight\Finding;
use Wexon\Core\Preflight\RouteSeen;

/** A chart symbol that the venue does not trade, or that is traded as another kind of contract than it is mapped to, or than on another account. */
final readonly class MappedCheck implements Check
{
    public function name(): string
    {
        return 'symbols';
    }

    public function findings(RouteSeen $route): array
    {
        $findings = [];
        $kinds = [];
        foreach ($route->accounts as $account) {
            foreach ($account->legs as $leg) {
                ['symbol' => $symbol, 'snapshot' => $snapshot] = $leg;
                $linked = $leg['linked'] ?? null;
                if ($snapshot !== null && $linked !== null && $linked->kind !== $snapshot->instrument->kind) {
                    $findings[] = Finding::lookAgain("The symbol map says that {$symbol} is {$linked->name} ({$linked->kind->value}), but on “{$account->name}” the route trades {$snapshot->instrument->name} ({$snapshot->instrument->kind->value}): is that meant?");
                }
                if ($snapshot === null) {
                    $instrument = $account->rules->legFor($symbol)->instrument ?? '';
                    $findings[] = Finding::mustFix("“{$account->name}” does not trade {$instrument}, which {$symbol} goes to: choose another instrument for it.");
                } else {
                    $kinds[$symbol][$snapshot->instrument->kind->value] = $snapshot->instrument->name;
                }
            }
        }
        foreach ($kinds as $symbol => $ofSymbol) {
            if (count($ofSymbol) > 1) {
                $findings[] = Finding::lookAgain("{$symbol} is traded as ".implode(' and as ', array_map(static fn (string $kind, string $name): string => "{$kind} ({$name})", array_keys($ofSymbol), $ofSymbol)).': is that meant?');
            }
        }

        return $findings;
    }
}
