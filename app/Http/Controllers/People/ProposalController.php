<?php

declare(strict_types=1);

namespace App\Http\Controllers\People;

use App\Desks\Brief\BriefDesk;
use App\Desks\People\CallDesk;
use App\Desks\People\PeopleDesk;
use App\Desks\People\ProposalDesk;
use App\Http\Requests\People\AcceptRequest;
use App\Http\Requests\People\CoupleFormRequest;
use App\Http\SharedLink;
use App\Models\People\Proposal;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;

/** Which groups do you want? The couple's form, and what becomes of it. */
final class ProposalController
{
    public function show(string $token, CallDesk $links, PeopleDesk $people): View
    {
        $job = BriefDesk::open($links->jobOf($token, CallDesk::COUPLE) ?? abort(404));

        return view('people.form', [
            'token' => $token,
            'groups' => $people->groups($job),
            'calling' => $links->calling($job->loadMissing('people')),
            'form' => old('form', (string) Str::uuid()),
        ]);
    }

    public function store(CoupleFormRequest $request, string $token, CallDesk $links, ProposalDesk $desk): RedirectResponse
    {
        $job = $links->jobOf($token, CallDesk::COUPLE) ?? abort(404);
        $given = $request->validated();
        $desk->receive(
            BriefDesk::open($job),
            (string) $given['form'],
            array_map(intval(...), $given['wanted'] ?? []),
            (string) ($given['groups'] ?? ''),
            (string) ($given['people'] ?? ''),
        );

        return redirect("/form/{$token}")->with('said', 'Thank you. Your photographer reads it and says what fits.');
    }

    public function share(int $job, CallDesk $links): RedirectResponse
    {
        $token = $links->share(BriefDesk::open($job), CallDesk::COUPLE);

        return redirect("/jobs/{$job}/people")->with('link', SharedLink::to("/form/{$token}"));
    }

    public function accept(AcceptRequest $request, Proposal $proposal, ProposalDesk $desk): RedirectResponse
    {
        try {
            $desk->accept($proposal, (string) ($request->validated()['add'] ?? ''));
        } catch (ValidationException $e) {
            throw ValidationException::withMessages([...$e->errors(), 'proposal' => [(string) $proposal->id]]);
        }

        return redirect("/jobs/{$proposal->job_id}/people")->with('said', 'Accepted.');
    }

    public function decline(Proposal $proposal): RedirectResponse
    {
        $proposal->update(['answer' => 'declined']);

        return redirect("/jobs/{$proposal->job_id}/people")->with('said', 'Declined; nothing is changed.');
    }
}
