<?php

declare(strict_types=1);

use App\Http\Controllers\Scout\GroundController;
use App\Http\Controllers\Scout\PlaceController;
use App\Http\Controllers\Scout\ScoutController;
use App\Http\Controllers\Scout\TestPictureController;
use Illuminate\Support\Facades\Route;

Route::get('/jobs/{job}/scout', [ScoutController::class, 'show']);
Route::put('/jobs/{job}/places/{place}', [PlaceController::class, 'update']);
Route::post('/jobs/{job}/spots', [ScoutController::class, 'store']);
Route::post('/jobs/{job}/spots/turn', [ScoutController::class, 'turn']);
Route::post('/jobs/{job}/spots/place', [TestPictureController::class, 'takePlace']);
Route::put('/jobs/{job}/spots/{spot}', [ScoutController::class, 'update']);
Route::post('/jobs/{job}/spots/{spot}/pictures', [TestPictureController::class, 'store']);
Route::get('/jobs/{job}/pictures/{picture}', [TestPictureController::class, 'show']);
Route::post('/jobs/{job}/pictures/{picture}/measure', [TestPictureController::class, 'measure']);
Route::get('/pictures/{picture}', [TestPictureController::class, 'file']);
Route::post('/jobs/{job}/spots/{spot}/obstacles', [ScoutController::class, 'storeObstacle']);
Route::delete('/jobs/{job}/obstacles/{obstacle}', [ScoutController::class, 'destroyObstacle']);
Route::get('/jobs/{job}/ground', [GroundController::class, 'show']);
Route::post('/jobs/{job}/ground', [GroundController::class, 'store']);
Route::put('/jobs/{job}/ground', [GroundController::class, 'update']);
