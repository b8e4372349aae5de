<?php

namespace Tests\App;

use Illuminate\Contracts\Console\Kernel;
use Illuminate\Foundation\Application;
use PHPUnit\Framework\Attributes\After;
use PHPUnit\Framework\Attributes\Before;

/**
 * Boots the application against the running test place, whose settings bin/wexon test gives. The framework's own test
 * case is not used: it wants packages that the registry lacks, and none of its doubles are wanted here.
 */
trait RunningPlace
{
    private static ?Application $application = null;

    #[Before]
    protected function boot(): void
    {
        if (self::$application !== null) {
            return;
        }
        self::$application = require dirname(__DIR__, 2).'/bootstrap/app.php';
        self::$application->make(Kernel::class)->bootstrap();
        // PHPUnit keeps its own.
        restore_error_handler();
        restore_exception_handler();
    }

    /** Accounts of tests that are over would be looked after by the running processes for as long as there are tests. */
    #[After]
    protected function clearAway(): void
    {
        Desk::clearAway();
    }
}
