<?php

declare(strict_types=1);

use App\Http\Controllers\Copies\CopiesController;
use App\Http\Controllers\Copies\FolderController;
use App\Http\Controllers\Copies\FramesController;
use App\Http\Controllers\Copies\HandoverController;
use App\Http\Controllers\Copies\SessionController;
use Illuminate\Support\Facades\Route;

Route::get('/jobs/{job}/copies', [CopiesController::class, 'show']);
Route::post('/jobs/{job}/copies', [CopiesController::class, 'store']);
Route::get('/jobs/{job}/frames', [FramesController::class, 'show']);
Route::post('/jobs/{job}/frames/moment', [FramesController::class, 'moment']);
Route::post('/jobs/{job}/frames/sidecars', [FramesController::class, 'sidecars']);
Route::get('/frames/{frame}/preview', [FramesController::class, 'preview']);
Route::get('/frames/{frame}/actual', [FramesController::class, 'preview'])->name('frames.actual');
Route::post('/jobs/{job}/copies/pause', [CopiesController::class, 'pause']);
Route::post('/jobs/{job}/copies/go-on', [CopiesController::class, 'goOn']);
Route::post('/jobs/{job}/copies/places/{destination}/hand-over', [HandoverController::class, 'give']);
Route::post('/jobs/{job}/handovers/{handover}/back', [HandoverController::class, 'back']);
Route::get('/handovers/{handover}', [HandoverController::class, 'show']);
Route::post('/jobs/{job}/copies/adopt', [CopiesController::class, 'adopt']);
Route::post('/jobs/{job}/copies/rule', [CopiesController::class, 'rule']);
Route::post('/jobs/{job}/copies/places/{destination}', [CopiesController::class, 'place']);
Route::get('/folders', [FolderController::class, 'index']);
Route::post('/folders', [FolderController::class, 'allow']);
Route::delete('/folders/{root}', [FolderController::class, 'forget']);
Route::post('/destinations', [FolderController::class, 'destination']);
Route::post('/destinations/{destination}/medium', [FolderController::class, 'medium']);
Route::post('/destinations/{destination}/mark', [FolderController::class, 'mark']);
Route::post('/cards/seen', [FolderController::class, 'mountSeen']);
Route::post('/cards/{card}/folder', [FolderController::class, 'mount']);
Route::get('/jobs/{job}/session', [SessionController::class, 'show']);
Route::put('/jobs/{job}/session', [SessionController::class, 'update']);
