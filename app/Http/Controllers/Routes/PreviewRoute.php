<?php

namespace App\Http\Controllers\Routes;

use App\Dispatch\DecideIfNow;
use App\Dispatch\Readers;
use App\Dispatch\SymbolMaps;
use App\Http\JsonSchema;
use App\Http\Requests\RouteRequest;
use App\Http\Resources\Steps;
use App\Inlet\InletRequest;
use App\Models\Account;
use App\Models\Inlet;
use App\Models\Route;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use InvalidArgumentException;
use Wexon\Core\Reading\Line\LineWriter;
use Wexon\Core\Route\OwnRules;
use Wexon\Core\Route\RouteRules;
use Wexon\Core\Signal\Signal;

/**
 * A message like this, now, would …: for rules that are being written, on each of the chosen accounts, as if the route were armed.
 *
 * @phpstan-import-type RulesSpec from RouteRules
 */
final class PreviewRoute
{
    private const MOST_ACCOUNTS = 4;

    public function __invoke(Request $request, #[CurrentUser] User $user, Readers $readers, SymbolMaps $maps, DecideIfNow $decide): JsonResponse
    {
        $given = $request->validate([
            'inlet_id' => ['required', 'integer'],
            'account_ids' => ['required', 'array', 'min:1'],
            'account_scales' => ['array'],
            'account_scales.*' => ['nullable', 'regex:'.RouteRequest::SCALE],
            'account_rules' => ['array'],
            'account_rules.*' => ['array'],
            'route_id' => ['nullable', 'integer'],
            'rules' => ['required', 'array'],
            'flat' => ['boolean'],
            'body' => ['required', 'string', 'max:'.InletRequest::LARGEST_BODY],
        ]);
        $rules = $this->rules($given['rules'], JsonSchema::raw($request, 'rules'));
        $inlet = Inlet::query()->with('reading')->where('desk_id', $user->desk_id)->whereKey($given['inlet_id'])->firstOrFail();
        $understood = $readers->of($inlet)->read($given['body']);
        $signal = $understood->pieces[0]->signal ?? null;
        if ($signal === null) {
            return new JsonResponse(['signal' => null, 'trouble' => ($understood->error ?? $understood->pieces[0]->error ?? null)?->getMessage(), 'accounts' => []]);
        }
        $route = $user->desk->routes()->whereKey($given['route_id'] ?? 0)->first();
        $accounts = Account::query()->where('desk_id', $user->desk_id)->whereIn('id', $given['account_ids'])->limit(self::MOST_ACCOUNTS)->get();

        return new JsonResponse([
            'signal' => LineWriter::write($signal),
            'trouble' => null,
            'accounts' => $accounts->map(fn (Account $account): array => $this->answer($account, $signal, $rules->on($this->own($given, $account, $request)), $maps, $decide, $route, $given['flat'] ?? false))->values(),
        ]);
    }

    /**
     * @param  array<string, mixed>  $given
     *
     * @throws ValidationException If what the account does otherwise will not do.
     */
    private function own(array $given, Account $account, Request $request): OwnRules
    {
        $raw = ((array) JsonSchema::raw($request, 'account_rules'))[$account->id] ?? null;
        $errors = $raw === null ? [] : JsonSchema::errors('route-1#/$defs/own', $raw, "account_rules.{$account->id}");
        try {
            return $errors === [] ? OwnRules::of(($given['account_scales'][$account->id] ?? '') ?: '1', $given['account_rules'][$account->id] ?? []) : throw ValidationException::withMessages($errors);
        } catch (InvalidArgumentException $trouble) {
            throw ValidationException::withMessages(["account_rules.{$account->id}" => $trouble->getMessage()]);
        }
    }

    /** @return array<string, mixed> */
    private function answer(Account $account, Signal $signal, RouteRules $rules, SymbolMaps $maps, DecideIfNow $decide, ?Route $route, bool $flat): array
    {
        $leg = $signal->symbol === null ? $rules->legs[0] : $rules->legFor($signal->symbol) ?? $rules->legOf((string) $maps->of($account->desk_id, $account->venue)->instrument($signal->symbol));
        $answer = $leg === null ? ['decision' => null, 'trouble' => "The route does not take {$signal->symbol}."] : $decide->decide($signal, $rules, $leg, $account, $route, $flat);
        $decision = $answer['decision'];

        return [
            'account' => ['id' => $account->id, 'name' => $account->name, 'environment' => $account->environment],
            'trouble' => $answer['trouble'],
            'verdict' => $decision['verdict'] ?? null,
            'steps' => $decision === null ? [] : Steps::of($decision['steps']),
            'instrument' => $leg?->instrument,
            'side' => $this->side($decision['tickets'] ?? []),
            'ladder' => $decision['ladder'] ?? [],
        ];
    }

    /** @param  list<array<string, mixed>>  $tickets */
    private function side(array $tickets): ?string
    {
        $opening = array_values(array_filter($tickets, static fn (array $ticket): bool => $ticket['reduce_only'] === false))[0] ?? null;

        return $opening === null ? null : ($opening['side'] === 'buy' ? 'long' : 'short');
    }

    /** @param  RulesSpec  $given */
    private function rules(array $given, mixed $raw): RouteRules
    {
        $errors = JsonSchema::errors('route-1', $raw, 'rules');
        try {
            return $errors === [] ? RouteRules::of($given) : throw ValidationException::withMessages($errors);
        } catch (InvalidArgumentException $trouble) {
            throw ValidationException::withMessages(['rules' => $trouble->getMessage()]);
        }
    }
}
