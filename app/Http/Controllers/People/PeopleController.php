<?php

declare(strict_types=1);

namespace App\Http\Controllers\People;

use App\Desks\Brief\BriefDesk;
use App\Desks\House\Readiness;
use App\Desks\People\CallDesk;
use App\Desks\People\FamilyTable;
use App\Desks\People\GroupDesk;
use App\Desks\People\PeopleDesk;
use App\Desks\People\ProposalDesk;
use App\Desks\Scout\ScoutDesk;
use App\Http\Requests\People\CallNowRequest;
use App\Http\Requests\People\FamilyFileRequest;
use App\Http\Requests\People\FamilyRequest;
use App\Http\Requests\People\GroupRequest;
use App\Http\Requests\People\MoveGroupRequest;
use App\Http\Requests\People\OrderRequest;
use App\Http\Requests\People\PutGroupRequest;
use App\Http\Requests\People\SettingsRequest;
use App\Http\Requests\People\SplitGroupRequest;
use App\Http\Requests\Plan\SegmentRequest;
use App\Models\Brief\Job;
use App\Models\Brief\Person;
use App\Models\People\FormalGroup;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use NorthSatchel\Exposure\Scene;
use NorthSatchel\ImpossibleValue;
use NorthSatchel\People\PoseRota;
use NorthSatchel\People\RowDrawing;
use NorthSatchel\People\School;
use NorthSatchel\People\StandChart;
use NorthSatchel\People\StandTime;
use NorthSatchel\People\Team;
use NorthSatchel\People\TeamDrawing;
use NorthSatchel\People\TeamSchedule;
use NorthSatchel\People\TeamText;
use NorthSatchel\Time\Priority;
use NorthSatchel\Verdicts;

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
            'edit' => $request->integer('edit'),
        ]);
    }

    /** Who stands where, and how sharp? */
    public function stand(Request $request, FormalGroup $group, PeopleDesk $desk, ScoutDesk $scout): View
    {
        $opened = BriefDesk::open($group->job_id);
        $spots = $scout->spots($opened);
        $spot = $request->has('spot') ? $spots->firstWhere('id', $request->integer('spot')) : $desk->spotOf($opened, $spots);
        $ev = is_numeric($request->query('ev'))
            ? max(-4.0, min(16.0, (float) $request->query('ev')))
            : ($spot?->is_indoor
                ? Scene::WindowSide->ev100()
                : Scene::OpenShade->ev100());
        $focals =
            array_values(
                array_filter(
                    array_map(intval(...), explode(',', (string) $request->query('lenses'))),
                    static fn (int $mm): bool => $mm >= 8 && $mm <= 800,
                ),
            ) ?:
            PeopleDesk::LENSES;
        $setup = $wrong = null;
        try {
            $setup = $desk->setup(
                $opened,
                $group,
                $focals,
                $spot?->room_m,
                $ev,
                $request->boolean('steps'),
                $request->integer('rows') ?: null,
            );
        } catch (ImpossibleValue $e) {
            $wrong = ucfirst("{$e->field} {$e->must}.");
        }

        return view('people.stand', [
            'job' => $opened,
            'group' => $group,
            'spots' => $spots,
            'spot' => $spot,
            'rows' => $request->integer('rows'),
            'focals' => $focals,
            'ev' => round($ev, 1),
            'steps' => $request->boolean('steps'),
            'setup' => $setup,
            'drawing' => $setup === null ? null : new RowDrawing($setup),
            'verdicts' => $setup?->verdicts() ?? new Verdicts(),
            'wrong' => $wrong,
        ]);
    }

    public function family(FamilyRequest $request, int $job, GroupDesk $desk): RedirectResponse
    {
        $text =
            (string) ($request->validated()[
                'people'
            ] ?? '');
        $desk->saveFamily(BriefDesk::open($job), $text);

        return redirect("/jobs/{$job}/people")->with('said', 'The family is kept.');
    }

    public function rules(int $job, GroupDesk $desk): RedirectResponse
    {
        $added = $desk->addByRule(BriefDesk::open($job));

        return redirect("/jobs/{$job}/people")->with(
            'said',
            $added === 0 ? 'All groups of the rule are there.' : "{$added} groups are on the list.",
        );
    }

    public function store(GroupRequest $request, int $job, GroupDesk $desk): RedirectResponse
    {
        $given = $request->group();
        $desk->add(
            BriefDesk::open($job),
            $given['title'],
            SegmentRequest::names($given['people']),
            $given['priority'],
            null,
            $given['after'],
        );

        return redirect("/jobs/{$job}/people");
    }

    /** Which team first? Worked out from what stands in the address; nothing is stored. */
    public function teams(Request $request, int $job): View
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

    /** Names typed while the couple says them: called next. */
    public function callNow(CallNowRequest $request, int $job, GroupDesk $desk): RedirectResponse
    {
        $names = SegmentRequest::names(
            (string) $request->validated()['people'],
        );
        $group = $desk->add(BriefDesk::open($job), 'called now', $names, Priority::Should->value);
        $group->update(['title' => mb_substr(implode(', ', $group->people), 0, 120)]);
        $desk->callFirst($group);

        return redirect("/jobs/{$job}/call");
    }

    public function update(GroupRequest $request, FormalGroup $group, GroupDesk $desk): RedirectResponse
    {
        $given = $request->group();
        $desk->add(
            BriefDesk::open($group->job_id),
            $given['title'],
            SegmentRequest::names($given['people']),
            $given['priority'],
            $group,
            $given['after'],
        );

        return redirect("/jobs/{$group->job_id}/people");
    }

    public function move(MoveGroupRequest $request, FormalGroup $group, GroupDesk $desk): RedirectResponse
    {
        $desk->move($group, $request->validated()['way'] === 'up');

        return redirect("/jobs/{$group->job_id}/people");
    }

    /** Dragged before another, or to the end. */
    public function put(PutGroupRequest $request, FormalGroup $group, GroupDesk $desk): RedirectResponse
    {
        $before = $request->validated()['before'] ?? null;
        $desk->place($group, $before === null ? null : (int) $before);

        return redirect("/jobs/{$group->job_id}/people");
    }

    public function pin(FormalGroup $group): RedirectResponse
    {
        $group->update(['is_pinned' => ! $group->is_pinned]);

        return redirect("/jobs/{$group->job_id}/people");
    }

    public function merge(FormalGroup $group, GroupDesk $desk): RedirectResponse
    {
        $next = FormalGroup::query()
            ->where('job_id', $group->job_id)
            ->where('position', '>', $group->position)
            ->orderBy('position')
            ->first();
        if ($next !== null) {
            $desk->merge(BriefDesk::open($group->job_id), $group, $next);
        }

        return redirect("/jobs/{$group->job_id}/people");
    }

    public function split(SplitGroupRequest $request, FormalGroup $group, GroupDesk $desk): RedirectResponse
    {
        $names = SegmentRequest::names(
            (string) $request->validated()[
                'names'
            ],
        );
        $desk->split(BriefDesk::open($group->job_id), $group, $names);

        return redirect("/jobs/{$group->job_id}/people");
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
        $count = $table->in(BriefDesk::open($job), (string) $request->file('file')?->get());

        return redirect("/jobs/{$job}/people")->with('said', "{$count} people are in the family.");
    }

    public function destroy(FormalGroup $group): RedirectResponse
    {
        $group->delete();

        return redirect("/jobs/{$group->job_id}/people")
            ->with('said', "{$group->title} is off the list.")
            ->with('undo', "/groups/{$group->id}/restore");
    }

    public function restore(int $group): RedirectResponse
    {
        $gone = FormalGroup::onlyTrashed()->findOrFail($group);
        $gone->restore();

        return redirect("/jobs/{$gone->job_id}/people")->with('said', "{$gone->title} is back.");
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
