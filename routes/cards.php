<?php

declare(strict_types=1);

use App\Http\Controllers\Cards\CardLifeController;
use App\Http\Controllers\Cards\CardsController;
use App\Http\Controllers\Cards\StandInController;
use App\Http\Controllers\Copies\SessionController;
use App\Http\Middleware\DemoOnly;
use Illuminate\Support\Facades\Route;

Route::get('/jobs/{job}/cards', [CardsController::class, 'show']);
Route::post('/jobs/{job}/camera-check', [CardsController::class, 'check']);
Route::post('/jobs/{job}/cards/seal', [CardsController::class, 'sealAll']);
Route::post('/jobs/{job}/cards/twin', [CardsController::class, 'twinAll']);
Route::post('/jobs/{job}/cards/{card}/seal', [CardsController::class, 'seal']);
Route::post('/jobs/{job}/cards/{card}/twin', [CardsController::class, 'twin']);
Route::post('/jobs/{job}/cards/{card}/permit', [CardsController::class, 'permit']);
Route::post('/jobs/{job}/cards/{card}/release', [CardsController::class, 'release']);
Route::post('/jobs/{job}/cards/{card}/format', [CardsController::class, 'format']);
Route::get('/jobs/{job}/cards/{card}/permit', [CardLifeController::class, 'paper']);
Route::post('/jobs/{job}/cards/{card}/twin-lost', [CardLifeController::class, 'loseTwin']);
Route::post('/jobs/{job}/cards/{card}/back-in-use', [CardLifeController::class, 'backInUse']);
Route::post('/jobs/{job}/cards/{card}/claim', [CardLifeController::class, 'claim']);
Route::post('/jobs/{job}/cards/{card}/losses', [CardsController::class, 'acceptLoss']);
Route::get('/jobs/{job}/cards/{card}/look', [CardLifeController::class, 'look']);
Route::post('/jobs/{job}/cards/{card}/look', [CardLifeController::class, 'looked']);
Route::post('/jobs/{job}/cards/{card}/incidents', [CardLifeController::class, 'incident']);
Route::post('/jobs/{job}/cards/{card}/heal', [CardLifeController::class, 'heal']);
Route::post('/jobs/{job}/cards/{card}/retire', [CardLifeController::class, 'retire']);

Route::middleware(DemoOnly::class)->group(static function (): void {
    Route::post('/jobs/{job}/stand-ins/test', [StandInController::class, 'test']);
    Route::post('/jobs/{job}/stand-ins/mode', [StandInController::class, 'mode']);
    Route::post('/jobs/{job}/stand-ins/clock', [StandInController::class, 'clock']);
    Route::post('/jobs/{job}/stand-ins/meddle', [StandInController::class, 'meddle']);
    Route::post('/jobs/{job}/stand-ins/session', [SessionController::class, 'write']);
    Route::post('/jobs/{job}/stand-ins/shoot', [StandInController::class, 'shoot']);
});
