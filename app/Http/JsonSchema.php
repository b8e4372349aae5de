<?php

namespace App\Http;

use Illuminate\Http\Request;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Errors\ValidationError;
use Opis\JsonSchema\Helper;
use Opis\JsonSchema\Validator;
use stdClass;

/** Holds data against one of the schemas in docs/schemas. */
final class JsonSchema
{
    /** A field of a request as it came, objects being objects even when they are empty. */
    public static function raw(Request $request, string $field): mixed
    {
        $body = json_decode($request->getContent());

        return $body instanceof stdClass ? $body->{$field} ?? null : null;
    }

    /**
     * @param  string  $schema  "route-1", or a part of it: "route-1#/\$defs/own"
     * @return array<string, string> What is wrong, by where; empty when nothing is.
     */
    public static function errors(string $schema, mixed $data, string $prefix): array
    {
        $validator = new Validator;
        [$file, $part] = [...explode('#', $schema, 2), ''];
        $validator->resolver()?->registerRaw((string) file_get_contents(base_path("docs/schemas/{$file}.json")), "wexon:{$file}");
        $error = $validator->validate(Helper::toJSON($data), "wexon:{$file}#{$part}")->error();
        if ($error === null) {
            return [];
        }
        $errors = [];
        foreach ((new ErrorFormatter)->formatKeyed($error, self::words(...)) as $path => $messages) {
            $errors[$prefix.str_replace('/', '.', rtrim($path, '/'))] = implode(' ', $messages);
        }

        return $errors;
    }

    /** What is wrong, in words that say what would do; the validator's own where there are none better. */
    private static function words(ValidationError $error): string
    {
        $schema = $error->schema()->info()->data();
        $args = $error->args();
        $listed = static fn (mixed $words): string => implode(', ', array_map(static fn (mixed $word): string => is_string($word) ? $word : (string) json_encode($word), is_array($words) ? $words : []));

        return match ($error->keyword()) {
            'enum' => 'It must be one of '.$listed(is_object($schema) ? $schema->enum ?? [] : []).'.',
            'required' => 'Missing: '.$listed($args['missing'] ?? []).'.',
            'additionalProperties' => 'There is no '.$listed($args['properties'] ?? []).' here.',
            'pattern' => 'It must look like '.(is_object($schema) && is_string($schema->description ?? null) ? lcfirst(rtrim($schema->description, '.')) : (string) ($args['pattern'] ?? '')).'.',
            default => (new ErrorFormatter)->formatErrorMessage($error).'.',
        };
    }
}
