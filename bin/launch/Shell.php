<?php

declare(strict_types=1);

namespace Launch;

/** Runs programs. */
final class Shell
{
    private const LAST_LINES = 25;

    /**
     * Runs a program to its end and keeps what it prints in a log.
     *
     * @param  list<string>  $command
     * @param  array<string, string>  $environment  Added to ours.
     * @return string What it printed to standard output.
     *
     * @throws Trouble If it fails, with its last lines.
     */
    public static function run(array $command, array $environment = [], ?string $in = null, string $onFailure = ''): string
    {
        $errors = tmpfile();
        $process = proc_open($command, [1 => ['pipe', 'w'], 2 => $errors], $pipes, $in, $environment + getenv());
        if (! is_resource($process) || $errors === false) {
            throw new Trouble("{$command[0]} could not be started.");
        }
        $output = (string) stream_get_contents($pipes[1]);
        if (proc_close($process) !== 0) {
            rewind($errors);
            $said = array_slice(explode("\n", trim($output."\n".stream_get_contents($errors))), -self::LAST_LINES);
            throw new Trouble(trim($onFailure."\n").' '.implode(' ', array_slice($command, 0, 3))." failed:\n    ".implode("\n    ", $said));
        }

        return $output;
    }

    /**
     * Runs a program that the person watches.
     *
     * @param  list<string>  $command
     * @param  array<string, string>  $environment
     * @return int Its exit status.
     */
    public static function show(array $command, array $environment = [], ?string $in = null): int
    {
        // Into a terminal directly; into a file or pipe through us, or several programs would write over each other.
        $direct = posix_isatty(STDOUT) && posix_isatty(STDERR);
        $streams = $direct ? [STDIN, STDOUT, STDERR] : [['file', '/dev/null', 'r'], ['pipe', 'w'], ['redirect', 1]];
        /** @phpstan-ignore argument.type (the number of the stream that a redirect goes to is a number) */
        $process = proc_open($command, $streams, $pipes, $in, $environment + getenv());
        if (! is_resource($process)) {
            return 1;
        }
        while (! $direct && ($said = fread($pipes[1], 8192)) !== false && $said !== '') {
            echo $said;
        }

        return proc_close($process);
    }

    /**
     * Runs programs side by side and hands out each one's result in their order, as soon as it is there.
     *
     * @param  array<string, array{list<string>, string}>  $commands  By name: the program, and the folder it runs in.
     * @return iterable<string, array{int, string}> Exit status, and what it printed.
     */
    public static function together(array $commands): iterable
    {
        $running = array_map(static fn (array $of): Beside => Beside::start(...$of), $commands);
        foreach ($running as $name => $program) {
            yield $name => $program->finish();
        }
    }

    public static function has(string $program): bool
    {
        return self::where($program) !== null;
    }

    /** Where a program lies, also in the folders that an ordinary user's path leaves out. */
    public static function where(string $program): ?string
    {
        $found = preg_split('/\s+/', trim((string) shell_exec('whereis -b '.escapeshellarg($program)))) ?: [];

        return array_values(array_filter($found, is_executable(...)))[0] ?? null;
    }
}
