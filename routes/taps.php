<?php

declare(strict_types=1);

use App\Http\Controllers\Taps\DeviceEventController;
use Illuminate\Support\Facades\Route;

Route::post('/events', [DeviceEventController::class, 'store']);
