<?php

namespace App\Dispatch;

use App\Models\SymbolLink;
use App\Models\SymbolRule;
use Wexon\Core\Symbol\SymbolMap;
use Wexon\Core\Symbol\SymbolRules;

/** A desk's symbol map at each venue, read once for a batch of messages. */
final class SymbolMaps
{
    /** @var array<string, SymbolMap> */
    private array $maps = [];

    public function forget(): void
    {
        $this->maps = [];
    }

    public function of(int $deskId, string $venue): SymbolMap
    {
        return $this->maps["{$deskId}:{$venue}"] ??= SymbolMap::of(
            self::rules($deskId, $venue),
            SymbolLink::query()->where('desk_id', $deskId)->where('venue', $venue)->pluck('instrument', 'symbol')->all(),
        );
    }

    public static function rules(int $deskId, string $venue): SymbolRules
    {
        $rule = SymbolRule::query()->where('desk_id', $deskId)->where('venue', $venue)->first();

        return SymbolRules::of($rule->prefixes ?? [], $rule->suffixes ?? []);
    }
}
