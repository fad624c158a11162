<?php

declare(strict_types=1);

use App\Http\Controllers\Kit\KitController;
use App\Http\Controllers\Kit\LightController;
use App\Http\Controllers\Kit\PackController;
use App\Http\Controllers\Kit\RoomsController;
use App\Http\Controllers\Kit\ShelfController;
use App\Http\Controllers\Kit\TestsController;
use Illuminate\Support\Facades\Route;

Route::get('/jobs/{job}/kit', [KitController::class, 'show']);
Route::get('/jobs/{job}/kit/propose', [KitController::class, 'propose']);
Route::post('/jobs/{job}/kit/propose', [KitController::class, 'take']);
Route::post('/jobs/{job}/kit/asks', [KitController::class, 'ask']);
Route::delete('/asks/{ask}', [KitController::class, 'forgetAsk']);
Route::post('/jobs/{job}/kit/settings', [KitController::class, 'settings']);
Route::post('/jobs/{job}/kit/swap', [KitController::class, 'planSwap']);
Route::get('/jobs/{job}/light', [LightController::class, 'show']);
Route::get('/jobs/{job}/tests', [TestsController::class, 'show']);
Route::post('/jobs/{job}/tests/glass', [TestsController::class, 'glass']);
Route::post('/jobs/{job}/tests/sheet', [TestsController::class, 'sheet']);
Route::get('/jobs/{job}/tests/sheet', [TestsController::class, 'printed']);
Route::get('/jobs/{job}/pack', [PackController::class, 'show']);
Route::post('/jobs/{job}/pack/scan', [PackController::class, 'scan']);
Route::post('/jobs/{job}/pack/bags', [PackController::class, 'storeBag']);
Route::post('/jobs/{job}/pack/into', [PackController::class, 'intoBag']);
Route::get('/jobs/{job}/home', [PackController::class, 'home']);
Route::post('/jobs/{job}/home/placed', [PackController::class, 'place']);
Route::post('/jobs/{job}/home/{item}/measure', [PackController::class, 'measure']);
Route::post('/jobs/{job}/packing', [KitController::class, 'store']);
Route::post('/jobs/{job}/packing/all', [KitController::class, 'storeAll']);
Route::post('/jobs/{job}/packing/carry', [KitController::class, 'carry']);
Route::delete('/jobs/{job}/packing/{item}', [KitController::class, 'destroy']);
Route::get('/shelf', [ShelfController::class, 'index']);
Route::post('/shelf', [ShelfController::class, 'store']);
Route::get('/shelf/table', [ShelfController::class, 'table']);
Route::post('/shelf/import', [ShelfController::class, 'import']);
Route::post('/shelf/starter', [ShelfController::class, 'starter']);
Route::get('/shelf/labels', [ShelfController::class, 'labels']);
Route::put('/shelf/{item}', [ShelfController::class, 'update']);
Route::post('/shelf/{item}/tests', [ShelfController::class, 'test']);
Route::post('/shelf/{item}/back', [ShelfController::class, 'giveBack']);
Route::post('/shelf/{item}/keep', [ShelfController::class, 'keep']);
Route::get('/jobs/{job}/station', [KitController::class, 'station']);
Route::get('/jobs/{job}/rooms', [RoomsController::class, 'show']);
Route::put('/jobs/{job}/rooms', [RoomsController::class, 'update']);
