<?php

namespace App\Http\Controllers\Inlets;

use App\Models\Inlet;
use Illuminate\Http\JsonResponse;

/** The inlet's secrets: its address, mailbox, phrase and signing secret. This answer alone holds them, when someone asks to see or copy one. */
final class ShowAddress
{
    public function __invoke(Inlet $inlet): JsonResponse
    {
        return new JsonResponse([
            'address' => $inlet->address(),
            'mailbox' => $inlet->mailbox(),
            'phrase' => $inlet->phrase,
            'signing_secret' => $inlet->signing_secret,
        ]);
    }
}
