<?php

declare(strict_types=1);

namespace App\Http\Controllers\Copies;

use App\Desks\Brief\BriefDesk;
use App\Desks\Copies\SessionDesk;
use App\Desks\Copies\SessionWatch;
use App\Desks\Copies\StandInSession;
use App\Http\Requests\Copies\SessionRequest;
use App\Models\Copies\Destination;
use App\Models\Copies\SessionFolder;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use NorthSatchel\Copies\Session\SessionFile;
use NorthSatchel\Verdicts;

/** Is every frame of the session on both drives? */
final class SessionController
{
    private const SHOWN = 60;

    private const WRITTEN = 4;

    public function show(int $job, SessionDesk $desk): View
    {
        $opened = BriefDesk::open($job);
        $folder = $desk->of($opened);
        $files = $folder === null ? [] : $desk->files($folder);

        return view('copies.session', [
            'job' => $opened,
            'folder' => $folder,
            'target' => $folder === null ? null : SessionWatch::folderName($folder),
            'files' => array_slice($files, 0, self::SHOWN),
            'count' => count($files),
            'whole' => count(array_filter($files, static fn (SessionFile $f): bool => $f->wholeAt !== null)),
            'automatic' => count(array_filter($files, static fn (SessionFile $f): bool => $f->automaticAt !== null)),
            'byHand' => count(array_filter($files, static fn (SessionFile $f): bool => $f->byHandAt !== null)),
            'drives' => Destination::query()->where('device_kind', '!=', 'cloud')->orderBy('name')->get(),
            'zone' => new \DateTimeZone($opened->place->timezone),
            'verdicts' => $folder === null ? new Verdicts() : $desk->judge($folder, $files)->verdicts(),
        ]);
    }

    /** The demo's capture program. */
    public function write(int $job, StandInSession $standIn): RedirectResponse
    {
        $frames = $standIn->write(BriefDesk::open($job), self::WRITTEN);

        return redirect("/jobs/{$job}/session")->with('said', "The stand-in wrote {$frames} frames.");
    }

    public function update(SessionRequest $request, int $job, SessionDesk $desk): RedirectResponse
    {
        $opened = BriefDesk::open($job);
        $desk->keep($request->into($desk->of($opened) ?? new SessionFolder(['job_id' => $opened->id])));

        return redirect("/jobs/{$job}/session")->with('said', 'The session folder is kept.');
    }
}
