<?php

namespace App\Journal;

use App\Models\Decision;
use App\Models\Message;

/** What came of a message, flat: by what it is about, for holding two of them side by side. */
final class Outcome
{
    /** @return array<string, string> */
    public static function of(Message $message): array
    {
        $outcome = ['message' => $message->outcome ?? 'handed to '.$message->decisions->count().' of the routes\' accounts'];
        foreach ($message->signal ?? [] as $field => $value) {
            $outcome["signal: {$field}"] = is_string($value) ? $value : (string) json_encode($value, JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE);
        }
        foreach ($message->decisions as $decision) {
            $where = ($decision->route->name ?? 'deleted route')." → {$decision->account->name}, {$decision->instrument}";
            $outcome["{$where}: verdict"] = (string) $decision->verdict;
            $outcome["{$where}: orders"] = self::tickets($decision);
            foreach ($decision->trace['steps'] ?? [] as $step) {
                $outcome["{$where}: {$step['station']}"] = $step['sentence'];
            }
        }

        return $outcome;
    }

    private static function tickets(Decision $decision): string
    {
        $tickets = array_map(static fn (array $ticket): string => "{$ticket['side']} {$ticket['quantity']} {$ticket['instrument']}", $decision->trace['tickets'] ?? []);

        return $tickets === [] ? 'none' : implode(', then ', $tickets);
    }
}
