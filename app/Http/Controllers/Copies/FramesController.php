<?php

declare(strict_types=1);

namespace App\Http\Controllers\Copies;

use App\Desks\Brief\BriefDesk;
use App\Desks\Cards\OwnerRules;
use App\Desks\Copies\FrameImages;
use App\Desks\Copies\FramesDesk;
use App\Http\Requests\Copies\MomentRequest;
use App\Http\Requests\Copies\SidecarRequest;
use App\Http\SidecarZip;
use App\Models\Cards\Frame;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Session\NullSessionHandler;
use Illuminate\Session\Store;
use NorthSatchel\Cards\Clock\ClockOffsets;

/** In what order did it happen? */
final class FramesController
{
    public function show(Request $request, int $job, FramesDesk $desk, OwnerRules $rules): View
    {
        $opened = BriefDesk::open($job);
        $page = max(1, $request->integer('page', 1));
        $found = $desk->page($opened, $page);

        return view('copies.frames', [
            'job' => $opened,
            'page' => $page,
            'pages' => max(1, (int) ceil($found->count / FramesDesk::A_PAGE)),
            'frames' => $found->frames,
            'count' => $found->count,
            'bodies' => $desk->bodies($opened),
            'offsets' => array_map(ClockOffsets::inWords(...), $desk->offsets($opened)->seconds),
            'wanted' => $rules->record()->permit_copies,
        ]);
    }

    public function moment(MomentRequest $request, int $job, FramesDesk $desk): RedirectResponse
    {
        $given = $request->validated();

        return redirect("/jobs/{$job}/frames")->with(
            'said',
            $desk->sameMoment(BriefDesk::open($job), (int) $given['first'], (int) $given['second']),
        );
    }

    public function preview(Request $request, Frame $frame, FrameImages $desk): Response
    {
        // Pictures are asked for beside the page, many at once: they leave the session, and what it is to say, as it is.
        $session = $request->session();
        if ($session instanceof Store) {
            $session->setHandler(new NullSessionHandler());
        }
        $jpeg = $request->routeIs('frames.actual') ? $desk->actual($frame) : $desk->preview($frame);

        return $jpeg === null
            ? response('', 404)
            : response($jpeg, 200, ['Content-Type' => 'image/jpeg', 'Cache-Control' => 'private, max-age=86400']);
    }

    /** Creator and copyright as sidecars, in a zip; the originals are not touched. */
    public function sidecars(SidecarRequest $request, int $job, FramesDesk $desk): Response|RedirectResponse
    {
        $given = $request->validated();

        return SidecarZip::of(
            $desk->sidecars(BriefDesk::open($job), (string) $given['creator'], (string) $given['copyright']),
            'sidecars.zip',
        );
    }
}
