<?php

declare(strict_types=1);

namespace Standin\PellamStreet;

use Standin\Exchange\Bars;
use Standin\Exchange\CatchUp;
use Standin\Exchange\Clock;
use Standin\Exchange\Exchange;
use Standin\Exchange\Faults;
use Standin\Exchange\Problem;
use Standin\Exchange\RateLimit;
use Symfony\Component\HttpFoundation\Exception\ExceptionInterface;
use Symfony\Component\HttpFoundation\Exception\RequestExceptionInterface;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;

/** The practice venue Pellam Street: shares, with an access token that ends. It takes 600 requests a minute for an account. */
final readonly class Venue
{
    private const PER_MINUTE = 600;

    public function __construct(private Exchange $exchange, private Market $market) {}

    public function answer(Request $request): Response
    {
        $path = $request->getPathInfo();
        try {
            if (preg_match('#^/(accounts/|listing$|quotes$|bars$|token$|token/renewal$)#', $path) !== 1) {
                return (new FrontOffice($this->exchange->database))->answer($request);
            }
            $number = preg_match('#^/accounts/([^/]+)#', $path, $found) === 1 ? $found[1] : null;
            $handle = fn (): Response => $this->guarded($number, $request);
            $fault = Faults::next($this->exchange->database, $request, (string) $number);

            return $fault === null ? $handle() : $fault->around($handle, $this->told(...));
        } catch (Problem $problem) {
            return $this->told($problem);
        }
    }

    private function guarded(?string $number, Request $request): Response
    {
        try {
            $token = Token::of($this->exchange->database, $request, $number);
            ['remaining' => $remaining, 'wait' => $wait] = (new RateLimit($this->exchange->database, self::PER_MINUTE, 60_000))->count("account:{$token->row->account_id}");
            if ($remaining < 0) {
                throw Problem::busy('An account may ask '.self::PER_MINUTE.' times a minute.', $wait);
            }

            return new JsonResponse($number === null ? $this->common($token, $request) : $this->ofAccount($token, $number, $request));
        } catch (Problem $problem) {
            return $this->told($problem);
        } catch (ExceptionInterface|RequestExceptionInterface $exception) {
            return $this->told(Problem::of(400, 'bad_request', $exception->getMessage()));
        }
    }

    /** @return array<string, mixed> */
    private function ofAccount(Token $token, string $number, Request $request): array
    {
        (new CatchUp($this->exchange))->account((int) $token->row->account_id);
        $below = trim(substr($request->getPathInfo(), strlen("/accounts/{$number}")), '/');

        return (new Desk($this->exchange, $token))->answer("{$request->getMethod()} {$below}", $request);
    }

    /** @return array<string, mixed> */
    private function common(Token $token, Request $request): array
    {
        return match ("{$request->getMethod()} {$request->getPathInfo()}") {
            'GET /listing' => ['shares' => array_map($this->listed(...), $this->market->names())],
            'GET /quotes' => ['quotes' => $this->quotes((string) $request->query->get('symbols'))],
            'GET /bars' => ['bars' => (new Bars($this->exchange))->of((string) $request->query->get('symbol'), $request->query->getInt('seconds', 60), $request->query->getInt('count', 100))],
            'GET /token' => ['issued' => (int) $token->row->issued_at, 'ends' => (int) $token->row->ends_at, 'now' => Clock::milliseconds()],
            'POST /token/renewal' => ['token' => $token->renewed()],
            default => throw Problem::of(405, 'unknown_path', 'There is nothing here.'),
        };
    }

    private function told(Problem $problem): JsonResponse
    {
        $headers = $problem->wait > 0 ? ['Retry-After' => (string) (int) ceil($problem->wait / 1000)] : [];

        return new JsonResponse(['errors' => [['title' => str_replace('_', '-', $problem->name), 'detail' => $problem->getMessage()]]], $problem->status, $headers);
    }

    /** @return array<string, mixed> */
    private function listed(string $name): array
    {
        $share = $this->market->instrument($name);

        return [
            'symbol' => $name,
            'company' => $this->market->company($name),
            'price_step' => (string) $share->tick,
            'fractions' => ! $share->lotStep->isEqualTo(1),
            'size_step' => (string) $share->lotStep,
            'least_value' => (string) $share->leastNotional,
            'charge' => (string) $share->takerFee,
            'lent_for_short_sale' => $share->shortable,
            'hours' => $share->hours?->toArray(),
        ];
    }

    /** @return array<string, array<string, string>> */
    private function quotes(string $names): array
    {
        $now = Clock::milliseconds();
        $quotes = [];
        foreach ($names === '' ? $this->market->names() : array_slice(explode(',', $names), 0, 50) as $name) {
            $quote = $this->exchange->quote($name, $now);
            $quotes[$name] = ['bid' => (string) $quote->bid, 'ask' => (string) $quote->ask, 'at' => $quote->at->format('Y-m-d\TH:i:s.vP')];
        }

        return $quotes;
    }
}
