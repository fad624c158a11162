<?php

declare(strict_types=1);

namespace App\Desks\Wrap;

use App\Desks\Brief\JobDay;
use App\Desks\Copies\FrameImages;
use App\Devices\EditorsDesk;
use App\Devices\NotDelivered;
use App\Jobs\SendPictures;
use App\Models\Brief\Job;
use App\Models\Wrap\EditorsDeskRecord;
use App\Models\Wrap\SentPicture;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use NorthSatchel\ImpossibleValue;
use NorthSatchel\Picture\FrameKind;
use NorthSatchel\Time\ClockTime;
use NorthSatchel\Verdicts;
use NorthSatchel\Volume\Names;
use NorthSatchel\Wrap\Caption;
use NorthSatchel\Wrap\CaptionedFrame;
use NorthSatchel\Wrap\IptcRecord;
use NorthSatchel\Wrap\QueuedPicture;
use NorthSatchel\Wrap\QueueJudge;

/** Pictures to the editor's desk, what is due first first, each once. */
final class SendQueue
{
    private const LOCK_S = 3600;

    /** So often in a row nothing goes through before it is left until somebody says go on. */
    private const MOST_FAILURES = 12;

    /** @var array<int, CaptionedFrame> by frame */
    private array $captioned = [];

    /** The number of changes at which they were read. */
    private ?int $readAt = null;

    public function __construct(private readonly CaptionDesk $captions, private readonly FrameImages $images) {}

    public function desk(Job $job): EditorsDeskRecord
    {
        return EditorsDeskRecord::query()->firstOrNew(['job_id' => $job->id]);
    }

    /** @return list<QueuedPicture> what is due first first, what is sent last */
    public function pictures(Job $job): array
    {
        $rows = SentPicture::query()->with('frame')->where('job_id', $job->id)->get();
        $pictures = $rows->map(static fn (SentPicture $p): QueuedPicture => new QueuedPicture(
            $p->id,
            $p->name ?? self::nameOf($p),
            self::dueAt($job, $p->due_clock),
            $p->sent_at === null ? null : (int) $p->sent_at->format('U'),
            $p->why,
            (string) $p->due_clock,
            $p->sent_to,
        ));

        return array_values($pictures->sortBy(static fn (QueuedPicture $p): array => [$p->sentAt ?? 0, $p->dueAt ?? PHP_INT_MAX, $p->id])->all());
    }

    public function verdicts(Job $job): Verdicts
    {
        return QueueJudge::of($this->pictures($job), $this->desk($job)->rate_mb_s, (int) now()->format('U'), $this->desk($job)->address());
    }

    /**
     * @param  list<int>  $frames  of the job; what is in the queue already stays as it is
     */
    public function add(Job $job, array $frames, ?string $due): int
    {
        $known = array_map(static fn (CaptionedFrame $f): int => $f->frame->id, $this->captions->captions($job)->frames);
        $added = 0;
        foreach (array_unique(array_intersect($frames, $known)) as $frame) {
            $added += SentPicture::query()->insertOrIgnore([
                'job_id' => $job->id,
                'frame_id' => $frame,
                'due_clock' => $due,
                'created_at' => now(),
                'updated_at' => now(),
            ]);
        }

        return $added;
    }

    /** In the background, so that nobody waits for a net. */
    public function go(Job $job): void
    {
        SendPictures::dispatch($job->id)->onQueue('sending');
    }

    /** Sends what waits until nothing does, or nothing goes through any more; two of them do not meet. */
    public function send(Job $job): void
    {
        Cache::lock("sending-{$job->id}", self::LOCK_S)->get(function () use ($job): void {
            $skipped = $left = [];
            $failures = 0;
            while ($failures < self::MOST_FAILURES) {
                // What does not go through does not hold up the others; what cannot go as it is waits for somebody, and is not tried again.
                $next = $this->waiting($job)->whereKeyNot([...$left, ...$skipped])->first() ?? $this->waiting($job)->whereKeyNot($left)->first();
                if ($next === null) {
                    return;
                }
                try {
                    if ($this->one($job, $next)) {
                        $failures = 0;

                        continue;
                    }
                } catch (NotSendable $e) {
                    $next->update(['why' => mb_substr($e->getMessage(), 0, 250)]);
                    $left[] = $next->id;

                    continue;
                }
                $skipped = in_array($next->id, $skipped, true) ? [$next->id] : [...$skipped, $next->id];
                $failures++;
                usleep(1000 * (int) config('satchel.resend_ms'));
            }
        });
    }

