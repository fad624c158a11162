<?php

declare(strict_types=1);

namespace App\Http\Controllers\Cards;

use App\Desks\Brief\BriefDesk;
use App\Desks\Cards\BreakDesk;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use NorthSatchel\Verdicts;

/** What do the cards hold, at a break, and which must is still without a frame? */
final class BreakController
{
    public function show(Request $request, int $job, BreakDesk $desk): View
    {
        $opened = BriefDesk::open($job);
        $read = $request->boolean('read') ? $desk->read($opened) : null;

        return view('day.frames', ['job' => $opened, 'read' => $read, 'verdicts' => $read?->verdicts() ?? new Verdicts()]);
    }
}
