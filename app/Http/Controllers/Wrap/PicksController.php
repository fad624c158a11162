<?php

declare(strict_types=1);

namespace App\Http\Controllers\Wrap;

use App\Desks\Brief\BriefDesk;
use App\Desks\People\CallDesk;
use App\Desks\Wrap\PicksDesk;
use App\Http\Requests\Wrap\PickRequest;
use App\Http\SharedLink;
use App\Http\SidecarZip;
use App\Models\People\ShareLink;
use App\Models\Wrap\PickRecord;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use NorthSatchel\Wrap\SignOff\SignOffJudge;

/** What does the client say of each final picture? */
final class PicksController
{
    public const KIND = 'client';

    public function show(int $job, PicksDesk $desk, CallDesk $links): View
    {
        $opened = BriefDesk::open($job);
        $off = $desk->signOff($opened);

        return view('wrap.picks', [
            'job' => $opened,
            'off' => $off,
            'offered' => $desk->offered($opened),
            'links' => $links->links($opened)->filter(static fn (ShareLink $l): bool => $l->kind === self::KIND),
            'zone' => new \DateTimeZone($opened->place->timezone),
            'verdicts' => SignOffJudge::of($off),
        ]);
    }

    public function pick(PickRequest $request, int $job, PicksDesk $desk): RedirectResponse
    {
        $desk->pick(BriefDesk::open($job), $request->picture(), $request->from(), $request->note());

        return redirect("/jobs/{$job}/picks")->with('said', "It is shown for {$request->picture()}.");
    }

    public function share(int $job, CallDesk $links): RedirectResponse
    {
        $token = $links->share(BriefDesk::open($job), self::KIND);

        return redirect("/jobs/{$job}/picks")->with('link', SharedLink::to("/client/{$token}"));
    }

    public function revoke(int $job, ShareLink $link): RedirectResponse
    {
        abort_unless($link->job_id === $job && $link->kind === self::KIND, 404);
        $link->update(['revoked_at' => now()]);

        return redirect("/jobs/{$job}/picks")->with('said', 'That link opens nothing any more.');
    }

    public function image(PickRecord $pick, PicksDesk $desk): Response
    {
        return self::jpeg($desk->image($pick));
    }

    public static function jpeg(?string $bytes): Response
    {
        abort_if($bytes === null, 404);

        return response($bytes, 200, ['Content-Type' => 'image/jpeg', 'Cache-Control' => 'private, max-age=3600']);
    }

    public function csv(int $job, PicksDesk $desk): Response
    {
        return response($desk->csv(BriefDesk::open($job)), 200, [
            'Content-Type' => 'text/csv; charset=utf-8',
            'Content-Disposition' => 'attachment; filename="notes.csv"',
        ]);
    }

    public function sidecars(int $job, PicksDesk $desk): Response|RedirectResponse
    {
        $opened = BriefDesk::open($job);

        return SidecarZip::of($desk->sidecars($opened, ''), 'notes.zip');
    }
}
