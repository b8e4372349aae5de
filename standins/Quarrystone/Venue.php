<?php

declare(strict_types=1);

namespace Standin\Quarrystone;

use Standin\Exchange\Bars;
use Standin\Exchange\CatchUp;
use Standin\Exchange\Clock;
use Standin\Exchange\Exchange;
use Standin\Exchange\Faults;
use Standin\Exchange\Problem;
use Standin\Quarrystone\Endpoint\CancelOrder;
use Standin\Quarrystone\Endpoint\FindOrder;
use Standin\Quarrystone\Endpoint\ListPositions;
use Standin\Quarrystone\Endpoint\ListWorking;
use Standin\Quarrystone\Endpoint\PlaceOrder;
use Standin\Quarrystone\Endpoint\SetLeverage;
use Standin\Quarrystone\Endpoint\ShowBalance;
use Standin\Quarrystone\Endpoint\ShowKey;
use Symfony\Component\HttpFoundation\Exception\ExceptionInterface;
use Symfony\Component\HttpFoundation\Exception\RequestExceptionInterface;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpFoundation\StreamedResponse;
use Wexon\Core\Practice\PricePath;

/** The practice venue Quarrystone: coins, spot and perpetual, over HTTP. */
final readonly class Venue
{
    private const SIGNED = [
        'GET /v1/key' => ShowKey::class,
        'GET /v1/balance' => ShowBalance::class,
        'GET /v1/positions' => ListPositions::class,
        'POST /v1/leverage' => SetLeverage::class,
        'GET /v1/orders' => FindOrder::class,
        'GET /v1/orders/working' => ListWorking::class,
        'DELETE /v1/orders' => CancelOrder::class,
        'POST /v1/orders' => PlaceOrder::class,
    ];

    /** Milliseconds. */
    private const STREAM_LASTS = 60_000;

    public function __construct(private Exchange $exchange, private Market $market) {}

    public function answer(Request $request): Response
    {
        if (! str_starts_with($request->getPathInfo(), '/v1/')) {
            return (new FrontOffice($this->exchange->database))->answer($request);
        }
        $handle = fn (): Response => $this->guarded("{$request->getMethod()} {$request->getPathInfo()}", $request);
        $fault = Faults::next($this->exchange->database, $request, (string) $request->headers->get('QS-Key'));

        return $fault === null ? $handle() : $fault->around($handle, $this->told(...));
    }

    private function guarded(string $route, Request $request): Response
    {
        try {
            return match (true) {
                $route === 'GET /v1/time' => new JsonResponse(['time' => Clock::milliseconds()]),
                $route === 'GET /v1/instruments' => new JsonResponse(['instruments' => array_map($this->market->listing(...), $this->market->names())]),
                $route === 'GET /v1/bars' => new JsonResponse(['bars' => (new Bars($this->exchange))->of((string) $request->query->get('instrument'), $request->query->getInt('seconds', 60), $request->query->getInt('count', 100))]),
                $route === 'GET /v1/stream' => $this->stream((string) $request->query->get('instruments')),
                $route === 'GET /v1/quotes' => new JsonResponse(['quotes' => $this->quotes((string) $request->query->get('instruments'))]),
                isset(self::SIGNED[$route]) => $this->signed(self::SIGNED[$route], $request),
                default => throw Problem::of(404, 'unknown_path', "There is nothing at {$route}."),
            };
        } catch (Problem $problem) {
            return $this->told($problem);
        } catch (ExceptionInterface|RequestExceptionInterface $exception) {
            return $this->told(Problem::of(400, 'bad_request', $exception->getMessage()));
        }
    }

    private function told(Problem $problem): JsonResponse
    {
        $headers = $problem->wait > 0 ? ['Retry-After' => '1', 'Retry-After-Ms' => (string) $problem->wait] : [];

        return new JsonResponse(['error' => ['code' => $problem->name, 'message' => $problem->getMessage()]], $problem->status, $headers);
    }

    /** @param  class-string<Endpoint\Endpoint>  $endpoint */
    private function signed(string $endpoint, Request $request): JsonResponse
    {
        $key = Door::check($this->exchange->database, $request);
        $headers = Door::count($this->exchange->database, $key, $request->getMethod());
        (new CatchUp($this->exchange))->account($key->accountId);

        return new JsonResponse((new $endpoint)->answer($request, $key, $this->exchange), 200, $headers);
    }

    /** Prices as they change, as server-sent events, for a minute; then the client asks again. */
    private function stream(string $names): StreamedResponse
    {
        return new StreamedResponse(function () use ($names): void {
            // PHP would keep the events to itself until it has a bufferful.
            while (ob_get_level() > 0) {
                ob_end_flush();
            }
            for ($until = Clock::milliseconds() + self::STREAM_LASTS; Clock::milliseconds() < $until && connection_aborted() === 0;) {
                echo 'data: '.json_encode($this->quotes($names))."\n\n";
                flush();
                usleep(1000 * (PricePath::STEP - Clock::milliseconds() % PricePath::STEP + 1));
            }
        }, 200, ['Content-Type' => 'text/event-stream', 'X-Accel-Buffering' => 'no']);
    }

    /** @return list<array<string, string>> */
    private function quotes(string $names): array
    {
        $time = Clock::milliseconds();

        return array_map(function (string $name) use ($time): array {
            $quote = $this->exchange->quote($name, $time);

            return ['instrument' => $name, 'bid' => (string) $quote->bid, 'ask' => (string) $quote->ask, 'at' => $quote->at->format('Y-m-d\TH:i:s.vp')];
        }, $names === '' ? $this->market->names() : array_slice(explode(',', $names), 0, 50));
    }
}
