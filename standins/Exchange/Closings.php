<?php

declare(strict_types=1);

namespace Standin\Exchange;

use Illuminate\Database\Connection;
use Wexon\Core\Instrument\Hours;

/**
 * A venue's opening hours, less the closings that it has announced.
 *
 * @phpstan-import-type HoursSpec from Hours
 */
final class Closings
{
    private const ALWAYS = ['00:00', '24:00'];

    /** @var array<string, list<array{string, string}>>|null By instrument. */
    private ?array $announced = null;

    public function __construct(private readonly Connection $database) {}

    public function announce(string $instrument, int $from, int $to): void
    {
        $this->database->table('closings')->insert(['instrument' => $instrument, 'from_moment' => gmdate('Y-m-d H:i:s', $from), 'to_moment' => gmdate('Y-m-d H:i:s', $to)]);
    }

    /**
     * @param  array<string, array{string, string}>  $week
     * @return HoursSpec With VENUE_HOURS=always, which tests set, open at all hours but those announced.
     */
    public function hours(string $instrument, string $zone, array $week): array
    {
        $this->announced ??= $this->read();
        $week = getenv('VENUE_HOURS') === 'always' ? array_fill_keys(['mon', 'tue', 'wed', 'thu', 'fri', 'sat', 'sun'], self::ALWAYS) : $week;

        return ['zone' => $zone, 'week' => $week, 'closings' => $this->announced[$instrument] ?? []];
    }

    /** @return array<string, list<array{string, string}>> */
    private function read(): array
    {
        $announced = [];
        foreach ($this->database->table('closings')->orderBy('from_moment')->get() as $row) {
            $announced[$row->instrument][] = [str_replace(' ', 'T', $row->from_moment).'Z', str_replace(' ', 'T', $row->to_moment).'Z'];
        }

        return $announced;
    }
}
