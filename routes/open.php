<?php

declare(strict_types=1);

/* What opens without a sign-in: the sign-in itself, and what strangers reach with a token. */

use App\Http\Controllers\Day\SharedDayController;
use App\Http\Controllers\House\LookController;
use App\Http\Controllers\House\SignInController;
use App\Http\Controllers\House\TrustController;
use App\Http\Controllers\People\CallController;
use App\Http\Controllers\People\CallSheetController;
use App\Http\Controllers\People\ProposalController;
use App\Http\Controllers\Wrap\ClientController;
use Illuminate\Support\Facades\Route;

Route::get('/up', static fn (): string => 'up');
Route::get('/trust', [TrustController::class, 'show']);
Route::get('/trust/certificate', [TrustController::class, 'download']);

Route::middleware('guest')->group(static function (): void {
    Route::get('/sign-in', [SignInController::class, 'create'])->name('login');
    Route::post('/sign-in', [SignInController::class, 'store']);
});
Route::post('/look', [LookController::class, 'store']);

/* What strangers send is throttled harder. */
Route::middleware('throttle:couple')->group(static function (): void {
    Route::get('/form/{token}', [ProposalController::class, 'show'])->where('token', '[A-Za-z0-9]{40}');
    Route::post('/form/{token}', [ProposalController::class, 'store'])->where('token', '[A-Za-z0-9]{40}');
});

/* For people without an account: a token opens one list of one job. */
Route::middleware('throttle:caller')->group(static function (): void {
    Route::get('/call/{token}', [CallController::class, 'caller'])->where('token', '[A-Za-z0-9]{40}');
    Route::post('/call/{token}/events', [CallController::class, 'taps'])->where('token', '[A-Za-z0-9]{40}');
    Route::get('/sheet/{token}', [CallSheetController::class, 'shared'])->where('token', '[A-Za-z0-9]{40}');
    Route::get('/client/{token}', [ClientController::class, 'show'])->where('token', '[A-Za-z0-9]{40}');
    Route::post('/client/{token}', [ClientController::class, 'answer'])->where('token', '[A-Za-z0-9]{40}');
    Route::get('/client/{token}/{pick}.jpg', [ClientController::class, 'image'])->where('token', '[A-Za-z0-9]{40}')->whereNumber('pick');
    Route::get('/day/{token}', [SharedDayController::class, 'show'])->where('token', '[A-Za-z0-9]{40}');
    Route::post('/day/{token}/sync', [SharedDayController::class, 'sync'])->where('token', '[A-Za-z0-9]{40}');
});
