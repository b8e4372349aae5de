<?php

namespace App\Dispatch;

use App\Mail\ConfirmationMail;
use App\Models\Decision;
use App\Models\Message;
use App\Models\MessageState;
use App\Models\Notice;
use App\Models\Route;
use App\Models\Slip;
use App\Notify\Kind;
use App\Slips\RouteSlips;
use Illuminate\Database\Eloquent\Collection;
use Symfony\Component\Uid\Ulid;
use Wexon\Core\Reading\Piece;
use Wexon\Core\Signal\Signal;

/** Finds out what one message means and which routes want it. */
final readonly class ReadMessage
{
    public function __construct(
        private Readers $readers,
        private SymbolMaps $maps,
        private MatchSignal $match,
        private ExplainMiss $explain,
        private HearSlips $slips,
        private LightLamps $lamps,
    ) {}

    /** Before each batch: what was set up may have changed. */
    public function begin(): void
    {
        $this->readers->forget();
        $this->maps->forget();
        $this->lamps->forget();
    }

    /** @return list<Decision> One, waiting in its lane, for each route, account and leg that the message concerns. */
    public function read(Message $message): array
    {
        if ($message->blanked > 0) {
            Notice::once($message->desk_id, Kind::Secret, "A message to “{$message->inlet->name}” held what looks like a venue's key or secret. It was blanked out before it was stored; take it out of the alert, and make a new key if it was a real one.", "/journal/{$message->ulid}");
        }
        if ($message->inlet->paused && ! $message->dry) {
            return $this->stop($message, MessageState::Barred, 'The inlet is paused: nothing was done. Take it up again on the inlet\'s page.');
        }
        if ($message->code !== null) {
            return $this->readByAddress($message);
        }
        $understood = $this->readers->of($message->inlet)->read($message->body, $message->content_type);
        $message->fill(['format' => $understood->format, 'notes' => $understood->notes === [] ? null : $understood->notes]);
        if ($understood->error !== null) {
            return $this->stop($message, MessageState::Unreadable, $understood->error->getMessage());
        }

        return count($understood->pieces) > 1 ? $this->split($message, $understood->pieces) : $this->take($message, $understood->pieces[0]);
    }

    /**
     * Each message of a body is kept as one of its own, and taken here and now, so that the order stays that of arrival.
     *
     * @param  list<Piece>  $pieces
     * @return list<Decision>
     */
    private function split(Message $message, array $pieces): array
    {
        $this->stop($message, MessageState::Split, count($pieces).' messages in one body; each is handled on its own.');
        $decisions = [];
        foreach ($pieces as $number => $piece) {
            $part = (new Message)->forceFill([
                ...$message->only(['desk_id', 'inlet_id', 'content_type', 'headers', 'sender', 'dry', 'arrived_by', 'received_at', 'format', 'rerun_of']),
                'ulid' => (string) new Ulid,
                'body' => $piece->document->text,
                'state' => MessageState::Stored,
                'parent_id' => $message->id,
                'part' => $number + 1,
            ]);
            $part->save();
            $part->setRelation('inlet', $message->inlet);
            array_push($decisions, ...$this->take($part, $piece));
        }

        return $decisions;
    }

    /** @return list<Decision> */
    private function take(Message $message, Piece $piece): array
    {
        $notes = [...$message->notes ?? [], ...$piece->document->notes];
        $message->notes = $notes === [] ? null : $notes;
        if ($piece->signal === null) {
            return ConfirmationMail::is($message) ? $this->askToConfirm($message) : $this->stop($message, MessageState::Unreadable, (string) $piece->error?->getMessage());
        }

        return $this->route($message, $piece->signal, $this->routes($message));
    }

    /** @return list<Decision> None. */
    private function askToConfirm(Message $message): array
    {
        Notice::once($message->desk_id, Kind::Mail, "A mail to “{$message->inlet->name}” wants to be confirmed before alerts can come: open its link.", "/journal/{$message->ulid}");

        return $this->stop($message, MessageState::Confirmation, 'This looks like the platform\'s confirmation mail: open its link, so that alerts can come.');
    }

    /**
     * A slip's own address says it all: what stands in the body does not matter.
     *
     * @return list<Decision>
     */
    private function readByAddress(Message $message): array
    {
        $slip = Slip::query()->with(['route.accounts'])->where('code', $message->code)->whereRelation('route', 'inlet_id', $message->inlet_id)->first();
        $signal = $slip === null ? null : RouteSlips::signalOf($slip);
        if ($slip === null || $signal === null) {
            return $this->stop($message, MessageState::Unreadable, "This address ends in “{$message->code}”, which is no slip of this inlet any more: copy the address from the route's slips again.");
        }
        $message->format = 'address';

        return $this->route($message, $signal, Collection::make([$slip->route]));
    }

    /**
     * @param  Collection<int, Route>  $routes
     * @return list<Decision>
     */
    private function route(Message $message, Signal $signal, Collection $routes): array
    {
        $message->signal = $signal->toArray();
        $allowed = $message->inlet->allowed_symbols;
        if ($allowed !== [] && $signal->symbol !== null && ! in_array(mb_strtoupper($signal->symbol), array_map(mb_strtoupper(...), $allowed), true)) {
            return $this->stop($message, MessageState::Barred, 'This inlet takes only the symbols '.implode(', ', $allowed)."; the message is about {$signal->symbol}.");
        }
        $earlier = $this->earlier($message, $signal);
        if ($earlier !== null) {
            return $this->stop($message, MessageState::Duplicate, "The id “{$signal->id}” was seen before, in message {$earlier}: nothing is done twice.");
        }
        $decisions = $this->match->match($message, $signal, LightLamps::leaves($routes, $signal));
        [$together, $lit] = $this->lamps->light($message, $signal);
        array_push($decisions, ...$together);
        if ($decisions === [] && $lit === []) {
            $this->explain->explain($message, $signal, $routes);
        }
        $this->slips->hear($message, $signal, $decisions);
        $message->update([
            'signal_id' => $message->dry || $message->rerun_of !== null ? null : $signal->id,
            'state' => $decisions === [] && $lit === [] ? MessageState::Unmatched : MessageState::Routed,
        ] + ($lit === [] ? [] : ['outcome' => mb_substr(implode('; ', $lit).'.', 0, 600)]));

        return $decisions;
    }

    /** The message that had the same id; a message that is run again on purpose has no earlier one. */
    private function earlier(Message $message, Signal $signal): ?string
    {
        return $signal->id === null || $message->dry || $message->rerun_of !== null ? null : Message::query()
            ->where('inlet_id', $message->inlet_id)->where('signal_id', $signal->id)->value('ulid');
    }

    /** @return list<Decision> None. */
    private function stop(Message $message, MessageState $state, string $outcome): array
    {
        $message->update(['state' => $state, 'outcome' => mb_substr($outcome, 0, 600)]);

        return [];
    }

    /** @return Collection<int, Route> */
    private function routes(Message $message): Collection
    {
        return Route::query()->where('inlet_id', $message->inlet_id)->with('accounts')->orderBy('id')->get();
    }
}
