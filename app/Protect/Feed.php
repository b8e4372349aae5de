<?php

namespace App\Protect;

use App\Connector\Connector;
use App\Connector\StreamsPrices;
use App\Connector\VenueTrouble;
use Illuminate\Support\Facades\Log;
use Illuminate\Support\Sleep;
use Wexon\Core\Market\Quote;

/** The prices of what is held, as they change: from the venues' streams, and asked for where a venue has none. */
final class Feed
{
    /** Seconds between two questions where there is no stream. */
    private const ASKED_EVERY = 0.5;

    /** Seconds before a venue is tried again that could not be reached. */
    private const RESTS = 1.0;

    /** @var array<string, array{resource, list<string>, string}> By venue: the stream, what it is about, and the begun line. */
    private array $streams = [];

    /** @var array<string, float> By venue, when it is asked next. */
    private array $due = [];

    /**
     * @param  array<string, array{Connector, list<string>}>  $wanted  By venue: whom to ask, about which instruments.
     * @param  float  $seconds  How long to wait for something new at most.
     * @return array<string, Quote> What has changed, by "venue:instrument".
     */
    public function quotes(array $wanted, float $seconds): array
    {
        $quotes = [];
        foreach ($wanted as $venue => [$connector, $instruments]) {
            $quotes += $this->keyed($venue, $connector instanceof StreamsPrices && $this->isStreaming($venue, $connector, $instruments) ? [] : $this->asked($venue, $connector, $instruments));
        }
        foreach (array_diff_key($this->streams, $wanted) as $venue => $stream) {
            $this->end($venue);
        }

        return $quotes + $this->heard($wanted, $quotes === [] ? $seconds : 0.0);
    }

    /** @param  list<string>  $instruments */
    private function isStreaming(string $venue, StreamsPrices $connector, array $instruments): bool
    {
        if (isset($this->streams[$venue]) && $this->streams[$venue][1] === $instruments && ! feof($this->streams[$venue][0])) {
            return true;
        }
        $this->end($venue);
        if (microtime(true) < ($this->due["{$venue} stream"] ?? 0)) {
            return false;
        }
        try {
            $this->streams[$venue] = [$connector->openPrices($instruments), $instruments, ''];

            return true;
        } catch (VenueTrouble $trouble) {
            $this->due["{$venue} stream"] = microtime(true) + self::RESTS;
            Log::warning("No stream of prices, so they are asked for: {$trouble->getMessage()}");

            return false;
        }
    }

    /**
     * @param  list<string>  $instruments
     * @return array<string, Quote>
     */
    private function asked(string $venue, Connector $connector, array $instruments): array
    {
        if (microtime(true) < ($this->due[$venue] ?? 0)) {
            return [];
        }
        $this->due[$venue] = microtime(true) + self::ASKED_EVERY;
        try {
            return $connector->quotes($instruments);
        } catch (VenueTrouble $trouble) {
            $this->due[$venue] = microtime(true) + self::RESTS;
            Log::warning("Positions are without prices: {$trouble->getMessage()}");

            return [];
        }
    }

    /**
     * @param  array<string, array{Connector, list<string>}>  $wanted
     * @return array<string, Quote>
     */
    private function heard(array $wanted, float $seconds): array
    {
        if ($this->streams === []) {
            $seconds > 0 && Sleep::for((int) ($seconds * 1_000))->milliseconds();

            return [];
        }
        $read = array_map(static fn (array $stream) => $stream[0], $this->streams);
        $write = $except = null;
        $ready = @stream_select($read, $write, $except, 0, (int) ($seconds * 1_000_000));
        $quotes = [];
        foreach ($ready === false || $ready === 0 ? [] : array_keys($read) as $venue) {
            $connector = $wanted[$venue][0] ?? null;
            if ($connector instanceof StreamsPrices) {
                foreach ($this->lines($venue) as $line) {
                    $quotes = $this->keyed($venue, $connector->pricesIn($line)) + $quotes;
                }
            }
        }

        return $quotes;
    }

    /** @return list<string> Those that are whole by now. */
    private function lines(string $venue): array
    {
        [$stream, $instruments, $begun] = $this->streams[$venue];
        $read = stream_get_contents($stream);
        $lines = explode("\n", $begun.($read === false ? '' : $read));
        $this->streams[$venue] = [$stream, $instruments, array_pop($lines)];
        if (feof($stream)) {
            $this->end($venue);
        }

        return $lines;
    }

    private function end(string $venue): void
    {
        if (isset($this->streams[$venue])) {
            fclose($this->streams[$venue][0]);
            unset($this->streams[$venue]);
        }
    }

    /**
     * @param  array<string, Quote>  $quotes
     * @return array<string, Quote>
     */
    private function keyed(string $venue, array $quotes): array
    {
        return array_combine(array_map(static fn (string $instrument): string => "{$venue}:{$instrument}", array_keys($quotes)), $quotes);
    }
}
