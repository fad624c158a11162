<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Route;

/* Numbers of rows, no longer than a whole number is. */
foreach (
    [
        'job',
        'card',
        'spot',
        'obstacle',
        'picture',
        'segment',
        'shot',
        'change',
        'window',
        'index',
        'group',
        'link',
        'proposal',
        'ask',
        'item',
        'destination',
        'handover',
        'frame',
        'root',
        'person',
        'gone',
    ] as $id
) {
    Route::pattern($id, '[0-9]{1,15}');
}
Route::pattern('date', '\d{4}-\d{2}-\d{2}');

require __DIR__.'/open.php';

/* Everything else is for who is signed in: a file a phase. */
Route::middleware('auth')->group(static function (): void {
    foreach (['house', 'brief', 'scout', 'plan', 'people', 'kit', 'day', 'taps', 'cards', 'copies', 'wrap'] as $phase) {
        Route::middleware(in_array($phase, ['brief', 'scout', 'plan', 'people', 'kit'], true) ? ['history'] : [])->group(__DIR__."/{$phase}.php");
    }
});
