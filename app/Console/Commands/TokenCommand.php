<?php

namespace App\Console\Commands;

use App\Models\User;
use Illuminate\Console\Command;

/** Makes an API token of a user and prints it. It cannot be shown again. */
final class TokenCommand extends Command
{
    protected $signature = 'wexon:token {email : Whose token}';

    protected $description = 'Makes and prints an API token';

    public function handle(): int
    {
        $email = $this->argument('email');
        $user = User::query()->where('email', $email)->first();
        if (! is_string($email) || $user === null) {
            $this->components->error('There is no such user.');

            return self::FAILURE;
        }
        $this->line($user->createToken('made at the command line')->plainTextToken);

        return self::SUCCESS;
    }
}
