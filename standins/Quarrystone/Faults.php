<?php

declare(strict_types=1);

namespace Standin\Quarrystone;

use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;

/** Carries out the misbehaviour that was asked for. */
final class Faults
{
    /** Takes the next fault that waits for this request, if any. */
    public static function next(Request $request): ?self
    {
        $database = Database::connection();
        $row = $database->table('faults')->where('remaining', '>', 0)
            ->whereRaw('? LIKE CONCAT(path, \'%\')', ["{$request->getMethod()} {$request->getPathInfo()}"])
            ->whereIn('key', ['', (string) $request->headers->get('QS-Key')])
            ->orderBy('id')->first();
        $taken = $row !== null && $database->table('faults')->where('id', $row->id)->where('remaining', '>', 0)->decrement('remaining') === 1;

        return $taken ? new self(Fault::from($row->kind), (int) $row->delay_ms) : null;
    }

    /**
     * @param  string  $path  "POST /v1/orders", or the beginning of it
     * @param  string  $key  Whose requests it is for; empty for everybody's.
     */
    public static function ask(Fault $kind, string $path, string $key, int $times, int $delay): void
    {
        Database::connection()->table('faults')->insert(['kind' => $kind->value, 'path' => $path, 'key' => $key, 'remaining' => $times, 'delay_ms' => $delay]);
    }

    private function __construct(private readonly Fault $kind, private readonly int $delay) {}

    /** @param  callable(): Response  $handle */
    public function around(callable $handle): Response
    {
        $answer = $this->kind->actsFirst() || $this->kind === Fault::Slow ? $handle() : null;
        usleep($this->delay * 1000);

        return match ($this->kind) {
            Fault::Slow, Fault::TimeoutAfterAccepting => $answer ?? new Response,
            Fault::Refuse => new JsonResponse(['error' => ['code' => 'trading_suspended', 'message' => 'Trading in this instrument is suspended.']], 422),
            Fault::Busy => new JsonResponse(['error' => ['code' => 'too_many_requests', 'message' => 'Too many requests.']], 429, ['Retry-After' => '1']),
            Fault::Error, Fault::ErrorAfterAccepting => new JsonResponse(['error' => ['code' => 'internal', 'message' => 'Something broke here.']], 503),
            Fault::Drop, Fault::DropAfterAccepting => new Response('', 200, ['X-Accel-Redirect' => '/dropped']),
        };
    }
}
