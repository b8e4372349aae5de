<?php

namespace App\Http\Requests;

use App\Models\User;
use App\Notify\Kind;
use App\Notify\WebhookForm;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** A channel as somebody sets it. */
final class ChannelRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        $user = $this->user();
        $target = $this->input('way') === 'mail' ? ['email:rfc'] : ['url:http,https'];

        return [
            'name' => ['required', 'string', 'max:80'],
            'way' => ['required', 'in:mail,webhook'],
            'target' => ['required', 'string', 'max:400', ...$target],
            'form' => ['required', Rule::enum(WebhookForm::class)],
            'kinds' => ['required', 'array', 'min:1'],
            'kinds.*' => [Rule::enum(Kind::class)],
            'routes' => ['present', 'array'],
            'routes.*' => ['integer', Rule::exists('routes', 'id')->where('desk_id', $user instanceof User ? $user->desk_id : 0)],
            'quiet_from' => ['nullable', 'date_format:H:i', 'required_with:quiet_to'],
            'quiet_to' => ['nullable', 'date_format:H:i', 'required_with:quiet_from'],
            'is_on' => ['required', 'boolean'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['target.url' => 'A webhook goes to a web address: http:// or https://.', 'kinds.required' => 'Choose at least one kind of notice.'];
    }
}
