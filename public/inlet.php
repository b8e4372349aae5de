<?php

declare(strict_types=1);

// The inlet's own entry. No framework is started here, and not even Composer's autoloader with the files that it always
// reads: the two would take nine tenths of the answer's time.

use App\Inlet\InletDatabase;
use App\Inlet\InletRequest;
use App\Inlet\Receive;
use Composer\Autoload\ClassLoader;

require __DIR__.'/../vendor/composer/ClassLoader.php';

$loader = new ClassLoader;
$loader->addPsr4('App\\', __DIR__.'/../app');
$loader->addPsr4('Symfony\\Component\\Uid\\', __DIR__.'/../vendor/symfony/uid');
$loader->register();

(new Receive(InletDatabase::fromEnvironment()))->answer(InletRequest::fromGlobals())->send();
