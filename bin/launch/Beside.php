<?php

declare(strict_types=1);

namespace Launch;

/** A program that runs beside others; what it prints is kept until it has ended. */
final class Beside
{
    /**
     * @param  resource  $process
     * @param  resource  $said
     */
    private function __construct(private $process, private $said) {}

    /**
     * @param  list<string>  $command
     *
     * @throws Trouble If it cannot be started.
     */
    public static function start(array $command): self
    {
        $said = tmpfile();
        $process = $said === false ? false : proc_open($command, [['file', '/dev/null', 'r'], $said, $said], $pipes, Place::root());

        return is_resource($process) ? new self($process, $said) : throw new Trouble("{$command[0]} could not be started.");
    }

    /** Waits for its end, prints what it said, and gives its exit status. */
    public function finish(): int
    {
        $status = proc_close($this->process);
        rewind($this->said);
        Terminal::say(trim((string) stream_get_contents($this->said)));

        return $status;
    }
}
