<?php

declare(strict_types=1);

namespace App\Desks\Copies;

use App\Desks\Cards\CardLog;
use App\Devices\Devices;
use App\Devices\FolderNotAllowed;
use App\Models\Brief\Job;
use App\Models\Cards\Frame;
use App\Models\Copies\CopyEvent;
use App\Models\Copies\CopyState;
use App\Models\Copies\Destination;
use App\Models\Copies\Handover;
use App\Models\Copies\SessionFolder;
use App\Models\Kit\Card;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use NorthSatchel\Copies\Audit\ShuttleJudge;
use NorthSatchel\Verdict;

/** Drives that shuttle: what is on one, who took it, when it came back. */
final class HandoverDesk
{
    public function __construct(
        private readonly CardLog $log,
        private readonly CopyLedger $ledger,
        private readonly HandoverLog $handovers,
    ) {}

    /**
     * The ticket keeps what lay verified on the drive when it went.
     *
     * @throws ValidationException when it is away already
     */
    public function give(Destination $place, string $who, string $why, string $dueOn): Handover
    {
        if ($this->away($place->id) !== null) {
            throw ValidationException::withMessages([
                "handover{$place->id}" => "{$place->name} is with {$this->away($place->id)->who}: note first that it came back.",
            ]);
        }
        $ticket = Handover::query()->create([
            'destination_id' => $place->id,
            'who' => $who,
            'why' => $why === '' ? null : $why,
            'due_on' => $dueOn,
            'contents' => $this->contents($place),
            'gone_at' => now(),
        ]);
        $this->handovers->forget();

        return $ticket;
    }

    /** How many copies of the whole database lie on it, with every job and name: the receiver could read them. */
    public function snapshotsOn(Destination $place): int
    {
        try {
            return count(glob(Devices::destination($place)->root().'/'.SnapshotDesk::FOLDER.'/*.sqlite') ?: []);
        } catch (FolderNotAllowed) {
            return 0;
        }
    }

    public function takeBack(Handover $handover): void
    {
        if ($handover->back_at === null) {
            $handover->update(['back_at' => now(), 'back_after' => (int) CopyEvent::query()->max('id')]);
        }
        $this->handovers->forget();
    }

    /** The ticket under which a place is away; null when it is here. */
    public function away(int $placeId): ?Handover
    {
        $last = $this->last()->get($placeId);

        return $last === null || $last->back_at !== null ? null : $last;
    }

    /** @return Collection<int, Handover> by place */
    public function last(): Collection
    {
        return $this->handovers->last();
    }

    /** @return list<Verdict> */
    public function verdicts(Job $job): array
    {
        $today = now($job->place->timezone)->format('Y-m-d');
        $verdicts = [];
        foreach ($this->last() as $one) {
            [$unread, $bags] = $one->back_at === null ? [0, 0] : $this->unread($one->destination_id);
            $verdicts = [
                ...$verdicts,
                ...ShuttleJudge::of($one->destination->name, $one->who, $one->due_on, $today, $one->back_at !== null, $unread, $bags),
            ];
        }

        return $verdicts;
    }

    /** @return array{int, int} of the bags that lay verified there, those not read since it came back, and all */
    private function unread(int $placeId): array
    {
        $states = array_count_values(array_map(fn (CopyEvent $e): string => $this->ledger->state($e)->value, $this->ledger->lastAt($placeId)));
        $unread = $states['unread'] ?? 0;

        return [$unread, $unread + ($states['verified'] ?? 0)];
    }

    /**
     * @return list<array{bag: string, label: string, job: string, files: int, bytes: int, manifest: string|null}> the bags that lie
     * verified there
     */
    private function contents(Destination $place): array
    {
        $cards = Card::query()->with('item')->get()->keyBy('id');
        $contents = [];
        foreach ($this->ledger->lastAt($place->id) as $event) {
            $card = $cards->get($event->card_id);
            if ($event->kind !== CopyState::Verified || $card === null) {
                continue;
            }
            $life = $this->log->lifeOf($card);
            $jobId = $life->fill === $event->fill ? $life->jobId : $life->pastFills[$event->fill] ?? null;
            $sum = Frame::query()
                ->where('card_id', $event->card_id)
                ->where('fill', $event->fill)
                ->selectRaw('count(*) as files, coalesce(sum(bytes), 0) as bytes')
                ->toBase()
                ->first();
            $contents[] = [
                'bag' => $event->bag,
                'label' => $card->item->label.($event->fill > 1 ? ", fill {$event->fill}" : ''),
                'job' => (string) Job::query()->whereKey($jobId)->value('name'),
                'files' => (int) ($sum->files ?? 0),
                'bytes' => (int) ($sum->bytes ?? 0),
                'manifest' => self::manifest($place, $event->bag),
            ];
        }

        return [...$contents, ...$this->sessions($place)];
    }

    /** @return list<array{bag: string, label: string, job: string, files: int, bytes: int, manifest: string|null}> of session folders, by route */
    private function sessions(Destination $place): array
    {
        $contents = [];
        foreach (SessionFolder::query()->where('automatic_id', $place->id)->orWhere('by_hand_id', $place->id)->get() as $folder) {
            $isAutomatic = $folder->automatic_id === $place->id;
            $seen = DB::table('session_files')
                ->where('session_folder_id', $folder->id)
                ->whereNotNull($isAutomatic ? 'automatic_at' : 'by_hand_at')
                ->selectRaw('count(*) as files, coalesce(sum(bytes), 0) as bytes')
                ->first();
            $files = (int) ($seen->files ?? 0);
            $contents = [...$contents, ...$files === 0 ? [] : [[
                'bag' => $isAutomatic ? SessionWatch::folderName($folder) : 'copied by hand',
                'label' => 'session folder',
                'job' => (string) Job::query()->whereKey($folder->job_id)->value('name'),
                'files' => $files,
                'bytes' => (int) ($seen->bytes ?? 0),
                'manifest' => 'no list: each file was seen by its content',
            ]]];
        }

        return $contents;
    }

    /** By this hash the receiver knows that the list of the bag, and with it every file, is the one that went. */
    private static function manifest(Destination $place, string $bag): ?string
    {
        try {
            $root = Devices::destination($place)->root();
        } catch (FolderNotAllowed) {
            return null;
        }
        $found = glob(str_replace(['[', '?', '*'], ['[[]', '[?]', '[*]'], "{$root}/{$bag}").'/manifest-*.txt') ?: [];

        return $found === [] ? null : (hash_file('sha256', $found[0]) ?: null);
    }
}
