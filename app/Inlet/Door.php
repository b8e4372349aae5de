<?php

declare(strict_types=1);

namespace App\Inlet;

use Closure;
use Wexon\Core\Inlet\AllowedSenders;
use Wexon\Core\Inlet\Signature;

/** Decides whether a message may come in: sender, signature, shared phrase. */
final readonly class Door
{
    /** @param  Closure(string): string  $decrypt */
    public function __construct(private Closure $decrypt) {}

    public function refusal(InletRow $inlet, InletRequest $request, int $now): ?Refusal
    {
        if ($inlet->allowedSenders !== [] && ! AllowedSenders::of(implode(' ', $inlet->allowedSenders))->allow($request->sender)) {
            return new Refusal('sender', 403, "Messages from {$request->sender} are not taken here: put the address on the inlet's list in Wexon.");
        }
        if ($inlet->signingSecret !== null) {
            $trouble = Signature::trouble(($this->decrypt)($inlet->signingSecret), $request->headers['x-wexon-time'] ?? null, $request->headers['x-wexon-signature'] ?? null, $request->body, $now);
            if ($trouble !== null) {
                return new Refusal('signature', 401, $trouble);
            }
        }

        return $inlet->phrase !== null && ! str_contains($request->body, ($this->decrypt)($inlet->phrase))
            ? new Refusal('phrase', 403, 'The shared phrase that this inlet wants is not in the message: add it, as the inlet\'s page in Wexon shows.')
            : null;
    }

    /** The phrase is a secret like any other, and is not kept with the message. */
    public function knownSecret(InletRow $inlet): ?string
    {
        return $inlet->phrase === null ? null : ($this->decrypt)($inlet->phrase);
    }
}
