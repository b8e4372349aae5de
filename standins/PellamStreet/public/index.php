<?php

declare(strict_types=1);

use Standin\Exchange\Closings;
use Standin\Exchange\Database;
use Standin\Exchange\Exchange;
use Standin\PellamStreet\Market;
use Standin\PellamStreet\Venue;
use Symfony\Component\HttpFoundation\Request;

require dirname(__DIR__, 3).'/vendor/autoload.php';

$database = Database::of('pellam_street');
$market = new Market(new Closings($database));
(new Venue(new Exchange($database, $market), $market))->answer(Request::createFromGlobals())->send();
