<?php

namespace App\Http\Requests;

use App\Http\JsonSchema;
use App\Inlet\InletRequest;
use App\Models\Reading;
use App\Models\User;
use Illuminate\Contracts\Validation\Validator;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use InvalidArgumentException;
use Wexon\Core\Reading\Mapping\Reading as ReadingValue;

/** A reading as the editor sends it, with its samples. */
final class ReadingRequest extends FormRequest
{
    private const MOST_SAMPLES = 50;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        $user = $this->user();
        $desk = $user instanceof User ? $user->desk_id : 0;
        $reading = $this->route('reading');

        return [
            'name' => ['required', 'string', 'max:80', Rule::unique('readings')->where('desk_id', $desk)->ignore($reading instanceof Reading ? $reading->id : null)],
            'spec' => ['required', 'array'],
            'samples' => ['present', 'array', 'max:'.self::MOST_SAMPLES],
            'samples.*.id' => ['nullable', 'integer'],
            'samples.*.body' => ['required', 'string', 'max:'.InletRequest::LARGEST_BODY],
            'samples.*.content_type' => ['nullable', 'string', 'max:120'],
            'accept' => ['boolean'],
            'inlet_id' => ['nullable', Rule::exists('inlets', 'id')->where('desk_id', $desk)],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['name.unique' => 'Another reading of this desk has this name: choose another.'];
    }

    /** @return list<callable> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            if ($validator->errors()->isNotEmpty()) {
                return;
            }
            $errors = JsonSchema::errors('reading-1', JsonSchema::raw($this, 'spec'), 'spec');
            foreach ($errors as $where => $words) {
                $validator->errors()->add($where, $words);
            }
            try {
                if ($errors === [] && ! $this->value()->isComplete()) {
                    $validator->errors()->add('spec', 'do: say where the message tells what to do, or add word rules.');
                }
            } catch (InvalidArgumentException $trouble) {
                $validator->errors()->add('spec', $trouble->getMessage());
            }
        }];
    }

    public function value(): ReadingValue
    {
        return ReadingValue::of(['fields' => $this->input('spec.fields', []), 'words' => $this->input('spec.words', [])]);
    }

    /** @return list<array{id?: int|null, body: string, content_type?: string|null}> */
    public function samples(): array
    {
        return array_values($this->validated('samples'));
    }
}
