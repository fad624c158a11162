<?php

declare(strict_types=1);

namespace App\Http\Controllers\Wrap;

use App\Desks\Brief\BriefDesk;
use App\Desks\Wrap\CaptionDesk;
use App\Desks\Wrap\SendQueue;
use App\Http\Requests\Wrap\EditorsDeskRequest;
use App\Http\Requests\Wrap\QueueRequest;
use App\Models\Wrap\SentPicture;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use NorthSatchel\ImpossibleValue;

/** What is on the editor's desk? */
final class EditorController
{
    private const NEWEST = 80;

    public function show(int $job, SendQueue $queue, CaptionDesk $captions): View
    {
        $opened = BriefDesk::open($job);
        $frames = [];
        try {
            $frames = $captions->captions($opened)->frames;
        } catch (ImpossibleValue) {
            // The page of the captions says beside them what cannot be read.
        }
        $queued = SentPicture::query()->where('job_id', $job)->pluck('frame_id')->flip();

        return view('wrap.send', [
            'job' => $opened,
            'desk' => $queue->desk($opened),
            'pictures' => $queue->pictures($opened),
            'frames' => array_slice(
                array_reverse(array_values(array_filter($frames, static fn ($f): bool => ! $queued->has($f->frame->id)))),
                0,
                self::NEWEST,
            ),
            'zone' => new \DateTimeZone($opened->place->timezone),
            'verdicts' => $queue->verdicts($opened),
        ]);
    }

    public function desk(EditorsDeskRequest $request, int $job, SendQueue $queue): RedirectResponse
    {
        $record = $queue->desk(BriefDesk::open($job))->fill($request->desk());
        // Another server has another key.
        if ($record->isDirty(['host', 'port', 'kind'])) {
            $record->fingerprint = null;
        }
        $record->save();

        return redirect("/jobs/{$job}/send")->with('said', 'The editor\'s desk is kept.');
    }

    /** The server's key changed, and somebody said that this is right. */
    public function meet(int $job, SendQueue $queue): RedirectResponse
    {
        $queue->desk(BriefDesk::open($job))->update(['fingerprint' => null]);

        return redirect("/jobs/{$job}/send")->with('said', 'The next key that the server shows is taken as its own.');
    }

    public function add(QueueRequest $request, int $job, SendQueue $queue): RedirectResponse
    {
        $opened = BriefDesk::open($job);
        try {
            $added = $queue->add($opened, $request->frames(), $request->validated('due_clock'));
        } catch (ImpossibleValue) {
            return back()->withErrors(['frames' => 'The captions cannot be read: see to them first.']);
        }
        if ($queue->desk($opened)->exists) {
            $queue->go($opened);
        }

        return redirect("/jobs/{$job}/send")->with('said', $added === 1 ? '1 picture is in the queue.' : "{$added} pictures are in the queue.");
    }

    public function go(int $job, SendQueue $queue): RedirectResponse
    {
        $queue->go(BriefDesk::open($job));

        return redirect("/jobs/{$job}/send")->with('said', 'It goes on.');
    }
}
