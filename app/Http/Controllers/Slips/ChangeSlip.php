<?php

namespace App\Http\Controllers\Slips;

use App\Models\Slip;
use App\Slips\SlipsOf;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;

/** Keeps that a part of a slip was copied, or until when its alert is good. */
final class ChangeSlip
{
    private const PARTS = ['name', 'message', 'address'];

    public function __invoke(Request $request, Slip $slip): JsonResponse
    {
        $given = $request->validate([
            'copied' => [Rule::in([...self::PARTS, 'all', 'none'])],
            'expires_on' => ['nullable', 'date_format:Y-m-d'],
        ], ['expires_on.date_format' => 'Write the day as 2026-03-31.']);
        if (isset($given['copied'])) {
            $parts = $given['copied'] === 'all' ? self::PARTS : [$given['copied']];
            $slip->copied = $given['copied'] === 'none' ? [] : [...$slip->copied, ...array_fill_keys($parts, now()->format('Y-m-d\TH:i:s.v\Z'))];
        }
        if ($request->has('expires_on')) {
            $slip->fill(['expires_on' => $given['expires_on'] ?? null, 'reminded' => null]);
        }
        $slip->save();

        return new JsonResponse(['data' => SlipsOf::route($slip->route)]);
    }
}
