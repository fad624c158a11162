<?php

declare(strict_types=1);

namespace App\Http\Controllers\People;

use App\Desks\Brief\BriefDesk;
use App\Desks\Brief\PeopleKeeper;
use App\Desks\House\Readiness;
use App\Desks\People\CallDesk;
use App\Desks\People\FamilyTable;
use App\Desks\People\GroupDesk;
use App\Desks\People\PeopleDesk;
use App\Desks\People\ProposalDesk;
use App\Http\Requests\People\FamilyFileRequest;
use App\Http\Requests\People\FamilyRequest;
use App\Http\Requests\People\OrderRequest;
use App\Http\Requests\People\SettingsRequest;
use App\Models\Brief\Job;
use App\Models\Brief\Person;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\ValidationException;
use NorthSatchel\Brief\PeopleText;
use NorthSatchel\ImpossibleValue;
use NorthSatchel\People\School;
use NorthSatchel\People\StandChart;
use NorthSatchel\People\StandTime;

/** Who stands when? */
final class PeopleController
{
    public function show(Request $request, int $job, PeopleDesk $desk, CallDesk $calls, ProposalDesk $proposals, Readiness $strap): View
    {
        $opened = BriefDesk::open($job);
        try {
            $family = $desk->family($opened);
        } catch (ImpossibleValue) {
            $family = null;
        }
        $groups = $desk->groups($opened);
        $stand = $family === null ? null : new StandTime($desk->order($opened), $family, $opened->formals_gathered);

        return view('people.show', [
            'job' => $opened,
            'link' => $request->session()->get('link'),
            'verdicts' => $strap->of($opened, 'people'),
            'lines' => $opened->people->map(static fn (Person $p): string => $p->name.($p->role ? ', '.$p->role : ''))->implode(PHP_EOL),
            'family' => $family,
            'groups' => $groups,
            'stand' => $stand,
            'chart' => $stand === null ? null : new StandChart($stand),
            'schools' => $family === null || $groups->isEmpty()
                    ? []
                    : array_map(
                        static fn (School $s): array => [
                            'school' => $s,
                            'stand' => $desk->stand($opened, $family, $s),
                            'proof' => $desk->solution($opened, $family, $s)->proof($s),
                        ],
                        School::cases(),
                    ),
            'isProving' => $family !== null && $desk->isProving($opened, $family),
            'timing' => $family === null || $groups->isEmpty() ? [] : $desk->timing($opened, $family),
            'segment' => $desk->segment($opened),
            'links' => $calls->links($opened),
            'proposals' => $proposals->waiting($opened),
            'questions' => PeopleKeeper::questions($opened),
            'edit' => $request->integer('edit'),
        ]);
    }

    public function family(FamilyRequest $request, int $job, GroupDesk $desk): RedirectResponse
    {
        $opened = BriefDesk::open($job)->loadMissing('people');
        $text = (string) ($request->validated()['people'] ?? '');
        $count = $opened->people->count();
        if (trim($text) === '' && $count > 0 && ! $request->boolean('empty')) {
            throw ValidationException::withMessages([
                'people' => "That would take all {$count} people off the list. Tick that you mean it, and keep it again; nothing was changed.",
            ]);
        }

        $read = PeopleText::read($text);
        $told = ($read->headings === [] ? '' : ' Taken for headings, and for nobody: '.implode(', ', $read->headings).'.').
            ($read->together === [] ? '' : ' Each counted for themselves: '.implode(', ', $read->together).'.').
            $read->sentencesTold();

        return self::told($job, $desk->saveFamily($opened, $text), ($opened->kind->hasFamily() ? 'The family is kept.' : 'The list is kept.').$told);
    }

    public function rules(int $job, GroupDesk $desk): RedirectResponse
    {
        return redirect("/jobs/{$job}/people")->with('said', $desk->addByRule(BriefDesk::open($job))->says());
    }

    public function table(int $job, FamilyTable $table): Response
    {
        return response($table->out(BriefDesk::open($job)->load('people')), 200, [
            'Content-Type' => 'text/csv; charset=utf-8',
            'Content-Disposition' => 'attachment; filename="family.csv"',
        ]);
    }

    public function import(FamilyFileRequest $request, int $job, FamilyTable $table): RedirectResponse
    {
        $opened = BriefDesk::open($job)->loadMissing('people');
        $before = $opened->people->modelKeys();
        $said = $table->in($opened, (string) $request->file('file')?->get());

        return self::told($job, array_values(array_diff($before, $opened->people()->pluck('id')->all())), $said);
    }

    /** Who was taken off comes back. */
    public function restore(Request $request, int $job): RedirectResponse
    {
        PeopleKeeper::restore(BriefDesk::open($job), array_map(intval(...), explode(',', (string) $request->query('ids'))));

        return redirect("/jobs/{$job}/people")->with('said', 'They are back on the list.');
    }

    /** @param  list<int>  $gone */
    private static function told(int $job, array $gone, string $said): RedirectResponse
    {
        $to = redirect("/jobs/{$job}/people");

        return $gone === []
            ? $to->with('said', $said)
            : $to
                ->with('said', $said.' '.(count($gone) === 1 ? 'One person was taken off it.' : count($gone).' people were taken off it.'))
                ->with('undo', "/jobs/{$job}/people/restore?ids=".implode(',', $gone));
    }

    public function order(OrderRequest $request, int $job, GroupDesk $desk): RedirectResponse
    {
        $school = School::from((string) $request->validated()['school']);
        $desk->takeOrder(BriefDesk::open($job), $school);

        return redirect("/jobs/{$job}/people")->with('said', 'The groups are in that order.');
    }

    public function settings(SettingsRequest $request, Job $job): RedirectResponse
    {
        $given = $request->validated();
        $job->update([
            'formals_segment_id' => $given['formals_segment_id'] ?? null,
            'formals_gathered' => $request->boolean('formals_gathered'),
        ]);

        return redirect("/jobs/{$job->id}/people");
    }
}
