<?php

declare(strict_types=1);

namespace App\Http\Controllers\Copies;

use App\Desks\Brief\BriefDesk;
use App\Desks\Copies\HandoverDesk;
use App\Desks\Copies\SnapshotDesk;
use App\Models\Copies\Destination;
use App\Models\Copies\Handover;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Who has the drive, and what is on it? */
final class HandoverController
{
    public function give(Request $request, int $job, Destination $destination, HandoverDesk $desk): RedirectResponse
    {
        // Today is where the job is, as the finding of an overdue drive counts it.
        $today = now(BriefDesk::open($job)->place->timezone)->format('Y-m-d');
        $given = $request->validate(
            [
                'who' => ['required', 'string', 'max:80'],
                'why' => ['nullable', 'string', 'max:120'],
                'due_on' => ['required', 'date_format:Y-m-d', "after_or_equal:{$today}"],
            ],
            [
                'required' => 'This is needed.',
                'date_format' => 'This must be a day of the calendar.',
                'after_or_equal' => 'This day has passed.',
                'max' => 'That is too long.',
            ],
        );
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
