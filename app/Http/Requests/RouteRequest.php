<?php

namespace App\Http\Requests;

use App\Http\JsonSchema;
use App\Models\Account;
use App\Models\Instrument;
use App\Models\Route;
use App\Models\User;
use Illuminate\Contracts\Validation\Validator;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use InvalidArgumentException;
use Wexon\Core\Route\OwnRules;
use Wexon\Core\Route\RouteRules;

/**
 * A route as the editor sends it. The rules are held against docs/schemas/route-1.json first, then made into their value.
 *
 * @phpstan-import-type OwnSpec from OwnRules
 */
final class RouteRequest extends FormRequest
{
    /** What an account's sizes may be multiplied by: a number above zero. */
    public const SCALE = '/^(?=.*[1-9])\d{1,6}(\.\d{1,8})?$/';

    /** @return array<string, mixed> */
    public function rules(): array
    {
        $desk = $this->desk();
        $route = $this->route('route');

        return [
            'name' => ['required', 'string', 'max:80', Rule::unique('routes')->where('desk_id', $desk)->ignore($route instanceof Route ? $route->id : null)],
            'inlet_id' => ['required', Rule::exists('inlets', 'id')->where('desk_id', $desk)],
            'account_ids' => ['required', 'array', 'min:1', 'max:50'],
            'account_ids.*' => [Rule::exists('accounts', 'id')->where('desk_id', $desk)],
            'account_scales' => ['array'],
            'account_scales.*' => ['nullable', 'regex:'.self::SCALE],
            'account_allocations' => ['array'],
            'account_allocations.*' => ['nullable', 'regex:/^(?=.*[1-9])\d{1,12}(\.\d{1,8})?$/'],
            'account_rules' => ['array'],
            'account_rules.*' => ['array'],
            'account_labels' => ['array'],
            'account_labels.*' => ['nullable', 'string', 'max:40', 'not_regex:/,/'],
            'rules' => ['required', 'array'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.unique' => 'Another route of this desk has this name: choose another.',
            'inlet_id.required' => 'Choose the inlet that this route listens to.',
            'account_scales.*.regex' => 'A scale is a number above zero, such as 0.5.',
            'account_allocations.*.regex' => 'What is set aside is an amount of money, such as 5000.',
            'account_labels.*.not_regex' => 'A label has no comma: messages separate labels by commas.',
            'account_ids.required' => 'Choose at least one account to trade on.',
        ];
    }

    /** @return list<callable> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            if ($validator->errors()->isNotEmpty()) {
                return;
            }
            $rules = $this->input('rules');
            // As it came: an empty object must not have become a list.
            $errors = JsonSchema::errors('route-1', JsonSchema::raw($this, 'rules'), 'rules') + $this->ownErrors();
            foreach ($errors as $where => $words) {
                $validator->errors()->add($where, $words);
            }
            if ($errors !== []) {
                return;
            }
            try {
                $value = RouteRules::of($rules);
                $own = array_map(static fn (array $spec): OwnRules => OwnRules::of('1', $spec), $this->ownSpecs());
            } catch (InvalidArgumentException $trouble) {
                $validator->errors()->add('rules', $trouble->getMessage());

                return;
            }
            $this->refuseUnknownInstruments($validator, $value, $own);
        }];
    }

    /** @return array<string, mixed> */
    public function attributesOfRoute(): array
    {
        return [
            'name' => trim($this->string('name')),
            'inlet_id' => $this->integer('inlet_id'),
            'rules' => RouteRules::of($this->input('rules'))->toArray(),
        ];
    }

    /** @return array<string, mixed> As the editor sends it, for the route's history. */
    public function draft(): array
    {
        return [
            'name' => trim($this->string('name')),
            'inlet_id' => $this->integer('inlet_id'),
            'account_ids' => $this->accountIds(),
            'account_labels' => array_map(static fn (array $pivot): ?string => $pivot['label'], $this->accounts()),
            'account_scales' => array_map(static fn (array $pivot): string => $pivot['scale'], $this->accounts()),
            'account_allocations' => array_map(static fn (array $pivot): ?string => $pivot['allocation'], $this->accounts()),
            'account_rules' => array_intersect_key($this->ownSpecs(), array_flip($this->accountIds())),
            'rules' => RouteRules::of($this->input('rules'))->toArray(),
        ];
    }

    /** @return array<int, array{label: string|null, scale: string, allocation: string|null, own: string|null}> By account, with the route's own label of it, what its sizes are multiplied by, the money set aside, and what it does otherwise. */
    public function accounts(): array
    {
        $labels = $this->array('account_labels');
        $accounts = [];
        foreach ($this->accountIds() as $id) {
            $label = trim((string) ($labels[$id] ?? ''));
            $scale = trim((string) ($this->array('account_scales')[$id] ?? ''));
            $allocation = trim((string) ($this->array('account_allocations')[$id] ?? ''));
            $own = OwnRules::of('1', $this->ownSpecs()[$id] ?? [])->toArray();
            $accounts[$id] = [
                'label' => $label === '' ? null : $label,
                'scale' => $scale === '' ? '1' : $scale,
                'allocation' => $allocation === '' ? null : $allocation,
                'own' => $own === [] ? null : json_encode($own, JSON_THROW_ON_ERROR),
            ];
        }

        return $accounts;
    }

    /** @return list<int> */
    private function accountIds(): array
    {
        return array_values(array_map(intval(...), $this->array('account_ids')));
    }

    /** @return array<int, OwnSpec> By account; only those that say something. */
    private function ownSpecs(): array
    {
        return array_filter($this->array('account_rules'));
    }

    /** @return array<string, string> */
    private function ownErrors(): array
    {
        $errors = [];
        foreach ((array) JsonSchema::raw($this, 'account_rules') as $id => $spec) {
            $errors += JsonSchema::errors('route-1#/$defs/own', $spec, "account_rules.{$id}");
        }

        return $errors;
    }

    /** @param  array<int, OwnRules>  $own */
    private function refuseUnknownInstruments(Validator $validator, RouteRules $rules, array $own): void
    {
        foreach (Account::query()->whereIn('id', $this->accountIds())->get() as $account) {
            $legs = $rules->on($own[$account->id] ?? OwnRules::of('1'))->legs;
            $listed = Instrument::query()->where('venue', $account->venue)->whereIn('name', array_column($legs, 'instrument'))->pluck('name')->all();
            foreach ($legs as $number => $leg) {
                if (! in_array($leg->instrument, $listed, true)) {
                    $validator->errors()->add("rules.legs.{$number}.instrument", "“{$leg->instrument}” is not listed at {$account->venue}: choose one of its instruments, or another one for “{$account->name}” alone.");
                }
            }
        }
    }

    private function desk(): int
    {
        $user = $this->user();

        return $user instanceof User ? $user->desk_id : 0;
    }
}
