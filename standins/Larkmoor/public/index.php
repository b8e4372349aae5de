<?php

declare(strict_types=1);

use Standin\Exchange\Closings;
use Standin\Exchange\Database;
use Standin\Exchange\Exchange;
use Standin\Larkmoor\Market;
use Standin\Larkmoor\Venue;
use Symfony\Component\HttpFoundation\Request;

require dirname(__DIR__, 3).'/vendor/autoload.php';

$database = Database::of('larkmoor');
(new Venue(new Exchange($database, new Market(new Closings($database)))))->answer(Request::createFromGlobals())->send();
