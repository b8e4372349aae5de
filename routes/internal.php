<?php

use App\Http\Controllers\Internal;
use Illuminate\Support\Facades\Route;

// nginx leads here from loopback only.
Route::post('internal/mail', Internal\StoreMail::class);
