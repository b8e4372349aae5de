<?php

namespace App\Connector;

use Wexon\Core\Market\Quote;

/** A connector whose venue tells prices by itself, as server-sent events. */
interface StreamsPrices
{
    /**
     * @param  list<string>  $instruments
     * @return resource From which lines can be read as they come; it may end at any time.
     *
     * @throws VenueTrouble
     */
    public function openPrices(array $instruments);

    /** @return array<string, Quote> What a line says, by instrument; empty when it says nothing about prices. */
    public function pricesIn(string $line): array;
}
