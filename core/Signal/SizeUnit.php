<?php

declare(strict_types=1);

namespace Wexon\Core\Signal;

/** What the number of a size counts. */
enum SizeUnit: string
{
    /** Units of the instrument: coins, shares. */
    case Units = 'units';
    /** Lots as the venue defines them. */
    case Lots = 'lots';
    /** Contracts: units of an instrument with a multiplier. */
    case Contracts = 'contracts';
    /** Money: the value of the position, not its margin. */
    case Money = 'money';
    /** Percent of the account's equity. */
    case Percent = 'percent';

    /** @return list<string> */
    public static function words(): array
    {
        return array_column(self::cases(), 'value');
    }
}
