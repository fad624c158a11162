<?php

declare(strict_types=1);

namespace App\Http\Controllers\Kit;

use App\Desks\Brief\BriefDesk;
use App\Desks\House\Readiness;
use App\Desks\Kit\CarryDesk;
use App\Desks\Kit\KitDesk;
use App\Desks\Kit\KitWork;
use App\Desks\Kit\NeedsDesk;
use App\Http\Requests\Kit\AskRequest;
use App\Http\Requests\Kit\CarryRequest;
use App\Http\Requests\Kit\PackingAllRequest;
use App\Http\Requests\Kit\PackingRequest;
use App\Http\Requests\Kit\ProposalRequest;
use App\Http\Requests\Kit\SwapRequest;
use App\Models\Brief\Job;
use App\Models\Kit\Item;
use App\Models\Kit\KitAsk;
use App\Models\Kit\Packing;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use NorthSatchel\Kit\CardsLeftOut;
use NorthSatchel\Kit\KitSchool;
use NorthSatchel\Kit\Needs\NeedWhat;
use NorthSatchel\Time\Lane;
use NorthSatchel\Verdict;
use NorthSatchel\Verdicts;

/** What if one thing breaks? */
final class KitController
{
    private const OF_THE_WIRE = ['kit.cable', 'kit.cable-unknown', 'kit.no-computer'];

    public function show(int $job, KitDesk $desk, CarryDesk $carry, Readiness $strap): View
    {
        $opened = BriefDesk::open($job);

        return view('kit.show', [
            'job' => $opened,
            'verdicts' => $strap->of($opened, 'kit'),
            'losses' => $desk->losses($opened),
            'list' => $desk->list($opened),
            'atHand' => $desk->atHand($opened),
            'reach' => $desk->reach($opened),
            'changes' => $carry->lensChanges($opened),
            'swaps' => $carry->swaps($opened),
        ]);
    }

    /** What should come along? */
    public function propose(Request $request, int $job, KitDesk $desk, NeedsDesk $needs): View
    {
        $opened = BriefDesk::open($job);
        $school = KitSchool::tryFrom((string) $request->query('school', $opened->kit_school)) ?? KitSchool::Lightest;
        $limit = $request->has('limit_kg') ? self::grams((string) $request->query('limit_kg')) : $opened->kit_limit_g;
        $proposal = $desk->proposal($opened, $school, $limit);

        return view('kit.propose', [
            'job' => $opened,
            'school' => $school,
            'schools' => KitSchool::cases(),
            'limit' => $limit,
            'proposal' => $proposal,
            'asks' => $needs->asks($opened),
            'askable' => NeedWhat::ASKABLE,
            'home' => $opened->packing
                ->reject(static fn (Packing $p): bool => $p->item->kind === 'paper' || in_array($p->item_id, $proposal->ids(), true))
                ->values(),
            'verdicts' => new Verdicts([...$proposal->verdicts(), ...CardsLeftOut::of($needs->leftOut($opened))]),
        ]);
    }

    public function take(ProposalRequest $request, int $job, KitDesk $desk, KitWork $work): RedirectResponse
    {
        $given = $request->validated();
        $opened = BriefDesk::open($job);
        $limit = isset($given['limit_g']) ? (int) $given['limit_g'] : null;
        $proposal = $desk->proposal($opened, KitSchool::from((string) $given['school']), $limit);
        $opened->update(['kit_school' => $given['school'], 'kit_limit_g' => $limit]);
        $added = $work->takeAll($opened, $proposal);

        return redirect("/jobs/{$job}/kit")->with(
            'said',
            "{$added} things are on the list now; what was there stays until you take it off.",
        );
    }

    public function ask(AskRequest $request, int $job): RedirectResponse
    {
        KitAsk::query()->create(['job_id' => BriefDesk::open($job)->id, ...$request->fields()]);

        return redirect("/jobs/{$job}/kit/propose");
    }

    public function forgetAsk(KitAsk $ask): RedirectResponse
    {
        $ask->delete();

        return redirect($ask->mounted === null ? "/jobs/{$ask->job_id}/kit/propose" : "/jobs/{$ask->job_id}/light")
            ->with('said', $ask->mounted === null ? 'It is asked for no more.' : 'The camera stands alone no more.');
    }

    /** What does a frame pass through, and what has no spare? */
    public function station(int $job, KitDesk $desk): View
    {
        $opened = BriefDesk::open($job);
        $station = $desk->station($opened);

        return view('kit.station', [
            'job' => $opened,
            'station' => $station,
            'verdicts' => new Verdicts([
                ...$station->verdicts(),
                ...array_filter(
                    iterator_to_array($desk->verdicts($opened), false),
                    static fn (Verdict $v): bool => in_array($v->code, self::OF_THE_WIRE, true),
                ),
            ]),
        ]);
    }

    public function store(PackingRequest $request, int $job, KitWork $desk): RedirectResponse
    {
        $given = $request->validated();
        $desk->add(BriefDesk::open($job), (int) $given['item'], (string) $given['lane']);

        return redirect("/jobs/{$job}/kit");
    }

    /** Several at once: the remedy of a loss. */
    public function storeAll(PackingAllRequest $request, int $job, KitWork $desk): RedirectResponse
    {
        $given = $request->validated();
        $opened = BriefDesk::open($job);
        foreach (Item::query()->whereIn('id', explode(',', (string) $given['items']))->pluck('id') as $id) {
            $desk->add($opened, (int) $id, Lane::Lead->value);
        }

        return redirect("/jobs/{$job}/kit");
    }

    /** A thing changes hands. */
    public function carry(CarryRequest $request, int $job): RedirectResponse
    {
        $given = $request->validated();
        Packing::query()
            ->where('job_id', $job)
            ->where('item_id', $given['item'])
            ->firstOrFail()
            ->update(['lane' => $given['lane']]);

        return redirect("/jobs/{$job}/kit");
    }

    public function destroy(int $job, int $item): RedirectResponse
    {
        Packing::query()->where('job_id', $job)->where('item_id', $item)->delete();

        return back()->with('said', 'It is off the list; the shelf still has it.');
    }

    /** A swap of cards or cells goes into the plan, as a shot line at the start of the segment. */
    public function planSwap(SwapRequest $request, int $job, KitWork $desk): RedirectResponse
    {
        $given = $request->validated();
        $desk->planSwap((int) $given['segment'], (string) $given['what']);

        return redirect("/jobs/{$job}/kit")->with('said', "“{$given['what']}” stands in the plan.");
    }

    public function settings(Request $request, Job $job): RedirectResponse
    {
        $job->update([
            'goes_by_air' => $request->boolean('goes_by_air'),
            'wide_side' => $request->input('wide_side') === 'right' ? 'right' : 'left',
        ]);

        return redirect("/jobs/{$job->id}/kit");
    }

    private static function grams(string $typed): ?int
    {
        $kg = str_replace(',', '.', trim($typed));

        return is_numeric($kg) && (float) $kg >= 0.5 && (float) $kg <= 200 ? (int) round(1000 * (float) $kg) : null;
    }
}
