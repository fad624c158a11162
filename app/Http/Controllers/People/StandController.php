<?php

declare(strict_types=1);

namespace App\Http\Controllers\People;

use App\Desks\Brief\BriefDesk;
use App\Desks\People\StandDesk;
use App\Desks\Scout\ScoutDesk;
use App\Models\People\FormalGroup;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use NorthSatchel\ImpossibleValue;
use NorthSatchel\People\RowDrawing;
use NorthSatchel\People\StandLens;
use NorthSatchel\Verdicts;

/** Where a group stands, and what the lens makes of it. */
final class StandController
{
    /** Who stands where, and how sharp? */
    public function show(Request $request, FormalGroup $group, StandDesk $desk, ScoutDesk $scout): View
    {
        $opened = BriefDesk::open($group->job_id);
        $spots = $scout->spots($opened);
        $spot = $request->has('spot') ? $spots->firstWhere('id', $request->integer('spot')) : $desk->spotOf($opened, $spots);
        $ev = is_numeric($request->query('ev')) ? max(-4.0, min(16.0, (float) $request->query('ev'))) : $desk->light($opened, $spot);
        $typed = array_values(
            array_filter(
                array_map(intval(...), explode(',', (string) $request->query('lenses'))),
                static fn (int $mm): bool => $mm >= 8 && $mm <= 800,
            ),
        );
        $bag = $desk->lenses($opened);
        $named = array_values(array_filter($bag, static fn (StandLens $l): bool => in_array($l->focalMm, $typed, true)));
        $asked = $named === [] ? array_map(static fn (int $mm): StandLens => new StandLens(null, $mm, 2.8), $typed) : $named;
        $lenses = $asked === [] ? $bag : $asked;
        $setup = $wrong = $unhide = null;
        try {
            $setup = $desk->setup(
                $opened,
                $group,
                $lenses,
                $spot?->room_m,
                $ev,
                $request->boolean('steps'),
                $request->integer('rows') ?: null,
            );
            $isHidden = $setup->rows->hidden($setup->distanceM) !== [];
            $unhide = $isHidden ? $desk->unhide($opened, $group, $lenses, $spot?->room_m, $ev) : null;
        } catch (ImpossibleValue $e) {
            $wrong = ucfirst("{$e->field} {$e->must}.");
        }

        return view('people.stand', [
            'job' => $opened,
            'group' => $group,
            'spots' => $spots,
            'spot' => $spot,
            'rows' => $request->integer('rows'),
            'focals' => array_values(array_unique(array_map(static fn (StandLens $l): int => $l->focalMm, $lenses))),
            'ev' => round($ev, 1),
            'steps' => $request->boolean('steps'),
            'setup' => $setup,
            'drawing' => $setup === null ? null : new RowDrawing($setup),
            'verdicts' => $setup?->verdicts($unhide) ?? new Verdicts(),
            'wrong' => $wrong,
        ]);
    }
}
