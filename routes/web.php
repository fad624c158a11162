<?php

declare(strict_types=1);

use App\Http\Controllers\BriefController;
use App\Http\Controllers\BundleController;
use App\Http\Controllers\CallController;
use App\Http\Controllers\CardLifeController;
use App\Http\Controllers\CardsController;
use App\Http\Controllers\CopiesController;
use App\Http\Controllers\DaysController;
use App\Http\Controllers\DeviceEventController;
use App\Http\Controllers\FindController;
use App\Http\Controllers\FolderController;
use App\Http\Controllers\FramesController;
use App\Http\Controllers\HandoverController;
use App\Http\Controllers\JobController;
use App\Http\Controllers\KitController;
use App\Http\Controllers\LightController;
use App\Http\Controllers\LookController;
use App\Http\Controllers\PackController;
use App\Http\Controllers\PeopleController;
use App\Http\Controllers\PlanController;
use App\Http\Controllers\ProposalController;
use App\Http\Controllers\ScoutController;
use App\Http\Controllers\SegmentController;
use App\Http\Controllers\SheetController;
use App\Http\Controllers\ShelfController;
use App\Http\Controllers\ShotController;
use App\Http\Controllers\SignInController;
use App\Http\Controllers\StandInController;
use App\Http\Controllers\TestPictureController;
use App\Http\Controllers\TestsController;
use App\Http\Controllers\WhatIfController;
use App\Http\Middleware\DemoOnly;
use Illuminate\Support\Facades\Route;

/* Numbers of rows, no longer than a whole number is. */
foreach (['job', 'card', 'spot', 'obstacle', 'picture', 'segment', 'shot', 'change', 'window', 'index', 'group', 'link', 'proposal', 'ask', 'item', 'destination', 'handover', 'frame', 'root'] as $id) {
    Route::pattern($id, '[0-9]{1,15}');
}
Route::pattern('date', '\d{4}-\d{2}-\d{2}');

Route::get('/up', static fn (): string => 'up');

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
});

