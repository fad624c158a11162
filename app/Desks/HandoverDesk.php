<?php

declare(strict_types=1);

namespace App\Desks;

use App\Devices\Devices;
use App\Devices\FolderNotAllowed;
use App\Models\Card;
use App\Models\CopyEvent;
use App\Models\Destination;
use App\Models\Frame;
use App\Models\Handover;
use App\Models\Job;
use Illuminate\Support\Collection;
use Illuminate\Validation\ValidationException;
use NorthSatchel\Copies\Audit\ShuttleJudge;
use NorthSatchel\Verdict;

/** Drives that shuttle: what is on one, who took it, when it came back. */
final class HandoverDesk
{
    /** @var Collection<int, Handover>|null the last of each place, for this request */
    private ?Collection $last = null;

    public function __construct(private readonly CardLog $log) {}

    /**
     * The ticket keeps what lay verified on the drive when it went.
     *
     * @throws ValidationException when it is away already
     */
    public function give(Destination $place, string $who, string $why, string $dueOn): Handover
    {
        if ($this->away($place->id) !== null) {
            throw ValidationException::withMessages(["handover{$place->id}" => "{$place->name} is with {$this->away($place->id)->who}: note first that it came back."]);
        }
        $this->last = null;

        return Handover::query()->create(['destination_id' => $place->id, 'who' => $who, 'why' => $why === '' ? null : $why, 'due_on' => $dueOn, 'contents' => $this->contents($place), 'gone_at' => now()]);
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
            $handover->update(['back_at' => now()]);
        }
        $this->last = null;
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
        return $this->last ??= Handover::query()->with('destination')->orderBy('id')->get()->keyBy('destination_id');
    }

    /** @return list<Verdict> */
    public function verdicts(Job $job): array
    {
        $verdicts = [];
        $places = $this->last()->keys()->all();
        $verified = $places === [] ? collect() : CopyEvent::query()->whereIn('destination_id', $places)->where('kind', 'verified')->groupBy('destination_id')->selectRaw('destination_id, max(at) as last')->toBase()->pluck('last', 'destination_id');
        foreach ($this->last() as $one) {
            $at = $verified->get($one->destination_id);
            $verdicts = [...$verdicts, ...ShuttleJudge::of($one->destination->name, $one->who, $one->due_on, now($job->place->timezone)->format('Y-m-d'), $one->back_at?->getTimestamp(), is_string($at) ? (int) strtotime("{$at} UTC") : null)];
        }

        return $verdicts;
    }

    /** @return list<array{bag: string, label: string, job: string, files: int, bytes: int, manifest: string|null}> the bags that lie verified there */
    private function contents(Destination $place): array
    {
        $last = [];
        foreach (CopyEvent::query()->where('destination_id', $place->id)->orderBy('id')->get() as $event) {
            $last["{$event->card_id} {$event->fill}"] = $event;
        }
        $cards = Card::query()->with('item')->get()->keyBy('id');
        $contents = [];
        foreach ($last as $event) {
            $card = $cards->get($event->card_id);
            if ($event->kind !== 'verified' || $card === null) {
                continue;
            }
            $life = $this->log->lifeOf($card);
            $jobId = $life->fill === $event->fill ? $life->jobId : ($life->pastFills[$event->fill] ?? null);
            $sum = Frame::query()->where('card_id', $event->card_id)->where('fill', $event->fill)->selectRaw('count(*) as files, coalesce(sum(bytes), 0) as bytes')->toBase()->first();
            $contents[] = [
                'bag' => $event->bag, 'label' => $card->item->label.($event->fill > 1 ? ", fill {$event->fill}" : ''), 'job' => (string) Job::query()->whereKey($jobId)->value('name'),
                'files' => (int) ($sum->files ?? 0), 'bytes' => (int) ($sum->bytes ?? 0), 'manifest' => self::manifest($place, $event->bag),
            ];
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
