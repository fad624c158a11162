<?php

declare(strict_types=1);

use App\Http\Controllers\Wrap\BoardsController;
use App\Http\Controllers\Wrap\CaptionsController;
use App\Http\Controllers\Wrap\EditorController;
use App\Http\Controllers\Wrap\PicksController;
use Illuminate\Support\Facades\Route;

Route::get('/jobs/{job}/wrap', [CaptionsController::class, 'show']);
Route::put('/jobs/{job}/captions', [CaptionsController::class, 'update']);
Route::post('/jobs/{job}/captions/sidecars', [CaptionsController::class, 'sidecars']);
Route::get('/jobs/{job}/boards', [BoardsController::class, 'show']);
Route::put('/jobs/{job}/boards', [BoardsController::class, 'update']);
Route::post('/jobs/{job}/boards/read', [BoardsController::class, 'read']);
Route::post('/jobs/{job}/boards/say', [BoardsController::class, 'say']);
Route::get('/jobs/{job}/boards/print', [BoardsController::class, 'boards']);
Route::get('/jobs/{job}/boards/frames/{exposure}', [BoardsController::class, 'picture']);
Route::get('/jobs/{job}/boards/{number}', [BoardsController::class, 'boards'])->whereNumber('number');
Route::get('/jobs/{job}/picks', [PicksController::class, 'show']);
Route::post('/jobs/{job}/picks', [PicksController::class, 'pick']);
Route::post('/jobs/{job}/picks/link', [PicksController::class, 'share']);
Route::post('/jobs/{job}/picks/link/{link}/revoke', [PicksController::class, 'revoke']);
Route::get('/jobs/{job}/picks/notes.csv', [PicksController::class, 'csv']);
Route::get('/jobs/{job}/picks/notes.zip', [PicksController::class, 'sidecars']);
Route::get('/picks/{pick}.jpg', [PicksController::class, 'image'])->whereNumber('pick');
Route::get('/jobs/{job}/send', [EditorController::class, 'show']);
Route::post('/jobs/{job}/send', [EditorController::class, 'add']);
Route::put('/jobs/{job}/send/desk', [EditorController::class, 'desk']);
Route::post('/jobs/{job}/send/go', [EditorController::class, 'go']);
Route::post('/jobs/{job}/send/meet', [EditorController::class, 'meet']);