Route::middleware('auth')->group(static function (): void {
    Route::post('/sign-out', [SignInController::class, 'destroy']);
    Route::post('/events', [DeviceEventController::class, 'store']);

    Route::get('/', [JobController::class, 'index']);
    Route::get('/days/{date}', [DaysController::class, 'show']);
    Route::post('/days/{date}/order', [DaysController::class, 'order']);
    Route::post('/days/{date}/restack', [DaysController::class, 'restack']);
    Route::get('/find', [FindController::class, 'index']);
    Route::get('/jobs/new', [JobController::class, 'create']);
    Route::post('/jobs', [JobController::class, 'store']);
    Route::redirect('/jobs/{job}', '/jobs/{job}/brief');

    Route::get('/jobs/{job}/brief', [BriefController::class, 'show']);
    Route::put('/jobs/{job}/brief', [BriefController::class, 'update']);

    Route::get('/jobs/{job}/scout', [ScoutController::class, 'show']);
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
    Route::get('/jobs/{job}/plan', [PlanController::class, 'show']);
    Route::get('/jobs/{job}/bundle', [BundleController::class, 'export']);
    Route::post('/jobs/bundle', [BundleController::class, 'import']);
    Route::get('/jobs/{job}/sheets/{audience}', [SheetController::class, 'show']);
    Route::get('/jobs/{job}/calendar/{audience}', [SheetController::class, 'calendar']);
    Route::get('/jobs/{job}/table/{audience}', [SheetController::class, 'table']);
    Route::post('/segments/{segment}/secrecy', [SheetController::class, 'hideSegment']);
    Route::post('/shots/{shot}/secrecy', [SheetController::class, 'hideShot']);
    Route::post('/segments/{segment}/shots/paste', [ShotController::class, 'paste']);
    Route::get('/jobs/{job}/what-if', [WhatIfController::class, 'show']);
    Route::post('/jobs/{job}/what-if', [WhatIfController::class, 'apply']);
    Route::post('/jobs/{job}/delay', [WhatIfController::class, 'delay']);
    Route::post('/plan-changes/{change}/undo', [WhatIfController::class, 'undo']);
    Route::get('/jobs/{job}/rehearse', [WhatIfController::class, 'rehearse']);
    Route::post('/jobs/{job}/travels', [PlanController::class, 'travel']);
    Route::post('/jobs/{job}/access', [PlanController::class, 'access']);
    Route::delete('/access/{window}', [PlanController::class, 'removeAccess']);
    Route::post('/jobs/{job}/separations', [PlanController::class, 'separation']);
    Route::delete('/jobs/{job}/separations/{index}', [PlanController::class, 'removeSeparation']);
    Route::post('/jobs/{job}/import', [PlanController::class, 'import']);
    Route::post('/jobs/{job}/template', [PlanController::class, 'template']);
    Route::post('/jobs/{job}/segments', [SegmentController::class, 'store']);
    Route::put('/segments/{segment}', [SegmentController::class, 'update']);
    Route::post('/segments/{segment}/shift', [SegmentController::class, 'shift']);
    Route::post('/segments/{segment}/length', [SegmentController::class, 'length']);
    Route::delete('/segments/{segment}', [SegmentController::class, 'destroy']);
    Route::post('/segments/{segment}/restore', [SegmentController::class, 'restore']);
    Route::post('/segments/{segment}/shots', [ShotController::class, 'store']);
    Route::post('/segments/{segment}/shots/sun-order', [ShotController::class, 'followTheSun']);
    Route::post('/segments/{segment}/sets', [ShotController::class, 'keepSet']);
    Route::post('/segments/{segment}/sets/add', [ShotController::class, 'addSet']);
    Route::post('/jobs/{job}/shots', [ShotController::class, 'storeFree']);
    Route::post('/jobs/{job}/shots/paste', [ShotController::class, 'pasteAnywhere']);
    Route::post('/jobs/{job}/shots/place', [ShotController::class, 'placeFree']);
    Route::post('/shots/{shot}/put', [ShotController::class, 'put']);
    Route::put('/shots/{shot}', [ShotController::class, 'update']);
    Route::post('/shots/{shot}/move', [ShotController::class, 'move']);
    Route::delete('/shots/{shot}', [ShotController::class, 'destroy']);
    Route::post('/shots/{shot}/restore', [ShotController::class, 'restore']);

    Route::get('/jobs/{job}/call', [CallController::class, 'show']);
    Route::post('/jobs/{job}/call/groups', [PeopleController::class, 'callNow']);
    Route::get('/jobs/{job}/call/sheet', [CallController::class, 'sheet']);
    Route::post('/jobs/{job}/call/links', [CallController::class, 'share']);
    Route::post('/jobs/{job}/form/links', [ProposalController::class, 'share']);
    Route::post('/proposals/{proposal}/accept', [ProposalController::class, 'accept']);
    Route::post('/proposals/{proposal}/decline', [ProposalController::class, 'decline']);
    Route::delete('/links/{link}', [CallController::class, 'revoke']);
    Route::get('/jobs/{job}/teams', [PeopleController::class, 'teams']);
    Route::get('/jobs/{job}/people', [PeopleController::class, 'show']);
    Route::post('/jobs/{job}/people/family', [PeopleController::class, 'family']);
    Route::post('/jobs/{job}/people/rules', [PeopleController::class, 'rules']);
    Route::post('/jobs/{job}/people/order', [PeopleController::class, 'order']);
    Route::post('/jobs/{job}/people/settings', [PeopleController::class, 'settings']);
    Route::post('/jobs/{job}/people/groups', [PeopleController::class, 'store']);
    Route::get('/groups/{group}/stand', [PeopleController::class, 'stand']);
    Route::put('/groups/{group}', [PeopleController::class, 'update']);
    Route::post('/groups/{group}/put', [PeopleController::class, 'put']);
    Route::post('/groups/{group}/pin', [PeopleController::class, 'pin']);
    Route::post('/groups/{group}/merge', [PeopleController::class, 'merge']);
    Route::post('/groups/{group}/split', [PeopleController::class, 'split']);
    Route::get('/jobs/{job}/people/table', [PeopleController::class, 'table']);
    Route::post('/jobs/{job}/people/import', [PeopleController::class, 'import']);
    Route::post('/jobs/{job}/call/around', [CallController::class, 'around']);
    Route::post('/jobs/{job}/call/owed', [CallController::class, 'owe']);
    Route::post('/groups/{group}/move', [PeopleController::class, 'move']);
    Route::delete('/groups/{group}', [PeopleController::class, 'destroy']);
    Route::post('/groups/{group}/restore', [PeopleController::class, 'restore']);
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
    Route::post('/jobs/{job}/packing/kind', [KitController::class, 'storeKind']);
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
        Route::post('/jobs/{job}/stand-ins/shoot', [StandInController::class, 'shoot']);
    });

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
});
