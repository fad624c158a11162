<?php

declare(strict_types=1);

namespace App\Http\Controllers\Kit;

use App\Desks\Brief\BriefDesk;
use App\Desks\Cards\CameraSignsDesk;
use App\Desks\Kit\CarryDesk;
use App\Desks\Kit\KitDesk;
use App\Desks\Kit\LightDesk;
use App\Desks\Kit\NeedsDesk;
use App\Http\Requests\Kit\PlainFrameRequest;
use App\Http\Requests\Kit\SettingsSheetRequest;
use App\Models\Brief\Job;
use App\Models\Kit\Item;
use App\Models\Kit\ItemTest;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use NorthSatchel\Cards\Check\PlannedDials;
use NorthSatchel\Kit\Needs\PlannedStretch;
use NorthSatchel\Kit\Test\TestDays;
use NorthSatchel\Severity;
use NorthSatchel\Verdicts;

/** Is there still time to order another, and is every camera as it should be? */
final class TestsController
{
    public function show(int $job, KitDesk $kit, CameraSignsDesk $glass): View
    {
        $opened = BriefDesk::open($job);
        $due = $kit->tests($opened);

        return view('kit.tests', [
            'job' => $opened,
            'due' => $due,
            'bodies' => $opened->packing
                ->filter(static fn ($p): bool => $p->item->body !== null)
                ->map(static fn ($p): Item => $p->item)
                ->values(),
            'verdicts' => new Verdicts([...TestDays::verdicts($due), ...$glass->bumps($opened)]),
        ]);
    }

    /** A frame of a plain wall: what it shows is the test of that body. */
    public function glass(PlainFrameRequest $request, int $job, CameraSignsDesk $desk): RedirectResponse
    {
        $given = $request->validated();
        $item = Item::query()->findOrFail((int) $given['item']);
        $found = $desk->plain($item->label, (string) $request->file('frame')?->get());
        $isClean = array_filter($found, static fn ($v): bool => $v->severity !== Severity::Fine) === [];
        $said = implode(' ', array_map(static fn ($v): string => "{$v->finding} {$v->because}", $found));
        if ($found[0]->code !== 'kit.frame-not-plain') {
            ItemTest::query()->create([
                'item_id' => $item->id,
                'job_id' => $job,
                'result' => $isClean ? 'passed' : 'failed',
                'note' => mb_substr('Plain frame: '.lcfirst($found[0]->finding), 0, 200),
                'at' => now(),
            ]);
        }

        return redirect("/jobs/{$job}/tests")->with('said', $said);
    }

    /** What the dials should show. */
    public function sheet(SettingsSheetRequest $request, Job $job): RedirectResponse
    {
        $given = $request->validated();
        $job->update(['settings_sheet' => array_map(static fn ($v): int|float => $v + 0, array_filter($given, is_numeric(...)))]);

        return redirect("/jobs/{$job->id}/tests")->with('said', 'The settings sheet is kept.');
    }

    /** The sheet to print: each body, and what to start with in each segment. */
    public function printed(Request $request, int $job, CarryDesk $carry, NeedsDesk $needs, LightDesk $light): View
    {
        $opened = BriefDesk::open($job);
        $sheet = CameraSignsDesk::sheet($opened);
        $pixelUm = $light->pixelUm($opened);

        return view('cards.settings-sheet', [
            'job' => $opened,
            'sheet' => $sheet,
            'paper' => $request->query('paper') === 'letter' ? 'letter' : 'a4',
            'bodies' => $carry->bodies($opened),
            // A meal and a drive have no dials.
            'dials' => array_map(
                static fn (PlannedStretch $s): PlannedDials => PlannedDials::of($s, $sheet, $pixelUm),
                array_filter($needs->stretches($opened), static fn (PlannedStretch $s): bool => $s->frames() > 0),
            ),
        ]);
    }
}
