<?php

declare(strict_types=1);

namespace App\Http\Controllers\Day;

use App\Desks\Brief\BriefDesk;
use App\Desks\Day\DayDesk;
use App\Desks\Taps\TapDesk;
use App\Http\Controllers\Taps\TapBatch;
use App\Http\Requests\Day\PastedTapsRequest;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Str;

/** The day as one file that opens with no server and no installation; and the taps that come back out of it as text. */
final class FileController
{
    public function download(int $job, DayDesk $desk): Response
    {
        $opened = BriefDesk::open($job);
        // Of the styles everything but the fonts, which stay behind.
        $styles = (string) preg_replace('/@font-face\s*\{[^}]*\}/', '', (string) file_get_contents(public_path('build/app.css')));
        $page = view('day.file', [
            'job' => $opened,
            'state' => $desk->state($opened),
            'styles' => str_replace('</', '<\\/', $styles),
            'script' => str_replace('</', '<\\/', (string) file_get_contents(public_path('build/day.js'))),
        ]);

        return response($page->render(), 200, [
            'Content-Type' => 'text/html; charset=utf-8',
            'Content-Disposition' => 'attachment; filename="day-'.Str::slug($opened->name).'.html"',
        ]);
    }

    public function paste(PastedTapsRequest $request, int $job, TapDesk $taps): RedirectResponse
    {
        BriefDesk::open($job);
        // Nobody knows when the text was taken out: its clock is taken as it is.
        $batch = TapBatch::ofEvents($request->events(), null);
        $own = array_filter($batch->taps, static fn ($tap): bool => $tap->number('job') === $job);
        $clashes = array_filter(array_map($taps->keep(...), $own));
        $refused = count($batch->refused) + count($batch->taps) - count($own);
        $said = (count($own) === 1 ? 'One tap is taken.' : count($own).' taps are taken.').
            ($refused === 0 ? '' : " {$refused} are of another job, or no taps.").' '.
            implode(' ', $clashes);

        return redirect("/jobs/{$job}/day/phones")->with('said', trim($said));
    }
}
