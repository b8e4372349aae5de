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
    public static function start(array $command, string $in): self
    {
        $said = tmpfile();
        $process = $said === false ? false : proc_open($command, [['file', '/dev/null', 'r'], $said, $said], $pipes, $in);

        return is_resource($process) ? new self($process, $said) : throw new Trouble("{$command[0]} could not be started.");
    }

    /** @return array{int, string} Its exit status and what it printed, when it has ended. */
    public function finish(): array
    {
        $status = proc_close($this->process);
        rewind($this->said);

        return [$status, (string) stream_get_contents($this->said)];
    }
}
