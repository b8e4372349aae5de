<?php

namespace App\Http\Requests;

use App\Http\JsonSchema;
use App\Models\ChartProfile;
use App\Models\User;
use Illuminate\Contracts\Validation\Validator;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use InvalidArgumentException;
use Wexon\Core\Profile\ChartProfile as ChartProfileValue;

/** A chart profile as the editor or a file brings it. */
final class ProfileRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        $user = $this->user();
        $profile = $this->route('profile');

        return [
            'name' => ['required', 'string', 'max:80', Rule::unique('chart_profiles')->where('desk_id', $user instanceof User ? $user->desk_id : 0)->ignore($profile instanceof ChartProfile ? $profile->id : null)],
            'spec' => ['required', 'array'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['name.unique' => 'Another chart profile of this desk has this name: choose another.'];
    }

    /** @return list<callable> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            $errors = $validator->errors()->isNotEmpty() ? ['' => ''] : JsonSchema::errors('chart-profile-1', JsonSchema::raw($this, 'spec'), 'spec');
            foreach (array_filter($errors) as $where => $words) {
                $validator->errors()->add($where, $words);
            }
            try {
                $errors === [] && $this->value();
            } catch (InvalidArgumentException $trouble) {
                $validator->errors()->add('spec', $trouble->getMessage());
            }
        }];
    }

    public function value(): ChartProfileValue
    {
        return ChartProfileValue::of(['variables' => $this->array('spec.variables'), 'size_unit' => (string) $this->string('spec.size_unit'), 'alert_days' => $this->input('spec.alert_days') === null ? null : $this->integer('spec.alert_days')]);
    }
}
