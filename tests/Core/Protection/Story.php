<?php

declare(strict_types=1);

namespace Tests\Core\Protection;

use Brick\Math\BigDecimal;
use DateTimeImmutable;
use InvalidArgumentException;
use Tests\Core\Worlds;
use Wexon\Core\Decision\Ticket;
use Wexon\Core\Instrument\Instrument;
use Wexon\Core\Market\Abilities;
use Wexon\Core\Market\Quote;
use Wexon\Core\Position\Fill;
use Wexon\Core\Position\Position;
use Wexon\Core\Protection\AtVenue;
use Wexon\Core\Protection\Closing;
use Wexon\Core\Protection\Event\Asked;
use Wexon\Core\Protection\Event\Event;
use Wexon\Core\Protection\Event\NotClosed;
use Wexon\Core\Protection\Event\PositionChanged;
use Wexon\Core\Protection\Event\PriceSeen;
use Wexon\Core\Protection\Event\StopMoved;
use Wexon\Core\Protection\Event\TargetsSet;
use Wexon\Core\Protection\Outcome;
use Wexon\Core\Protection\Protection;
use Wexon\Core\Protection\ProtectionRules;
use Wexon\Core\Protection\TargetRule;
use Wexon\Core\Protection\TargetState;
use Wexon\Core\Reading\Line\LineReader;
use Wexon\Core\Signal\Distance;
use Wexon\Core\Signal\DistanceKind;
use Wexon\Core\Signal\OrderSide;
use Wexon\Core\Signal\Side;

/** A position in words: "buy 10 @40", "price 39.5", "time 15:45:00", "asked stop @39". It begins on Monday, 2 March 2026, 14:30 UTC; the venue closes at 20:00. */
final class Story
{
    public Protection $protection;

    /** @var array{Protection, Outcome}|null What a price left as it was, and what it would have made of it. */
    public ?array $left = null;

    private Position $position;

    private readonly Instrument $instrument;

    private BigDecimal $last;

    /** @param  array<string, mixed>  $rules */
    public function __construct(private readonly array $rules)
    {
        $this->instrument = Worlds::instrument(['hours' => ['zone' => 'UTC', 'week' => ['mon' => ['08:00', '20:00']]]]);
        $this->position = Position::flat();
        $this->last = BigDecimal::of(40);
    }

    public function then(string $happens): string
    {
        [$word, $rest] = explode(' ', $happens, 2) + [1 => ''];
        $event = match ($word) {
            'buy', 'sell' => $this->filled(OrderSide::from($word), $rest),
            'price' => $this->seen($rest, '14:31:00'),
            'time' => $this->seen(explode(' ', $rest)[1] ?? (string) $this->last, explode(' ', $rest)[0]),
            'not' => new NotClosed(preg_match('/target (\d+)/', $rest, $found) === 1 ? (int) $found[1] : null),
            'hand' => $this->byHand($rest),
            'asked' => new Asked(LineReader::read("protect MARL/USD {$rest}")),
            default => throw new InvalidArgumentException("What is “{$happens}”?"),
        };
        $outcome = $event->applyTo($this->protection, $this->instrument);
        $this->left = $event instanceof PriceSeen && $event->leaves($this->protection) ? [$this->protection, $outcome] : null;
        $this->protection = $outcome->protection;

        return $this->shown($outcome->closings);
    }

    /** @return list<string> What should be working at a venue that can do so much. */
    public function atVenue(Abilities $abilities): array
    {
        return array_values(array_map(static fn (Ticket $ticket): string => $ticket.($ticket->exclusive ? ', one of two' : ''), AtVenue::orders($this->protection, $this->instrument, $abilities)));
    }

    private function filled(OrderSide $side, string $rest): Event
    {
        preg_match('/^([\d.]+) @([\d.]+)(?: target (\d+))?$/', $rest, $found);
        $this->protection ??= Protection::planned(ProtectionRules::of($this->rules), $side === OrderSide::Buy ? Side::Long : Side::Short, null, new DateTimeImmutable('2026-03-02T14:30:00Z'));
        $this->position = $this->position->after(Fill::of($side, $found[1], $found[2], $this->instrument->notional(BigDecimal::of($found[1]), BigDecimal::of($found[2]))->multipliedBy($this->instrument->takerFee)));

        return new PositionChanged(
            $this->position->quantity->abs(),
            $this->position->average() ?? BigDecimal::zero(),
            $this->position->breakEven($this->instrument->takerFee) ?? BigDecimal::zero(),
            new DateTimeImmutable('2026-03-02T14:30:00Z'),
            isset($found[3]) ? (int) $found[3] : null,
        );
    }

    /** "stop 39.5", "stop none", "targets none", "targets 41 60" (a price and its share). */
    private function byHand(string $rest): Event
    {
        [$what, $first, $share] = [...explode(' ', $rest), ''];

        return $what === 'stop'
            ? new StopMoved($first === 'none' ? null : BigDecimal::of($first), $this->last)
            : new TargetsSet($first === 'none' ? [] : [TargetRule::of(Distance::of(DistanceKind::At, BigDecimal::of($first)), BigDecimal::of($share))], $this->last);
    }

    private function seen(string $rest, string $time): Event
    {
        preg_match('/^[\d.]+/', $rest, $price);
        $this->last = BigDecimal::of($price[0]);
        $at = new DateTimeImmutable("2026-03-02T{$time}Z");
        preg_match('/targets (\d+) at venue/', $rest, $targets);

        return new PriceSeen(Quote::of($this->last, $this->last, $at), $at, str_contains($rest, 'stop at venue'), isset($targets[1]) ? [(int) $targets[1]] : []);
    }

    /** @param  list<Closing>  $closings */
    private function shown(array $closings): string
    {
        if ($this->protection->quantity->isZero()) {
            return 'flat';
        }
        $quantities = $this->protection->quantities($this->instrument);
        $targets = array_filter(array_map(static fn (TargetState $target): string => isset($quantities[$target->number]) ? "{$target->number}: {$quantities[$target->number]->stripTrailingZeros()} at {$target->price}" : '', $this->protection->targets));
        $state = implode('; ', array_filter([$this->protection->stop === null ? '' : "stop {$this->protection->stop}", implode(', ', $targets)]));

        return implode('; ', [$state, ...array_map(strval(...), $closings)]);
    }
}
