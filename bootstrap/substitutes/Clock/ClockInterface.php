<?php

namespace Symfony\Component\Clock;

/** Stands in for symfony/clock, which the package registry lacks: Carbon needs the name. */
interface ClockInterface extends \Psr\Clock\ClockInterface
{
    public function sleep(float|int $seconds): void;

    public function withTimeZone(\DateTimeZone|string $timezone): static;
}
