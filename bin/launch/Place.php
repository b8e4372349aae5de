<?php

declare(strict_types=1);

namespace Launch;

/**
 * One set of running things: its folder below var/, its ports, and the settings that all its processes share. There is
 * one for the demo, one for the tests and one for the benchmark, so that none disturbs another.
 */
final class Place
{
    private const DEFAULT_PORTS = ['main' => 8640, 'test' => 8740, 'bench' => 8840];

    /** Added to the first port. */
    private const OFFSETS = ['web' => 0, 'database' => 1, 'publish' => 2, 'quarrystone' => 3, 'fpm-app' => 4, 'fpm-inlet' => 5, 'fpm-venues' => 6, 'mail' => 7, 'larkmoor' => 8, 'pellam-street' => 9, 'bench' => 10];

    private function __construct(
        public readonly string $name,
        public readonly string $folder,
        public readonly int $firstPort,
    ) {}

    /** @param  int|null  $port The first of eleven; kept for the next start. */
    public static function of(string $name, ?int $port = null): self
    {
        $folder = self::root()."/var/{$name}";
        $kept = is_file("{$folder}/port") ? (int) file_get_contents("{$folder}/port") : self::DEFAULT_PORTS[$name];

        return new self($name, $folder, $port ?? $kept);
    }

    public static function root(): string
    {
        return dirname(__DIR__, 2);
    }

    public function port(string $what): int
    {
        return $this->firstPort + self::OFFSETS[$what];
    }

    /** @return array<string, int> */
    public function ports(): array
    {
        return array_map(fn (int $offset): int => $this->firstPort + $offset, self::OFFSETS);
    }

    public function url(): string
    {
        return "http://127.0.0.1:{$this->port('web')}";
    }

    public function path(string $below): string
    {
        return "{$this->folder}/{$below}";
    }

    public function makeFolders(): void
    {
        foreach (['log', 'run', 'cache', 'nginx', 'storage/framework/views', 'storage/framework/cache/data', 'storage/logs', 'storage/app'] as $below) {
            if (! is_dir($this->path($below)) && ! mkdir($this->path($below), 0700, true)) {
                throw new Trouble("The folder {$this->path($below)} could not be made. Is the disk full, or the checkout read-only?");
            }
        }
        file_put_contents($this->path('port'), (string) $this->firstPort);
    }

    /** A path for a socket: the system takes about a hundred characters only. */
    public function socket(string $name): string
    {
        $path = $this->path("run/{$name}.sock");

        return strlen($path) < 100 ? $path : sys_get_temp_dir().'/wexon-'.substr(md5($this->folder), 0, 12)."-{$name}.sock";
    }

    /** @return array<string, string> */
    public function environment(): array
    {
        $secrets = $this->secrets();

        return [
            'WEXON_VAR' => $this->folder,
            'APP_NAME' => 'Wexon',
            'APP_ENV' => $this->name === 'test' ? 'testing' : 'production',
            'APP_KEY' => $secrets['app_key'],
            'APP_DEBUG' => 'false',
            'APP_URL' => $this->url(),
            'DB_CONNECTION' => 'mariadb',
            'DB_HOST' => '127.0.0.1',
            'DB_PORT' => (string) $this->port('database'),
            'DB_DATABASE' => 'wexon',
            'DB_USERNAME' => 'wexon',
            'DB_PASSWORD' => $secrets['db_password'],
            'QUEUE_CONNECTION' => 'database',
            'DB_QUEUE_RETRY_AFTER' => '90',
            'SESSION_DRIVER' => 'database',
            'SESSION_COOKIE' => 'wexon_session',
            'CACHE_STORE' => 'file',
            'LOG_CHANNEL' => 'single',
            'LOG_LEVEL' => 'info',
            'BROADCAST_CONNECTION' => 'null',
            'WEXON_LIVE_URL' => "http://127.0.0.1:{$this->port('publish')}",
            'MAIL_MAILER' => 'sendmail',
            // A mailbox of our own in place of the world's mail: shown at the practice venue's /mailbox.
            'MAIL_SENDMAIL_PATH' => self::root()."/standins/bin/mailbox {$this->path('mailbox')} -t",
            'WEXON_MAILBOX' => $this->path('mailbox'),
            'WEXON_MAIL_DOMAIN' => 'wexon.localhost',
            'WEXON_MAIL_PORT' => (string) $this->port('mail'),
            'WEXON_QUARRYSTONE_URL' => "http://127.0.0.1:{$this->port('quarrystone')}",
            'WEXON_LARKMOOR_URL' => "http://127.0.0.1:{$this->port('larkmoor')}",
            'WEXON_PELLAM_STREET_URL' => "http://127.0.0.1:{$this->port('pellam-street')}",
            'WEXON_BENCH_URL' => "http://127.0.0.1:{$this->port('bench')}",
            'WEXON_CRASH_AT' => $this->name === 'test' ? $this->path('crash-at') : '',
            'WEXON_BENCH' => $this->name === 'bench' ? 'true' : 'false',
            'VENUE_HOURS' => $this->name === 'main' ? '' : 'always',
            'LARKMOOR_CONNECT_MS' => $this->name === 'main' ? '9000' : '1200',
        ];
    }

    /** @return array{app_key: string, db_password: string} Made once, and kept where only the owner can read them. */
    private function secrets(): array
    {
        $file = $this->path('secrets.json');
        if (! is_file($file)) {
            touch($file);
            chmod($file, 0600);
            file_put_contents($file, json_encode([
                'app_key' => 'base64:'.base64_encode(random_bytes(32)),
                'db_password' => bin2hex(random_bytes(16)),
            ]));
        }

        return json_decode((string) file_get_contents($file), true, flags: JSON_THROW_ON_ERROR);
    }
}
