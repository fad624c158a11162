<?php

declare(strict_types=1);

use App\Http\Controllers\Cards\BreakController;
use App\Http\Controllers\Day\DayController;
use App\Http\Controllers\Day\FileController;
use App\Http\Controllers\Day\PlayController;
use Illuminate\Support\Facades\Route;

Route::get('/jobs/{job}/day', [DayController::class, 'show']);
Route::post('/jobs/{job}/day/sync', [DayController::class, 'sync']);
Route::get('/jobs/{job}/day/phones', [DayController::class, 'phones']);
Route::get('/jobs/{job}/day/frames', [BreakController::class, 'show']);
Route::get('/jobs/{job}/day/file', [FileController::class, 'download']);
Route::post('/jobs/{job}/day/taps', [FileController::class, 'paste']);
Route::post('/jobs/{job}/day/share', [DayController::class, 'share']);
Route::post('/jobs/{job}/day/play', [PlayController::class, 'start']);
Route::post('/jobs/{job}/day/play/stop', [PlayController::class, 'stop']);
Route::post('/day-links/{link}/revoke', [DayController::class, 'revoke']);
