<?php

declare(strict_types=1);

namespace App\Http\Controllers\People;

use App\Desks\Brief\BriefDesk;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use NorthSatchel\ImpossibleValue;
use NorthSatchel\People\PoseRota;
use NorthSatchel\People\Team;
use NorthSatchel\People\TeamDrawing;
use NorthSatchel\People\TeamSchedule;
use NorthSatchel\People\TeamText;
use NorthSatchel\Verdicts;

/** Which team first? */
final class TeamsController
{
    /** Which team first? Worked out from what stands in the address; nothing is stored. */
    public function show(Request $request, int $job): View
    {
        $text = mb_substr((string) $request->query('teams'), 0, 4000);
        $sets = $request->integer('sets') === 1 ? 1 : 2;
        $schedule = $wrong = null;
        try {
            $schedule = TeamSchedule::of(TeamText::read($text), $sets);
        } catch (ImpossibleValue $e) {
            $wrong = ucfirst("{$e->field} {$e->must}.");
        }

        return view('people.teams', [
            'job' => BriefDesk::open($job),
            'text' => $text,
            'sets' => $sets,
            'schedule' => $schedule,
            'drawing' => $schedule === null ? null : new TeamDrawing($schedule),
            'wrong' => $wrong,
            'verdicts' => $schedule?->verdicts() ?? new Verdicts(),
            'rotas' => array_map(
                static fn (Team $t): array => [
                    'team' => $t->id,
                    'rota' => PoseRota::of(min(60, $t->players), heightsCm: $t->heightsCm),
                    'sharpness' => $t->heightsCm === [] ? null : PoseRota::sharpness($t->players),
                ],
                $schedule->order ?? [],
            ),
        ]);
    }
}
