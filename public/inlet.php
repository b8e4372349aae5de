<?php

declare(strict_types=1);

// The inlet's own entry. No framework is started here, and not even Composer's autoloader with the files that it always
// reads: the two would take nine tenths of the answer's time.

use App\Inlet\Door;
use App\Inlet\InletDatabase;
use App\Inlet\InletRequest;
use App\Inlet\Receive;
use Composer\Autoload\ClassLoader;
use Illuminate\Encryption\Encrypter;

require __DIR__.'/../vendor/composer/ClassLoader.php';

$loader = new ClassLoader;
$loader->addPsr4('App\\', __DIR__.'/../app');
$loader->addPsr4('Wexon\\Core\\', __DIR__.'/../core');
$loader->addPsr4('Symfony\\Component\\Uid\\', __DIR__.'/../vendor/symfony/uid');
// Loaded only for an inlet that has a phrase or a signing secret.
$loader->addPsr4('Illuminate\\', __DIR__.'/../vendor/laravel/framework/src/Illuminate');
$loader->register();

$decrypt = static fn (string $kept): string => (new Encrypter((string) base64_decode(substr((string) getenv('APP_KEY'), 7)), 'AES-256-CBC'))->decryptString($kept);

(new Receive(InletDatabase::fromEnvironment(), new Door($decrypt)))->answer(InletRequest::fromGlobals())->send();
