<?php

namespace App\Connector;

use Wexon\Core\Decision\Ticket;
use Wexon\Core\Instrument\Instrument;
use Wexon\Core\Market\Abilities;
use Wexon\Core\Market\Quote;
use Wexon\Core\Route\Leverage;

/**
 * What Wexon needs of a venue. Each connector passes the same contract tests: tests/App/Connector/ConnectorContract.php.
 *
 * Every method can throw a VenueTrouble: its kind says whether the venue said no, cannot be reached, or left us in doubt.
 */
interface Connector
{
    /**
     * What the credentials are and may do.
     *
     * @throws VenueTrouble
     */
    public function check(): KeyCheck;

    /**
     * Everything that can be traded.
     *
     * @return list<Instrument>
     *
     * @throws VenueTrouble
     */
    public function instruments(): array;

    /**
     * Best prices now.
     *
     * @param  list<string>  $instruments
     * @return array<string, Quote> By instrument.
     *
     * @throws VenueTrouble
     */
    public function quotes(array $instruments): array;

    /**
     * What one decision needs to see, fetched at the same time.
     *
     * @throws VenueTrouble
     */
    public function look(string $instrument): AccountView;

    /**
     * Sizes held by instrument, below zero when short; only what is not flat.
     *
     * @return array<string, \Brick\Math\BigDecimal>
     *
     * @throws VenueTrouble
     */
    public function positions(): array;

    /**
     * Sends one order. Sending the same client order id again never makes a second one: the venue refuses it, and the
     * report is of the first.
     *
     * @throws VenueTrouble
     */
    public function place(Ticket $ticket, string $clientId): OrderReport;

    /**
     * Sets the leverage that orders of an instrument will have. Setting it as it is does nothing.
     *
     * @throws VenueTrouble
     */
    public function setLeverage(string $instrument, Leverage $leverage): void;

    /**
     * Takes back what is not filled of a working order. One that is not working any more is reported as it is.
     *
     * @throws VenueTrouble
     */
    public function cancel(string $clientId): OrderReport;

    /**
     * Every working order of the account, ours or not.
     *
     * @return array<string, OrderReport> By client order id.
     *
     * @throws VenueTrouble
     */
    public function working(): array;

    /** What the venue takes; orders that can rest only if they can be taken back and listed. */
    public function abilities(): Abilities;

    /**
     * The order with this client order id, or null when the venue knows of none.
     *
     * @throws VenueTrouble
     */
    public function find(string $clientId): ?OrderReport;
}
