<?php

declare(strict_types=1);

use App\Http\Controllers\House\FindController;
use App\Http\Controllers\House\SignInController;
use Illuminate\Support\Facades\Route;

Route::get('/find', [FindController::class, 'index']);
Route::post('/sign-out', [SignInController::class, 'destroy']);
