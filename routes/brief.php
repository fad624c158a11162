<?php

declare(strict_types=1);

use App\Http\Controllers\Brief\BriefController;
use App\Http\Controllers\Brief\BundleController;
use App\Http\Controllers\Brief\JobController;
use Illuminate\Support\Facades\Route;

Route::get('/', [JobController::class, 'index']);
Route::get('/jobs/new', [JobController::class, 'create']);
Route::post('/jobs', [JobController::class, 'store']);
Route::get('/places/find', [JobController::class, 'towns']);
Route::redirect('/jobs/{job}', '/jobs/{job}/brief');
Route::get('/jobs/{job}/brief', [BriefController::class, 'show']);
Route::put('/jobs/{job}/brief', [BriefController::class, 'update']);
Route::post('/jobs/{job}/hours', [BriefController::class, 'hours']);
Route::get('/jobs/{job}/bundle', [BundleController::class, 'export']);
Route::post('/jobs/bundle', [BundleController::class, 'import']);
