<?php

declare(strict_types=1);

namespace Standin\Bench\Demo;

/** One of the demo's set-ups: a script on a chart, and where its orders go. */
final readonly class Line
{
    /**
     * @param  array<string, int|float>  $past  Parameters on the long candles of the past,
     * @param  array<string, int|float>  $live  and on the short ones of now.
     * @param  array<string, string>  $says  By what the order does ("buy", "sell", "enter long", "exit"): the kind of a slip, or a message text.
     */
    public function __construct(
        public string $name,
        public string $inlet,
        public string $script,
        public string $chart,
        public string $size,
        public array $past,
        public array $live,
        public array $says,
        /** The candles of now. */
        public string $candles = '5s',
        /** Hours before now at which it fell silent; null while it is heard. */
        public ?int $silentFor = null,
        /** Whether the past knows of it. */
        public bool $hasPast = true,
    ) {}
}
