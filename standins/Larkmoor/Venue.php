<?php

declare(strict_types=1);

namespace Standin\Larkmoor;

use Standin\Exchange\CatchUp;
use Standin\Exchange\Exchange;
use Standin\Exchange\Faults;
use Standin\Exchange\Problem;
use Standin\Exchange\RateLimit;
use Symfony\Component\HttpFoundation\Exception\ExceptionInterface;
use Symfony\Component\HttpFoundation\Exception\RequestExceptionInterface;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * The practice venue Larkmoor: currency pairs on margin, through a terminal that has to be connected first.
 *
 * It answers everything with HTTP 200: {"ok": true, …}, or {"ok": false, "fault": {"number", "text"}}. A session takes 40
 * requests in two seconds, whatever they are.
 */
final readonly class Venue
{
    private const NUMBERS = [
        'bad_login' => 11, 'unknown_server' => 12, 'session_over' => 13, 'read_only' => 14, 'too_many_requests' => 21,
        'unknown_instrument' => 31, 'bad_lots' => 32, 'bad_at' => 33, 'too_near' => 34, 'too_small' => 35, 'would_trigger' => 36,
        'not_enough_money' => 41, 'closed' => 42, 'nothing_to_reduce' => 43, 'trading_suspended' => 44,
        'duplicate_client_id' => 51, 'unknown_order' => 52, 'not_working' => 53, 'internal' => 90,
    ];

    private const OTHER = 99;

    public function __construct(private Exchange $exchange) {}

    public function answer(Request $request): Response
    {
        $path = $request->getPathInfo();
        try {
            if (! str_starts_with($path, '/terminal/')) {
                return (new FrontOffice($this->exchange->database))->answer($request);
            }
            $asked = "{$request->getMethod()} ".substr($path, strlen('/terminal/'));
            $handle = fn (): Response => $this->guarded($asked, $request);
            $fault = Faults::next($this->exchange->database, $request, $this->login($request));

            return $fault === null ? $handle() : $fault->around($handle, $this->told(...));
        } catch (Problem $problem) {
            return $this->told($problem);
        }
    }

    private function guarded(string $asked, Request $request): Response
    {
        try {
            return new JsonResponse(['ok' => true] + $this->handled($asked, $request));
        } catch (Problem $problem) {
            return $this->told($problem);
        } catch (ExceptionInterface|RequestExceptionInterface $exception) {
            return $this->told(Problem::of(400, 'bad_request', $exception->getMessage()));
        }
    }

    /**
     * @return array<string, mixed>
     *
     * @throws Problem
     */
    private function handled(string $asked, Request $request): array
    {
        $database = $this->exchange->database;
        $name = (string) $request->headers->get('Terminal-Session');
        if ($asked === 'POST connect') {
            $given = $request->getPayload();

            return Session::begin($database, (string) $given->get('login'), (string) $given->get('password'), (string) $given->get('server'));
        }
        if ($asked === 'GET connect') {
            return Session::progress($database, $name);
        }
        $session = Session::of($database, $name);
        ['remaining' => $remaining, 'wait' => $wait] = (new RateLimit($database, 40, 2_000))->count("terminal:{$session->login}");
        if ($remaining < 0) {
            throw Problem::busy('A terminal may ask 40 times in two seconds.', $wait);
        }
        (new CatchUp($this->exchange))->account($session->accountId);

        return (new Terminal($this->exchange, $session))->answer($asked, $request);
    }

    private function told(Problem $problem): Response
    {
        if ($problem->status >= 500) {
            return new Response('The terminal server is restarting.', 503);
        }
        $again = $problem->wait > 0 ? ['again_in_ms' => $problem->wait] : [];

        return new JsonResponse(['ok' => false, 'fault' => ['number' => self::NUMBERS[$problem->name] ?? self::OTHER, 'text' => $problem->getMessage()] + $again]);
    }

    /** Whose terminal it is, for the misbehaviour that tests ask for. */
    private function login(Request $request): string
    {
        return (string) $this->exchange->database->table('sessions')->where('session', (string) $request->headers->get('Terminal-Session'))->value('login');
    }
}
