<?php

declare(strict_types=1);

namespace App\Desks\Wrap;

use App\Desks\Brief\BriefDesk;
use App\Desks\Copies\FrameImages;
use App\Desks\Copies\FramesDesk;
use App\Desks\Copies\SessionDesk;
use App\Desks\Plan\ElementsDesk;
use App\Models\Brief\Job;
use App\Models\Cards\Frame;
use App\Models\Copies\SessionFileRow;
use App\Models\Wrap\ClientAnswer;
use App\Models\Wrap\PickRecord;
use App\Tables\CsvTable;
use Illuminate\Validation\ValidationException;
use NorthSatchel\ImpossibleValue;
use NorthSatchel\Picture\FrameKind;
use NorthSatchel\Plan\Setups\FinalPicture;
use NorthSatchel\Verdicts;
use NorthSatchel\Wrap\Caption;
use NorthSatchel\Wrap\SignOff\Answer;
use NorthSatchel\Wrap\SignOff\Pick;
use NorthSatchel\Wrap\SignOff\SignOff;
use NorthSatchel\Wrap\SignOff\SignOffJudge;
use NorthSatchel\Wrap\XmpSidecar;

/** What the client is shown of each final picture, and what they say. */
final readonly class PicksDesk
{
    private const OFFERED = 120;

    public function __construct(
        private ElementsDesk $elements,
        private SessionDesk $sessions,
        private FramesDesk $frames,
        private FrameImages $images,
    ) {}

    public function signOff(Job $job): SignOff
    {
        try {
            $pictures = array_map(static fn (FinalPicture $p): string => $p->name, ElementsDesk::list($this->elements->of($job))->pictures);
        } catch (ImpossibleValue) {
            $pictures = [];
        }
        $picks = PickRecord::query()->where('job_id', $job->id)->orderBy('id')->get();
        $answers = ClientAnswer::query()->where('job_id', $job->id)->orderBy('at')->orderBy('id')->get();

        return new SignOff(
            $pictures,
            array_values($picks->map(
                static fn (PickRecord $p): Pick => new Pick($p->id, $p->picture, $p->name, $p->added_at, (string) $p->note),
            )->all()),
            array_values($answers->map(
                static fn (ClientAnswer $a): Answer => new Answer($a->pick_id, $a->is_yes, $a->words, $a->name, $a->at, $a->mark_x, $a->mark_y),
            )->all()),
        );
    }

    /** @return array<string, string> what may be picked: names by "session 12" or "frame 34", the newest of the session first */
    public function offered(Job $job): array
    {
        $offered = [];
        $folder = $this->sessions->of($job);
        $rows = $folder === null ? [] : SessionFileRow::query()
            ->where('session_folder_id', $folder->id)
            ->whereNotNull('whole_at')
            ->orderByDesc('id')
            ->limit(self::OFFERED)
            ->get();
        $jpegs = [];
        foreach ($rows as $row) {
            $jpegs[FrameKind::of($row->path) === FrameKind::Jpeg ? FrameKind::frameOf($row->path) : ''] = true;
        }
        foreach ($rows as $row) {
            $kind = FrameKind::of($row->path);
            // A raw alone is shown by what it carries for showing.
            if ($kind === FrameKind::Jpeg || ($kind !== null && ! isset($jpegs[FrameKind::frameOf($row->path)]))) {
                $offered["session {$row->id}"] = $row->path;
            }
        }
        foreach (array_slice($this->frames->taken($job), -self::OFFERED) as $taken) {
            $offered["frame {$taken->id}"] = $taken->name;
        }

        return $offered;
    }

    /** @throws ValidationException naming the field */
    public function pick(Job $job, string $picture, string $from, string $note): void
    {
        $name = $this->offered($job)[$from] ?? throw ValidationException::withMessages(['from' => 'That is no frame of this job.']);
        if (! in_array($picture, $this->signOff($job)->pictures, true)) {
            throw ValidationException::withMessages(['picture' => 'That is no final picture of the list of elements.']);
        }
        [$kind, $id] = explode(' ', $from);
        PickRecord::query()->create([
            'job_id' => $job->id,
            'picture' => $picture,
            'session_file_id' => $kind === 'session' ? (int) $id : null,
            'frame_id' => $kind === 'frame' ? (int) $id : null,
            'name' => $name,
            'note' => $note,
            'added_at' => (int) now()->format('U'),
        ]);
    }

    /** The jpeg that is shown, large enough for any screen; null where it cannot be read now. */
    public function image(PickRecord $pick): ?string
    {
        if ($pick->frame_id !== null) {
            $frame = Frame::query()->find($pick->frame_id);
            $bytes = $frame === null ? null : $this->images->shownBytes($frame);
        } else {
            $row = SessionFileRow::query()->find($pick->session_file_id);
            $bytes = $row === null ? null : $this->sessions->shownBytes($row);
        }

        return FrameImages::shown((string) $bytes);
    }

    /** Notes for the retoucher, a line a pick; the words of the client as they are. */
    public function csv(Job $job): string
    {
        $off = $this->signOff($job);
        $lines = [];
        foreach ($off->picks as $pick) {
            $lines[] = [$pick->picture, $pick->name, $off->state($pick->picture)->value, $off->notes($pick)];
        }

        return CsvTable::write(['picture', 'frame', 'client', 'notes'], $lines);
    }

    /** @return array<string, string> sidecars by name, the notes as their instructions */
    public function sidecars(Job $job, string $creator): array
    {
        $off = $this->signOff($job);
        $notes = [];
        foreach ($off->picks as $pick) {
            // A frame may be shown for several pictures: none of its notes goes under.
            $notes[pathinfo($pick->name, PATHINFO_FILENAME)][$pick->picture][] = $off->notes($pick);
        }
        $files = [];
        foreach ($notes as $stem => $pictures) {
            $says = array_map(static fn (array $of): string => implode('; ', array_filter($of)), $pictures);
            $isOne = count($pictures) === 1;
            $all = implode('. ', array_map(
                static fn (string $picture, string $said): string => $isOne || $said === '' ? $said : "{$picture}: {$said}",
                array_keys($says),
                $says,
            ));
            $files["{$stem}.xmp"] = XmpSidecar::of($creator, '', null, implode(', ', array_keys($pictures)), new Caption(''), $all);
        }

        return $files;
    }

    /** Of a job in which something is shown to a client; else nothing. */
    public function verdicts(Job $job): Verdicts
    {
        return BriefDesk::has($job, 'picks') ? SignOffJudge::of($this->signOff($job)) : new Verdicts();
    }
}
