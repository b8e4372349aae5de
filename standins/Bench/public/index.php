<?php

declare(strict_types=1);

use Standin\Bench\Web\Bench;
use Standin\Exchange\Database;
use Symfony\Component\HttpFoundation\Request;

require dirname(__DIR__, 3).'/vendor/autoload.php';

(new Bench(Database::of('bench')))->answer(Request::createFromGlobals())->send();
