<?php

declare(strict_types=1);

namespace Wexon\Core\Preflight;

/** What the route's inlet is like, and what was heard of it lately. */
final readonly class Heard
{
    /**
     * @param  list<string>  $senders  Addresses that messages which were let in came from lately.
     * @param  list<string>  $strangers  Addresses that were turned away today.
     * @param  list<array{intent: string, at: int}>  $signals  The last ones for the route, the oldest first; the time in seconds.
     * @param  list<string>  $sharers  Armed routes that take the same symbols from the same inlet.
     */
    public function __construct(
        public string $inlet,
        /** Whether only some addresses, or only signed messages, are let in. */
        public bool $isClosed,
        public array $senders = [],
        public array $strangers = [],
        public array $signals = [],
        /** Milliseconds by which the sender's clock differs; null when its messages tell no time. */
        public ?int $skew = null,
        public array $sharers = [],
        /** Unit of the size that the slips' messages give; null: they give none. */
        public ?string $slipUnit = null,
    ) {}

    /** Seconds between two signals, in the middle; null when there are too few. */
    public function usualGap(): ?int
    {
        $gaps = [];
        foreach (array_slice($this->signals, 1) as $i => $signal) {
            $gaps[] = $signal['at'] - $this->signals[$i]['at'];
        }
        sort($gaps);

        return count($gaps) < 4 ? null : $gaps[intdiv(count($gaps), 2)];
    }
}
