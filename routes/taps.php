<?php

declare(strict_types=1);

use App\Http\Controllers\Taps\TapController;
use Illuminate\Support\Facades\Route;

Route::post('/events', [TapController::class, 'store']);
