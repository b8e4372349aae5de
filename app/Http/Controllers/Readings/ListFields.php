<?php

namespace App\Http\Controllers\Readings;

use Illuminate\Http\JsonResponse;
use Wexon\Core\Reading\Field\SignalFields;
use Wexon\Core\Reading\Source\Sources;

/** What a reading can fill, and from where. */
final class ListFields
{
    public function __invoke(): JsonResponse
    {
        $fields = [];
        foreach (SignalFields::all() as $name => $field) {
            $fields[] = ['name' => $name, 'label' => $field['label'], 'says' => $field['says'], 'units' => $field['kind']->units()];
        }

        return new JsonResponse(['fields' => $fields, 'sources' => [...Sources::names(), 'expression']]);
    }
}
