<?php

declare(strict_types=1);

use Standin\Exchange\Database;
use Standin\Exchange\Exchange;
use Standin\Quarrystone\Market;
use Standin\Quarrystone\Venue;
use Symfony\Component\HttpFoundation\Request;

require dirname(__DIR__, 3).'/vendor/autoload.php';

$market = new Market;
(new Venue(new Exchange(Database::of('quarrystone'), $market), $market))->answer(Request::createFromGlobals())->send();
