<?php

declare(strict_types=1);

namespace App\Http\Controllers\Wrap;

use App\Desks\Brief\BriefDesk;
use App\Desks\People\RosterDesk;
use App\Desks\Wrap\CaptionDesk;
use App\Http\Requests\Copies\SidecarRequest;
use App\Http\Requests\Wrap\CaptionsRequest;
use App\Http\SidecarZip;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use NorthSatchel\ImpossibleValue;
use NorthSatchel\Verdicts;

/** Who, what, where, when? */
final class CaptionsController
{
    private const A_PAGE = 100;

    public function show(Request $request, int $job, CaptionDesk $desk, RosterDesk $rosters): View
    {
        $opened = BriefDesk::open($job);
        $captions = $wrong = null;
        try {
            $captions = $desk->captions($opened);
        } catch (ImpossibleValue $e) {
            $wrong = $e;
        }
        $page = max(1, $request->integer('page', 1));
        $frames = $captions->frames ?? [];

        return view('wrap.show', [
            'job' => $opened,
            'record' => $rosters->of($opened),
            'frames' => array_slice($frames, self::A_PAGE * ($page - 1), self::A_PAGE),
            'count' => count($frames),
            'page' => $page,
            'pages' => max(1, (int) ceil(count($frames) / self::A_PAGE)),
            'zone' => new \DateTimeZone($opened->place->timezone),
            'wrong' => $wrong,
            'verdicts' => $captions?->verdicts() ?? new Verdicts(),
        ]);
    }

    public function update(CaptionsRequest $request, int $job, CaptionDesk $desk): RedirectResponse
    {
        try {
            $desk->keep(BriefDesk::open($job), $request->captions());
        } catch (ImpossibleValue $e) {
            return back()->withInput()->withErrors([$e->field => 'These '.$e->must.'.']);
        }

        return redirect("/jobs/{$job}/wrap")->with('said', 'The captions are kept.');
    }

    /** Captions, creator and copyright as sidecars, in a zip; the originals are not touched. */
    public function sidecars(SidecarRequest $request, int $job, CaptionDesk $desk): Response|RedirectResponse
    {
        $given = $request->validated();
        try {
            $sidecars = $desk->sidecars(BriefDesk::open($job), (string) $given['creator'], (string) $given['copyright']);
        } catch (ImpossibleValue $e) {
            return back()->withInput()->withErrors([$e->field => 'These '.$e->must.'.']);
        }

        return SidecarZip::of($sidecars, 'captions.zip');
    }
}
