<?php

declare(strict_types=1);

// The inlet's own entry: no framework is started here, because starting it would take nine tenths of the answer's time.

use App\Inlet\InletDatabase;
use App\Inlet\InletRequest;
use App\Inlet\Receive;

require __DIR__.'/../vendor/autoload.php';

(new Receive(InletDatabase::fromEnvironment()))->answer(InletRequest::fromGlobals())->send();
