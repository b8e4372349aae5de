<?php

declare(strict_types=1);

namespace Standin\Exchange;

use Illuminate\Database\Connection;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;

/** Carries out the misbehaviour that was asked for. */
final readonly class Faults
{
    /** @param  string  $who  Whose requests this one counts to. */
    public static function next(Connection $database, Request $request, string $who): ?self
    {
        $row = $database->table('faults')->where('remaining', '>', 0)
            ->whereRaw('? LIKE CONCAT(path, \'%\')', ["{$request->getMethod()} {$request->getPathInfo()}"])
            ->whereIn('who', ['', $who])
            ->orderBy('id')->first();
        $taken = $row !== null && $database->table('faults')->where('id', $row->id)->where('remaining', '>', 0)->decrement('remaining') === 1;

        return $taken ? new self(Fault::from($row->kind), (int) $row->delay_ms) : null;
    }

    /** Takes an order for misbehaviour: {kind, path, key, times, delay_ms}. */
    public static function ask(Connection $database, Request $request, string $path): Response
    {
        $body = $request->getPayload();
        $kind = Fault::tryFrom((string) $body->get('kind'));
        if ($kind === null) {
            return new JsonResponse(['error' => ['code' => 'bad_fault', 'message' => 'kind is one of '.implode(', ', array_column(Fault::cases(), 'value')).'.']], 422);
        }
        $database->table('faults')->insert(['kind' => $kind->value, 'path' => (string) $body->get('path', $path), 'who' => (string) $body->get('key'), 'remaining' => $body->getInt('times', 1), 'delay_ms' => $body->getInt('delay_ms')]);

        return new JsonResponse(['asked' => $kind->value], 201);
    }

    private function __construct(private Fault $kind, private int $delay) {}

    /**
     * @param  callable(): Response  $handle
     * @param  callable(Problem): Response  $tell  A problem in the venue's own words.
     */
    public function around(callable $handle, callable $tell): Response
    {
        $answer = $this->kind->actsFirst() || $this->kind === Fault::Slow ? $handle() : null;
        usleep($this->delay * 1000);

        return match ($this->kind) {
            Fault::Slow, Fault::TimeoutAfterAccepting => $answer ?? new Response,
            Fault::Refuse => $tell(Problem::of(422, 'trading_suspended', 'Trading in this instrument is suspended.')),
            Fault::Busy => $tell(Problem::busy('Too many requests.', 1000)),
            Fault::Error, Fault::ErrorAfterAccepting => $tell(Problem::of(503, 'internal', 'Something broke here.')),
            Fault::Drop, Fault::DropAfterAccepting => new Response('', 200, ['X-Accel-Redirect' => '/dropped']),
        };
    }
}
