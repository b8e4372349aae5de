<?php

namespace App\Http;

use Symfony\Component\Yaml\Yaml;

/** Puts the API's OpenAPI description together from docs/api: the frame, and one file for each kind of thing. */
final class ApiDescription
{
    /** @return array<string, mixed> */
    public static function assemble(): array
    {
        $whole = Yaml::parseFile(base_path('docs/api/index.yaml'));
        $whole['paths'] = [];
        foreach (glob(base_path('docs/api/*.yaml')) ?: [] as $file) {
            $part = basename($file) === 'index.yaml' ? [] : Yaml::parseFile($file);
            $whole['paths'] += $part['paths'] ?? [];
            $whole['components']['schemas'] += $part['components']['schemas'] ?? [];
            $whole['components']['responses'] += $part['components']['responses'] ?? [];
        }
        ksort($whole['paths']);

        return $whole;
    }
}
