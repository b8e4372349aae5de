<?php

namespace App\Http\Requests;

use App\Models\Account;
use App\Models\Instrument;
use App\Models\Route;
use App\Models\User;
use Illuminate\Contracts\Validation\Validator;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use InvalidArgumentException;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Helper;
use Opis\JsonSchema\Validator as SchemaValidator;
use Wexon\Core\Route\RouteRules;

/** A route as the editor sends it. The rules are held against docs/schemas/route-1.json first, then made into their value. */
final class RouteRequest extends FormRequest
{
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
            'rules' => ['required', 'array'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.unique' => 'Another route of this desk has this name: choose another.',
            'inlet_id.required' => 'Choose the inlet that this route listens to.',
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
            $schema = (string) file_get_contents(base_path('docs/schemas/route-1.json'));
            $result = (new SchemaValidator)->validate(Helper::toJSON($rules), $schema);
            $error = $result->error();
            if ($error !== null) {
                foreach ((new ErrorFormatter)->formatKeyed($error) as $path => $messages) {
                    $validator->errors()->add('rules'.str_replace('/', '.', rtrim($path, '/')), implode(' ', $messages));
                }

                return;
            }
            try {
                RouteRules::of($rules);
            } catch (InvalidArgumentException $trouble) {
                $validator->errors()->add('rules', $trouble->getMessage());

                return;
            }
            $this->refuseUnknownInstruments($validator, $rules['legs']);
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

    /** @return list<int> */
    public function accountIds(): array
    {
        return array_values(array_map(intval(...), $this->array('account_ids')));
    }

    /** @param  list<array{symbol: string, instrument: string}>  $legs */
    private function refuseUnknownInstruments(Validator $validator, array $legs): void
    {
        $venues = Account::query()->whereIn('id', $this->accountIds())->distinct()->pluck('venue');
        foreach ($legs as $number => $leg) {
            $listed = Instrument::query()->whereIn('venue', $venues)->where('name', trim($leg['instrument']))->count();
            if ($listed < $venues->count()) {
                $validator->errors()->add("rules.legs.{$number}.instrument", "“{$leg['instrument']}” is not listed at {$venues->implode(', ')}: choose one of its instruments.");
            }
        }
    }

    private function desk(): int
    {
        $user = $this->user();

        return $user instanceof User ? $user->desk_id : 0;
    }
}
