<?php

declare(strict_types=1);

namespace Standin\Quarrystone\Endpoint;

use Standin\Exchange\Exchange;
use Standin\Exchange\Problem;
use Standin\Quarrystone\Key;
use Symfony\Component\HttpFoundation\Request;

/** Answers one signed request. */
interface Endpoint
{
    /**
     * @return array<array-key, mixed> The body of the answer.
     *
     * @throws Problem
     */
    public function answer(Request $request, Key $key, Exchange $exchange): array;
}
