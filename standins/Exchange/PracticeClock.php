<?php

declare(strict_types=1);

namespace Standin\Exchange;

use RuntimeException;

/**
 * The time that made-up prices go by. As a rule it is the time there is; in a rehearsal it runs faster, from a moment on
 * that can be chosen, for all venues and the bench at once. Orders, fills and messages keep the time there is.
 *
 * A file tells how it went so far, in pieces, so that the price of any moment stays what it was.
 *
 * @phpstan-type Piece array{real: int, practice: int, rate: int}
 */
final class PracticeClock
{
    public const RATES = [1, 10, 60];

    /** Seconds for which a process goes on by what it has read. */
    private const READ_EVERY = 0.05;

    private const MOST_PIECES = 50;

    private static ?self $shared = null;

    private static float $readAt = 0.0;

    /** @param  list<Piece>  $pieces  In order; before the first it is the time there is. */
    private function __construct(private readonly array $pieces) {}

    /** The one that this place's stand-ins share. */
    public static function shared(): self
    {
        if (self::$shared === null || microtime(true) > self::$readAt + self::READ_EVERY) {
            self::$readAt = microtime(true);
            self::$shared = self::read();
        }

        return self::$shared;
    }

    /** @param  list<Piece>  $pieces */
    public static function of(array $pieces): self
    {
        return new self($pieces);
    }

    /** @param  int  $time  Milliseconds since 1970, as there are. */
    public function at(int $time): int
    {
        $piece = $this->piece($time);

        return $piece === null ? $time : $piece['practice'] + ($time - $piece['real']) * $piece['rate'];
    }

    public function now(): int
    {
        return $this->at(Clock::milliseconds());
    }

    /** How many times as fast as the time there is. */
    public function rate(int $time): int
    {
        return $this->piece($time)['rate'] ?? 1;
    }

    public function isRehearsal(): bool
    {
        $now = Clock::milliseconds();

        return $this->rate($now) !== 1 || $this->at($now) !== $now;
    }

    /** @return array{now: int, rate: int, is_rehearsal: bool} */
    public function toArray(): array
    {
        return ['now' => $this->now(), 'rate' => $this->rate(Clock::milliseconds()), 'is_rehearsal' => $this->isRehearsal()];
    }

    /** Lets it run so fast from now on, from where it is or from another moment. */
    public static function run(int $rate, ?int $from = null): void
    {
        $now = Clock::milliseconds();
        $clock = self::read();
        self::write([...array_slice($clock->pieces, 1 - self::MOST_PIECES), ['real' => $now, 'practice' => $from ?? $clock->at($now), 'rate' => $rate]]);
    }

    /** Back to the time there is. */
    public static function stop(): void
    {
        self::run(1, Clock::milliseconds());
    }

    /** @return Piece|null */
    private function piece(int $time): ?array
    {
        for ($i = count($this->pieces) - 1; $i >= 0; $i--) {
            if ($this->pieces[$i]['real'] <= $time) {
                return $this->pieces[$i];
            }
        }

        return null;
    }

    private static function read(): self
    {
        $file = self::file();
        $pieces = is_file($file) ? json_decode((string) file_get_contents($file), true, flags: JSON_THROW_ON_ERROR) : [];

        /** @var list<Piece> $pieces */
        return new self($pieces);
    }

    /** @param  list<Piece>  $pieces */
    private static function write(array $pieces): void
    {
        $file = self::file();
        $beside = $file.'.'.bin2hex(random_bytes(4));
        if (file_put_contents($beside, json_encode($pieces, JSON_THROW_ON_ERROR)) === false || ! rename($beside, $file)) {
            throw new RuntimeException('The practice clock could not be set. Is the disk full?');
        }
        self::$shared = null;
    }

    private static function file(): string
    {
        return (getenv('WEXON_VAR') ?: sys_get_temp_dir()).'/clock.json';
    }
}
