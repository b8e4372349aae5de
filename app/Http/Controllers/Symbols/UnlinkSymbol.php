<?php

namespace App\Http\Controllers\Symbols;

use App\Models\SymbolLink;
use Illuminate\Http\Response;

final class UnlinkSymbol
{
    public function __invoke(SymbolLink $link): Response
    {
        $link->delete();

        return new Response(status: 204);
    }
}
