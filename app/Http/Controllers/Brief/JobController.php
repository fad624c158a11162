<?php

declare(strict_types=1);

namespace App\Http\Controllers\Brief;

use App\Desks\Brief\BriefDesk;
use App\Desks\Brief\Gazetteer;
use App\Desks\Brief\JobDay;
use App\Desks\Brief\Town;
use App\Desks\House\Readiness;
use App\Desks\Taps\TapDesk;
use App\Http\Requests\Brief\JobRequest;
use App\Models\Brief\Job;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Carbon;

final class JobController
{
    public function index(Request $request, Readiness $strap, TapDesk $taps): View
    {
        $isAll = $request->boolean('all');
        $all = $isAll ? BriefDesk::all() : BriefDesk::current();
        $taps->prepare($all->modelKeys());
        $jobs = $all->map(static function (Job $job) use ($strap, $all): array {
            $days = JobDay::daysTo($job);

            return [
                'job' => $job,
                'date' => Carbon::parse($job->date)->format('D j M'),
                'when' => match (true) {
                    $days === 0 => 'today',
                    $days === 1 => 'tomorrow',
                    $days > 1 => "{$days} days to go",
                    default => abs($days).' days ago',
                },
                'sameDay' => $all->where('date', $job->date)->count(),
                'urgent' => $strap->mostUrgent($job),
                'open' => $strap->openCount($job),
                'holes' => $strap->holes($job),
            ];
        });

        return view('brief.jobs', ['jobs' => $jobs, 'earlier' => $isAll ? 0 : Job::query()->count() - $jobs->count()]);
    }

    public function create(): View
    {
        return view('brief.new');
    }

    /** Towns whose names begin so, to choose from. */
    public function towns(Request $request, Gazetteer $gazetteer): Response
    {
        $options = array_map(
            static fn (Town $town): string => '<option value="'.e($town->words()).'"></option>',
            $gazetteer->find(mb_substr((string) $request->query('where'), 0, 100)),
        );

        return response(implode('', $options));
    }

    public function store(JobRequest $request, BriefDesk $desk): RedirectResponse
    {
        $job = $desk->save($request->validated());

        return redirect("/jobs/{$job->id}/plan")->with('said', 'The job is there.'.$request->townTaken().$request->sentencesTold().' Now the day.');
    }
}
