<?php

declare(strict_types=1);

namespace Standin\Bench\Web;

use Illuminate\Database\Connection;
use JsonException;
use Standin\Bench\Alert\Alerts;
use Standin\Bench\Alert\Post;
use Standin\Bench\Chart\Imports;
use Standin\Bench\Given;
use Standin\Bench\Script\Ledger;
use Standin\Bench\Script\RunningScripts;
use Standin\Bench\Trouble;
use Standin\Bench\Wexon\Handover;
use Standin\Bench\Wexon\WexonApi;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Wexon\Core\Study\StudyTrouble;

/** The bench's answers to its own pages. */
final readonly class Bench
{
    public function __construct(private Connection $database) {}

    public function answer(Request $request): Response
    {
        try {
            $answer = $this->given($request->getMethod(), trim($request->getPathInfo(), '/'), $this->body($request));

            return $answer === null ? new JsonResponse(['message' => 'There is nothing here.'], 404) : new JsonResponse($answer);
        } catch (Trouble|StudyTrouble $trouble) {
            return new JsonResponse(['message' => $trouble->getMessage()], $trouble->getCode() === 404 ? 404 : 422);
        }
    }

    /**
     * @param  array<array-key, mixed>  $body
     * @return array<array-key, mixed>|null
     *
     * @throws Trouble|StudyTrouble
     */
    private function given(string $method, string $path, array $body): ?array
    {
        preg_match('#^api/([a-z-]+)(?:/(\d+))?(?:/([a-z-]+))?$#', $path, $parts);
        $route = trim($method.' '.($parts[1] ?? '').(($parts[2] ?? '') === '' ? '' : '/N').(($parts[3] ?? '') === '' ? '' : "/{$parts[3]}"));
        $id = (int) ($parts[2] ?? 0);
        $desk = new Desk($this->database);
        $alerts = new Alerts($this->database);
        $scripts = new RunningScripts($this->database);
        $wexon = new WexonApi($this->database);
        $handover = new Handover($wexon, $alerts, $scripts);

        return match ($route) {
            'GET desk' => $desk->lists(),
            'POST chart' => $desk->chart($body),
            'POST preview' => $desk->preview($body),
            'GET clock' => $desk->clock(),
            'PUT clock' => $desk->setClock($body),
            'GET drawings' => ['drawings' => $desk->drawings()],
            'POST drawings' => $desk->draw($body),
            'DELETE drawings/N' => $desk->rub($id),
            'POST imports' => ['key' => (new Imports($this->database))->take(Given::text($body, 'name'), Given::text($body, 'csv'))],
            'GET alerts' => ['alerts' => $alerts->all()],
            'POST alerts' => $alerts->make($body),
            'GET alerts/N/firings' => ['firings' => $alerts->firings($id)],
            'PUT alerts/N/state' => $alerts->setState($id, Given::text($body, 'state')),
            'PUT alerts/N/expiry' => $alerts->setExpiry($id, Given::text($body, 'expires') === '' ? null : Given::text($body, 'expires')),
            'DELETE alerts/N' => self::done(static fn () => $alerts->remove($id)),
            'POST firings/N/again' => self::done(fn () => (new Post($this->database, 0))->again($id)),
            'POST slips' => $desk->slip($body),
            'GET scripts' => ['scripts' => $scripts->all()],
            'POST scripts' => $scripts->start($body),
            'GET scripts/N/events' => ['events' => $scripts->events($id)],
            'GET scripts/N/ledger' => (new Ledger($this->database))->of($scripts->row($id)),
            'DELETE scripts/N' => self::done(static fn () => $scripts->stop($id)),
            'GET wexon' => ['url' => $wexon->url(), 'is_set' => $wexon->isSet()],
            'PUT wexon' => self::done(static fn () => $wexon->set(Given::text($body, 'url'), Given::text($body, 'token'))),
            'GET accounts' => ['accounts' => $handover->accounts()],
            'POST handovers' => $handover->make($body),
            default => null,
        };
    }

    /** @return array{} */
    private static function done(callable $do): array
    {
        $do();

        return [];
    }

    /**
     * @return array<array-key, mixed>
     *
     * @throws Trouble
     */
    private function body(Request $request): array
    {
        if ($request->getMethod() === 'GET' || $request->getContent() === '') {
            return [];
        }
        // Other sites cannot send this kind without being asked first.
        if (! str_starts_with((string) $request->headers->get('Content-Type'), 'application/json')) {
            throw new Trouble('Send JSON, with the content type application/json.');
        }
        try {
            $body = json_decode($request->getContent(), true, flags: JSON_THROW_ON_ERROR);
        } catch (JsonException) {
            throw new Trouble('That is no JSON.');
        }

        return is_array($body) ? $body : [];
    }
}
