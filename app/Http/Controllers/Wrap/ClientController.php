<?php

declare(strict_types=1);

namespace App\Http\Controllers\Wrap;

use App\Desks\Brief\BriefDesk;
use App\Desks\People\CallDesk;
use App\Desks\Wrap\PicksDesk;
use App\Http\Requests\Wrap\AnswerRequest;
use App\Models\Brief\Job;
use App\Models\People\ShareLink;
use App\Models\Wrap\ClientAnswer;
use App\Models\Wrap\PickRecord;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;

/** The picks of each final picture for the client, without an account: yes, no because, a mark. Nothing else of the job is told. */
final readonly class ClientController
{
    public function __construct(private CallDesk $links, private PicksDesk $desk) {}

    public function show(string $token): View
    {
        $job = $this->opened($token);

        return view('wrap.client', [
            'job' => $job,
            'token' => $token,
            'off' => $this->desk->signOff($job),
            'zone' => new \DateTimeZone($job->place->timezone),
        ]);
    }

    public function answer(AnswerRequest $request, string $token): RedirectResponse
    {
        $job = $this->opened($token);
        $pick = PickRecord::query()->where('job_id', $job->id)->findOrFail($request->pick());
        ClientAnswer::query()->create([
            'job_id' => $job->id,
            'pick_id' => $pick->id,
            'share_link_id' => ShareLink::query()->where('digest', hash('sha256', $token))->value('id'),
            'at' => (int) now()->format('U'),
            ...$request->answer(),
        ]);

        return redirect("/client/{$token}#pick-{$pick->id}")->with([
            'said' => 'Noted, with your name and the time.',
            'client' => $request->answer()['name'],
        ]);
    }

    public function image(string $token, int $pick): Response
    {
        $job = $this->opened($token);

        return PicksController::jpeg($this->desk->image(PickRecord::query()->where('job_id', $job->id)->findOrFail($pick)));
    }

    private function opened(string $token): Job
    {
        $job = $this->links->jobOf($token, PicksController::KIND);
        abort_if($job === null, 404);

        return BriefDesk::open($job);
    }
}
