<?php

namespace App\Dispatch;

use App\Models\Account;
use App\Models\Decision;
use App\Models\DecisionState;
use App\Models\Message;
use App\Models\MessageState;
use App\Models\Route;
use Illuminate\Database\Eloquent\Collection;
use Wexon\Core\Reading\ReadingError;
use Wexon\Core\Reading\WexonMessage;
use Wexon\Core\Route\Leg;
use Wexon\Core\Route\NearestSymbol;
use Wexon\Core\Signal\Signal;

/** Finds out what one message means and which routes want it. */
final class ReadMessage
{
    /** @return list<Decision> One, waiting in its lane, for each route and account that the message concerns. */
    public function read(Message $message): array
    {
        try {
            $signal = WexonMessage::read($message->body);
        } catch (ReadingError $error) {
            $message->update(['state' => MessageState::Unreadable, 'outcome' => $error->getMessage()]);

            return [];
        }
        $message->fill(['signal' => $signal->toArray()]);
        $earlier = $signal->id === null || $message->dry ? null : Message::query()
            ->where('inlet_id', $message->inlet_id)->where('signal_id', $signal->id)->value('ulid');
        if ($earlier !== null) {
            $message->update(['state' => MessageState::Duplicate, 'outcome' => "The id “{$signal->id}” was seen before, in message {$earlier}: nothing is done twice."]);

            return [];
        }
        $decisions = $this->match($message, $signal);
        $message->update([
            'signal_id' => $message->dry ? null : $signal->id,
            'state' => $decisions === [] ? MessageState::Unmatched : MessageState::Routed,
            'outcome' => $decisions === [] ? $this->miss($message, $signal) : null,
        ]);

        return $decisions;
    }

    /** @return list<Decision> */
    private function match(Message $message, Signal $signal): array
    {
        $decisions = [];
        foreach ($this->routes($message) as $route) {
            $leg = $route->rulesValue()->legFor($signal->symbol);
            if ($leg !== null) {
                foreach ($route->accounts as $account) {
                    $decisions[] = $this->waiting($message, $route, $account, $leg);
                }
            }
        }

        return $decisions;
    }

    private function waiting(Message $message, Route $route, Account $account, Leg $leg): Decision
    {
        return Decision::query()->create([
            'desk_id' => $message->desk_id,
            'message_id' => $message->id,
            'route_id' => $route->id,
            'account_id' => $account->id,
            'instrument' => $leg->instrument,
            'lane' => "{$account->id}:{$leg->instrument}",
            'dry' => $message->dry,
            'state' => DecisionState::Waiting,
            'created_at' => now(),
        ]);
    }

    private function miss(Message $message, Signal $signal): string
    {
        $symbols = [];
        foreach ($this->routes($message) as $route) {
            foreach ($route->rulesValue()->legs as $leg) {
                $symbols[$leg->symbol] = $route->name;
            }
        }

        return NearestSymbol::sentence($signal->symbol, $symbols);
    }

    /** @return Collection<int, Route> */
    private function routes(Message $message): Collection
    {
        return Route::query()->where('inlet_id', $message->inlet_id)->with('accounts')->orderBy('id')->get();
    }
}
