<?php

declare(strict_types=1);

namespace Standin\Quarrystone;

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

/** The practice venue Quarrystone: coins, spot and perpetual, over HTTP. */
final class Venue
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

    public static function answer(Request $request): Response
    {
        $route = "{$request->getMethod()} {$request->getPathInfo()}";
        if (! str_starts_with($request->getPathInfo(), '/v1/')) {
            return FrontOffice::answer($request);
        }
        $handle = static fn (): Response => self::guarded($route, $request);
        $fault = Faults::next($request);

        return $fault === null ? $handle() : $fault->around($handle);
    }

    private static function guarded(string $route, Request $request): Response
    {
        try {
            return match (true) {
                $route === 'GET /v1/time' => new JsonResponse(['time' => Clock::milliseconds()]),
                $route === 'GET /v1/instruments' => new JsonResponse(['instruments' => array_map(Market::listing(...), Market::names())]),
                $route === 'GET /v1/quotes' => new JsonResponse(['quotes' => self::quotes((string) $request->query->get('instruments'))]),
                isset(self::SIGNED[$route]) => self::signed(self::SIGNED[$route], $request),
                default => throw Problem::of(404, 'unknown_path', "There is nothing at {$route}."),
            };
        } catch (Problem $problem) {
            return new JsonResponse(['error' => ['code' => $problem->name, 'message' => $problem->getMessage()]], $problem->status, $problem->headers);
        } catch (ExceptionInterface|RequestExceptionInterface $exception) {
            return new JsonResponse(['error' => ['code' => 'bad_request', 'message' => $exception->getMessage()]], 400);
        }
    }

    /** @param  class-string<Endpoint\Endpoint>  $endpoint */
    private static function signed(string $endpoint, Request $request): JsonResponse
    {
        $key = Door::check($request);
        $headers = RateLimit::count($key, $request->getMethod());
        Matching::catchUp($key->accountId);

        return new JsonResponse((new $endpoint)->answer($request, $key), 200, $headers);
    }

    /** @return list<array<string, string>> */
    private static function quotes(string $names): array
    {
        $time = Clock::milliseconds();

        return array_map(static function (string $name) use ($time): array {
            $quote = Market::depth($name, $time)->quote;

            return ['instrument' => $name, 'bid' => (string) $quote->bid, 'ask' => (string) $quote->ask, 'at' => $quote->at->format('Y-m-d\TH:i:s.vp')];
        }, $names === '' ? Market::names() : array_slice(explode(',', $names), 0, 50));
    }
}
