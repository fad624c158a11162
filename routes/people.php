<?php

declare(strict_types=1);

use App\Http\Controllers\People\CallController;
use App\Http\Controllers\People\GroupController;
use App\Http\Controllers\People\PeopleController;
use App\Http\Controllers\People\ProposalController;
use App\Http\Controllers\People\RosterController;
use App\Http\Controllers\People\StandController;
use App\Http\Controllers\People\TeamsController;
use Illuminate\Support\Facades\Route;

Route::get('/jobs/{job}/call', [CallController::class, 'show']);
Route::post('/jobs/{job}/call/groups', [GroupController::class, 'callNow']);
Route::get('/jobs/{job}/call/sheet', [CallController::class, 'sheet']);
Route::post('/jobs/{job}/call/links', [CallController::class, 'share']);
Route::post('/jobs/{job}/form/links', [ProposalController::class, 'share']);
Route::post('/proposals/{proposal}/accept', [ProposalController::class, 'accept']);
Route::post('/proposals/{proposal}/decline', [ProposalController::class, 'decline']);
Route::delete('/links/{link}', [CallController::class, 'revoke']);
Route::get('/jobs/{job}/teams', [TeamsController::class, 'show']);
Route::get('/jobs/{job}/people', [PeopleController::class, 'show']);
Route::post('/jobs/{job}/people/family', [PeopleController::class, 'family']);
Route::post('/jobs/{job}/people/restore', [PeopleController::class, 'restore']);
Route::post('/jobs/{job}/people/add', [PeopleController::class, 'add']);
Route::post('/jobs/{job}/people/{person}/same/{gone}', [PeopleController::class, 'same']);
Route::post('/jobs/{job}/people/gone/{gone}', [PeopleController::class, 'another']);
Route::post('/jobs/{job}/people/beside', [PeopleController::class, 'beside']);
Route::post('/jobs/{job}/people/rules', [PeopleController::class, 'rules']);
Route::post('/jobs/{job}/people/order', [PeopleController::class, 'order']);
Route::post('/jobs/{job}/people/settings', [PeopleController::class, 'settings']);
Route::post('/jobs/{job}/people/groups', [GroupController::class, 'store']);
Route::get('/groups/{group}/stand', [StandController::class, 'show']);
Route::put('/groups/{group}', [GroupController::class, 'update']);
Route::post('/groups/{group}/put', [GroupController::class, 'put']);
Route::post('/groups/{group}/pin', [GroupController::class, 'pin']);
Route::post('/groups/{group}/merge', [GroupController::class, 'merge']);
Route::post('/groups/{group}/split', [GroupController::class, 'split']);
Route::get('/jobs/{job}/people/table', [PeopleController::class, 'table']);
Route::post('/jobs/{job}/people/import', [PeopleController::class, 'import']);
Route::post('/jobs/{job}/call/around', [CallController::class, 'around']);
Route::post('/jobs/{job}/call/owed', [CallController::class, 'owe']);
Route::post('/groups/{group}/move', [GroupController::class, 'move']);
Route::delete('/groups/{group}', [GroupController::class, 'destroy']);
Route::post('/groups/{group}/restore', [GroupController::class, 'restore']);
Route::get('/jobs/{job}/roster', [RosterController::class, 'show']);
Route::put('/jobs/{job}/roster', [RosterController::class, 'update']);
