<?php

namespace App\Console\Commands;

use App\Demo\ByHand;
use App\Demo\KestrelYard;
use App\Demo\Past;
use App\Models\Message;
use App\Models\User;
use Illuminate\Console\Command;

/** Gives the demo's desk some weeks of history. The other processes have to be stopped meanwhile. */
final class DemoPastCommand extends Command
{
    protected $signature = 'wexon:demo-past {file : Messages and prices, as the bench tells them}';

    protected $description = 'Lets the desk Kestrel Yard have traded for some weeks';

    public function handle(Past $past, ByHand $byHand): int
    {
        $desk = User::query()->with('desk')->where('email', KestrelYard::EMAIL)->firstOrFail()->desk;
        if (Message::query()->where('desk_id', $desk->id)->exists()) {
            $this->info('The desk has a past already.');

            return self::SUCCESS;
        }
        $file = $this->argument('file');
        $past->live($desk, json_decode((string) file_get_contents(is_string($file) ? $file : ''), true, flags: JSON_THROW_ON_ERROR));
        $byHand->trade($desk);

        return self::SUCCESS;
    }
}