    /** @return Builder<SentPicture> what is due first first */
    private function waiting(Job $job): Builder
    {
        $query = SentPicture::query()->with('frame')->where('job_id', $job->id)->whereNull('sent_at');
        $query->orderByRaw('due_clock is null, due_clock, id');

        return $query;
    }

    /** @throws NotSendable when it cannot go as it is */
    private function one(Job $job, SentPicture $picture): bool
    {
        $record = $this->desk($job);
        try {
            $desk = EditorsDesk::of($record);
            $print = $desk->fingerprint();
            if ($print !== null && $record->fingerprint === null) {
                $record->update(['fingerprint' => $print]);
            }
            $bytes = $this->tagged($job, $picture, $record);
            $from = hrtime(true);
            $name = $desk->deliver(self::nameOf($picture), $bytes);
            $seconds = max(1e-3, (hrtime(true) - $from) / 1e9);
            $picture->update([
                'name' => $name, 'hash' => hash('xxh128', $bytes), 'bytes' => strlen($bytes), 'why' => null, 'sent_at' => now(),
                'sent_to' => $record->address(), 'tries' => $picture->tries + 1,
            ]);
            // It is read back too: the net carried it twice.
            $record->update(['rate_mb_s' => round(2 * strlen($bytes) / 1e6 / $seconds, 2)]);

            return true;
        } catch (NotDelivered $e) {
            $picture->update(['why' => mb_substr($e->getMessage(), 0, 250), 'tries' => $picture->tries + 1]);

            return false;
        }
    }

    /**
     * The picture with its caption in it.
     *
     * @throws NotSendable when it cannot be read or shows nothing, or its caption may name somebody wrongly
     */
    private function tagged(Job $job, SentPicture $picture, EditorsDeskRecord $record): string
    {
        $of = $this->captioned($job)[$picture->frame_id] ?? null;
        if ($of !== null && $of->unclear !== []) {
            throw new NotSendable('Its caption may name somebody wrongly: '.implode('; ', $of->unclear).'.');
        }
        // Who writes raw alone sends the picture that the raw carries.
        $bytes = $this->images->shownBytes($picture->frame) ?? throw new NotSendable('It cannot be read: put its card into the reader.');
        if ($bytes === '') {
            throw new NotSendable('Its raw carries no picture, and there is no jpeg of it: develop it, or let the camera write both.');
        }
        $file = tempnam(sys_get_temp_dir(), 'send') ?: throw new \RuntimeException('No room for the picture.');
        file_put_contents($file, $bytes);
        $at = $of?->frame->at;
        $zone = new \DateTimeZone($job->place->timezone);
        $embedded = iptcembed(
            IptcRecord::of(
                $of->caption ?? new Caption($job->name),
                (string) $record->creator,
                (string) $record->copyright,
                $at === null ? null : (new \DateTimeImmutable("@{$at}"))->setTimezone($zone),
                $job->name,
            ),
            $file,
        );
        unlink($file);

        return is_string($embedded) ? $embedded : throw new NotSendable('Its caption could not be written into it.');
    }

    /** @return array<int, CaptionedFrame> by frame, read anew when something changed */
    private function captioned(Job $job): array
    {
        $number = (int) DB::table('changes')->value('number');
        if ($number !== $this->readAt) {
            $this->captioned = [];
            foreach ($this->captions->captions($job)->frames as $frame) {
                $this->captioned[$frame->frame->id] = $frame;
            }
            $this->readAt = $number;
        }

        return $this->captioned;
    }

    private static function nameOf(SentPicture $picture): string
    {
        return basename(Names::printable(FrameKind::frameOf((string) $picture->frame->path))).'.jpg';
    }

    private static function dueAt(Job $job, ?string $clock): ?int
    {
        try {
            return $clock === null || $clock === '' ? null : JobDay::of($job)->instantOf(ClockTime::of($clock));
        } catch (ImpossibleValue) {
            return null;
        }
    }
}
