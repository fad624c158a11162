<?php

declare(strict_types=1);

namespace App\Http\Controllers\Copies;

use App\Desks\Copies\HandoverDesk;
use App\Desks\Copies\SnapshotDesk;
use App\Http\Requests\Copies\HandoverRequest;
use App\Models\Copies\Destination;
use App\Models\Copies\Handover;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Who has the drive, and what is on it? */
final class HandoverController
{
    public function give(HandoverRequest $request, int $job, Destination $destination, HandoverDesk $desk): RedirectResponse
    {
        $given = $request->validated();
        $ticket = $desk->give($destination, (string) $given['who'], (string) ($given['why'] ?? ''), (string) $given['due_on']);

        return redirect("/jobs/{$job}/copies")->with(
            'said',
            "{$destination->name} is with {$ticket->who}: ticket {$ticket->id} says what is on it.".
                ($desk->snapshotsOn($destination) > 0
                    ? ' It also holds copies of your whole database in '.
                        SnapshotDesk::FOLDER.
                        ': take them off first if the receiver should not read them.'
                    : ''),
        );
    }

    public function back(int $job, Handover $handover, HandoverDesk $desk): RedirectResponse
    {
        $desk->takeBack($handover);

        return redirect("/jobs/{$job}/copies")->with('said', "{$handover->destination->name} is back: verify it before it counts.");
    }

    public function show(Request $request, Handover $handover): View
    {
        return view('copies.ticket', [
            'ticket' => $handover->load('destination'),
            'back' => $request->integer('job') > 0 ? "/jobs/{$request->integer('job')}/copies" : '/',
        ]);
    }
}
