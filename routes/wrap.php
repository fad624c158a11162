<?php

declare(strict_types=1);

use App\Http\Controllers\Wrap\CaptionsController;
use Illuminate\Support\Facades\Route;

Route::get('/jobs/{job}/wrap', [CaptionsController::class, 'show']);
Route::put('/jobs/{job}/captions', [CaptionsController::class, 'update']);
Route::post('/jobs/{job}/captions/sidecars', [CaptionsController::class, 'sidecars']);
