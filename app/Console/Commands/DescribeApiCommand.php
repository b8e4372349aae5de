<?php

namespace App\Console\Commands;

use App\Http\ApiDescription;
use Illuminate\Console\Command;

/** Prints the API's OpenAPI description; the screens' types are made from it. */
final class DescribeApiCommand extends Command
{
    protected $signature = 'wexon:describe-api';

    protected $description = 'Prints the OpenAPI description of the API';

    public function handle(): int
    {
        $this->output->write((string) json_encode(ApiDescription::assemble(), JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES), newline: true);

        return self::SUCCESS;
    }
}
