<?php

declare(strict_types=1);

use Standin\Quarrystone\Venue;
use Symfony\Component\HttpFoundation\Request;

require dirname(__DIR__, 3).'/vendor/autoload.php';

Venue::answer(Request::createFromGlobals())->send();
