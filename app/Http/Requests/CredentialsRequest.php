<?php

namespace App\Http\Requests;

use App\Connector\Venue;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\ValidationException;

/** What a venue needs to let somebody in, as a trader typed or pasted it. */
final class CredentialsRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['credentials' => ['required', 'array'], 'credentials.*' => ['required', 'string', 'max:400']];
    }

    /**
     * @return array<string, string> By field, without the blanks that come with pasting.
     *
     * @throws ValidationException If one is missing.
     */
    public function for(Venue $venue): array
    {
        $credentials = [];
        foreach ($venue->credentials as $field => $label) {
            $given = $this->array('credentials')[$field] ?? '';
            $credentials[$field] = trim(is_string($given) ? $given : '') ?: throw ValidationException::withMessages(["credentials.{$field}" => "{$label} is needed."]);
        }

        return $credentials;
    }
}
