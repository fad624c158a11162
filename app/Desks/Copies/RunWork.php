<?php

declare(strict_types=1);

namespace App\Desks\Copies;

use App\Desks\Cards\Answer;
use App\Desks\Cards\CardLog;
use App\Desks\Cards\CardsDesk;
use App\Desks\Cards\FrameIndex;
use App\Desks\Cards\RunPaused;
use App\Desks\Cards\RunProgress;
use App\Desks\Cards\TwinWork;
use App\Devices\Devices;
use App\Devices\FolderNotAllowed;
use App\Models\Brief\Job;
use App\Models\Cards\Frame;
use App\Models\Cards\Run;
use App\Models\Copies\Destination;
use App\Models\Kit\Body;
use App\Models\Kit\Card;
use App\Models\User;
use NorthSatchel\Cards\CardEventKind;
use NorthSatchel\Cards\Twin\HealedSet;
use NorthSatchel\Cards\Twin\TwinCheck;
use NorthSatchel\Copies\BagVerifier;
use NorthSatchel\Copies\BrokenBag;
use NorthSatchel\Copies\Copier;
use NorthSatchel\Copies\CopyConflict;
use NorthSatchel\Copies\DestinationBag;
use NorthSatchel\Copies\DestinationReport;
use NorthSatchel\Volume\Names;
use NorthSatchel\Volume\UnableToRead;

/** What the queue carries out: comparing twins, copying cards, verifying bags, with progress. */
final class RunWork
{
    public function __construct(
        private readonly CardLog $log,
        private readonly CardsDesk $cards,
        private readonly TwinWork $twins,
        private readonly CopyLedger $ledger,
        private readonly FrameIndex $frames,
        private readonly AdoptDesk $adoption,
        private readonly RepairDesk $repairs,
        private readonly SnapshotDesk $snapshots,
        private readonly BagReadings $eyes,
        private readonly PermitDesk $permits,
        private readonly Places $places,
    ) {}

    /** Called by the queue. */
    public function carryOut(Run $run): void
    {
        if ($run->state === 'paused') {
            return;
        }
        $job = Job::query()
            ->with(['place', 'packing.item.body', 'packing.item.card'])
            ->findOrFail($run->job_id);
        $cards = $this->cards->cards($job)->whereIn('id', $run->card_ids);
        $destinations = Destination::query()->whereIn('id', $run->destination_ids)->orderBy('id')->get()->all();
        $total =
            (int) Frame::ofLoads(array_values($cards->map(fn (Card $c): array => [$c->id, $this->log->lifeOf($c)->fill])->all()))->sum(
                'bytes',
            ) * ($run->kind === 'copy' ? 1 + count($destinations) : max(1, count($destinations)));
        $run->update(['state' => 'running', 'started_at' => microtime(true), 'told_at' => microtime(true), 'bytes_total' => $total]);
        $progress = new RunProgress($run);
        $report = [];
        try {
            if ($run->kind === 'adopt') {
                $report = $this->adoption->adopt($destinations[0], $cards, $progress);
                $cards = collect();
            }
            foreach ($run->kind === 'twin' ? $this->twins->onePerPair($job, $cards) : $cards as $card) {
                $report[] = $this->one($run->kind, $job, $card, $destinations, $progress);
                $progress->nextCard();
            }
            $isGood = array_filter($report, static fn (Answer $line): bool => ! $line->good) === [];
            $run->update([
                'state' => $isGood ? 'done' : 'trouble',
                'report' => $report,
                'told_at' => microtime(true),
                'bytes_done' => $total,
            ]);
            $this->keepSnapshots($run->kind, $destinations);
        } catch (RunPaused) {
            $run->update([
                'state' => 'paused',
                'told_at' => microtime(true),
                'report' => [
                    ...$report,
                    new Answer(good: true, text: 'Paused: what is copied stays, and going on starts with what is missing.'),
                ],
            ]);
        } catch (FolderNotAllowed|UnableToRead $e) {
            $run->update([
                'state' => 'trouble',
                'told_at' => microtime(true),
                'report' => [...$report, new Answer(good: false, text: $e->getMessage())],
            ]);
        }
    }

    /**
     * What befalls one card does not keep the others waiting.
     *
     * @param  array<int, Destination>  $destinations
     */
    private function one(string $kind, Job $job, Card $card, array $destinations, RunProgress $progress): Answer
    {
        try {
            return match ($kind) {
                'twin' => $this->twins->compare($job, $card, $progress),
                'copy' => $this->copy($job, $card, $destinations, $progress),
                'repair' => $this->repairs->repair($card, $destinations[0], $progress),
                'heal' => $this->heal($job, $card, $destinations, $progress),
                'permit' => $this->permit($job, $card, $progress),
                default => $this->verify($card, $destinations, $progress),
            };
        } catch (CopyConflict $e) {
            $life = $this->log->lifeOf($card);
            $path = $e->path;
            // The bag holds what was sealed; so it is the card that has changed.
            if (
                $path !== null &&
                $kind === 'copy' &&
                Frame::query()
                    ->where('card_id', $card->id)
                    ->where('fill', $life->fill)
                    ->where('seal', $life->seals)
                    ->where('path', $path)
                    ->whereNotNull('hash')
                    ->exists()
            ) {
                $this->log->add($card, CardEventKind::Differs, $job->id, $life->bodyId, $life->slot, [
                    'paths' => [Names::printable($path)],
                ]);

                return new Answer(
                    good: false,
                    text: "{$card->item->label}: {$e->getMessage()}. The card holds something else than was sealed: seal it again, ".
                        'and it is copied into a new bag.',
                );
            }

            return new Answer(good: false, text: "{$card->item->label}: {$e->getMessage()}.");
        } catch (FolderNotAllowed|UnableToRead $e) {
            return new Answer(good: false, text: "{$card->item->label}: ".rtrim($e->getMessage(), '.').'.');
        }
    }

    /**
     * After a copy the database lies beside the bags too: small, and without it nobody knows what belongs to which job.
     *
     * @param  array<int, Destination>  $destinations
     */
    private function keepSnapshots(string $kind, array $destinations): void
    {
        foreach ($kind === 'copy' ? $destinations : [] as $destination) {
            try {
                $this->snapshots->beside(Devices::destination($destination)->root());
            } catch (\RuntimeException) {
                // The drive may have gone or be full by now; the copies have been reported already.
                continue;
            }
        }
    }

    public function bagName(Job $job, Card $card): string
    {
        $life = $this->log->lifeOf($card);
        $plain = static fn (string $text): string => trim((string) preg_replace('/[^A-Za-z0-9]+/', '-', $text), '-');

        return substr($job->date.'_'.$plain($job->name), 0, 80).
            "_{$plain($card->item->label)}_fill{$life->fill}".
            ($life->seals > 1 ? "_seal{$life->seals}" : '');
    }

    /**
     * @param  array<int, Destination>  $destinations
     */
    private function copy(Job $job, Card $card, array $destinations, RunProgress $progress): Answer
    {
        $name = $this->bagName($job, $card);
        $life = $this->log->lifeOf($card);
        $last = $this->ledger->lastEvents($card->id, $life->fill);
        $bags = $names = $gone = [];
        foreach ($destinations as $destination) {
            // Where the first bag rotted and was repaired into another, that other one is gone on with.
            $there = $last[$destination->id] ?? null;
            $names[$destination->id] = $there?->kind === 'verified' && str_starts_with($there->bag, $name) ? $there->bag : $name;
            try {
                $bags[$destination->id] = Devices::bag($destination, $names[$destination->id]);
            } catch (FolderNotAllowed $e) {
                $why = rtrim($e->getMessage(), '.');
                $gone[] = str_starts_with($why, $destination->name) ? $why : "{$destination->name}: {$why}";
            }
        }
        $report = (new Copier(
            Devices::card($card),
            array_values($bags),
            [
                'External-Identifier' => $name,
                'External-Description' => $job->name,
                'Card-Label' => $card->item->label,
                'Card-Fill' => (string) $life->fill,
                ...$this->shotWith($card->id, $life->fill, $life->bodyId),
            ],
            now()->format('Y-m-d'),
            $progress,
        ))->run();
        $said = $differing = [];
        foreach (array_keys($bags) as $index => $id) {
            $at = $report->destinations[$index];
            $differing += array_flip($this->frames->learn($card->id, $life->fill, $life->seals, $at->hashes));
            $this->record($card, $id, $at, $names[$id], 'copy', [
                'files' => $at->files,
                'reused' => $at->reused,
                'from_medium' => $report->fromMedium,
            ]);
            $said[] = "{$at->label} ".($at->verified ? "verified, {$at->files} files" : "not verified: {$at->problem}");
        }
        if ($differing !== []) {
            $paths = array_map(static fn (string|int $path): string => Names::printable((string) $path), array_keys($differing));
            $this->log->add($card, CardEventKind::Differs, $job->id, $life->bodyId, $life->slot, ['paths' => $paths]);
            $said[] =
                count($paths) === 1
                    ? "{$paths[0]} holds something else than was sealed"
                    : count($paths).' files hold something else than was sealed';
        }
        foreach ($report->skipped as $skipped) {
            $said[] = "left out {$skipped->name}: {$skipped->why}";
        }

        return new Answer(
            good: $gone === [] && $differing === [] && $report->isWhole(allowSkips: true),
            text: "{$card->item->label}: ".implode('; ', [...$said, ...$gone]).'.',
        );
    }

    /**
     * One whole set made of both cards, in a bag of its own beside theirs; the permits count the cards' own copies, not this.
     *
     * @param  array<int, Destination>  $destinations
     */
    private function heal(Job $job, Card $card, array $destinations, RunProgress $progress): Answer
    {
        $twin = $this->cards->twinOf($job, $card);
        if ($twin === null) {
            return new Answer(good: false, text: "{$card->item->label} has no twin: no other card was in its body with it.");
        }
        [$a, $b] = [Devices::card($card), Devices::card($twin)];
        $set = new HealedSet($a, $b, (new TwinCheck($a, $b))->report());
        $name = "{$this->bagName($job, $card)}-and-{$twin->item->label}_healed";
        $bags = array_map(static fn (Destination $d): DestinationBag => Devices::bag($d, $name), array_values($destinations));
        $life = $this->log->lifeOf($card);
        $report = (new Copier(
            $set,
            $bags,
            [
                'External-Identifier' => $name,
                'External-Description' => $job->name,
                'Healed-From' => "{$card->item->label} and {$twin->item->label}",
                ...$this->shotWith($card->id, $life->fill, $life->bodyId),
            ],
            now()->format('Y-m-d'),
            $progress,
        ))->run();
        [$fromA, $fromB] = $set->counts();
        $said = array_map(
            static fn (DestinationReport $at): string => "{$at->label} ".($at->verified ? 'verified' : "not verified: {$at->problem}"),
            $report->destinations,
        );
        $left = array_map(static fn (string $path): string => basename(Names::printable($path)), $set->leftOut);

        return new Answer(
            good: $left === [] && $report->isWhole(allowSkips: true),
            text: "Healed set of {$card->item->label} and {$twin->item->label}: {$fromA} files from the first, {$fromB} from ".
                'the second; '.
                implode('; ', $said).
                '.'.
                ($left === []
                    ? ''
                    : ' Whole on neither: '.implode(', ', array_slice($left, 0, 5)).(count($left) > 5 ? ' and more' : '').'.'),
        );
    }

    /** @param  array<string, mixed>  $data */
    private function record(Card $card, int $placeId, DestinationReport $at, string $bag, string $reader, array $data): void
    {
        $place = $this->places->now($placeId);
        $facts = is_string($place)
            ? ['reader' => $reader, 'disks' => [], 'stamp' => null]
            : $this->eyes->facts($placeId, $place, $bag, $reader);
        $medium = is_string($place) ? 'a drive that is gone' : Devices::mediumOf($this->places->get($placeId))->name;
        $this->ledger->record(
            $card->id,
            $this->log->lifeOf($card)->fill,
            $placeId,
            $at->verified ? 'verified' : 'failed',
            $bag,
            $medium,
            $at->contents,
            $facts + $data + ['problem' => $at->problem],
        );
    }

    private function permit(Job $job, Card $card, RunProgress $progress): Answer
    {
        $permit = $this->permits->ask($job, $card, (string) (User::query()->value('name') ?? 'the owner'), $progress->add(...));
        $worst = $permit->verdicts->worst();

        return new Answer(good: $permit->isGranted, text: "{$worst?->finding} {$worst?->because}");
    }

    /** @return array<string, string> for bag-info.txt: the body, and when its clock says that the frames were taken */
    private function shotWith(int $cardId, int $fill, ?int $bodyId): array
    {
        $body = $bodyId === null ? null : Body::query()->with('item')->find($bodyId);
        $taken = Frame::query()
            ->where('card_id', $cardId)
            ->where('fill', $fill)
            ->selectRaw('min(taken_at) as first, max(taken_at) as last')
            ->toBase()
            ->first();
        $at = static fn (mixed $s): string => gmdate('Y-m-d\TH:i:s', (int) $s);

        return array_filter([
            'Camera-Body' => $body === null ? '' : "{$body->item->label}, serial {$body->serial}",
            'Camera-Clock-First' => is_numeric($taken?->first) ? $at($taken->first) : '',
            'Camera-Clock-Last' => is_numeric($taken?->last) ? $at($taken->last) : '',
            'Copied-At' => now()->utc()->format('Y-m-d\TH:i:s\Z'),
        ]);
    }

    /**
     * @param  array<int, Destination>  $destinations
     */
    private function verify(Card $card, array $destinations, RunProgress $progress): Answer
    {
        $life = $this->log->lifeOf($card);
        $said = [];
        $good = true;
        foreach ($destinations as $destination) {
            $event = $this->ledger->lastEvents($card->id, $life->fill)[$destination->id] ?? null;
            // What others wrote is no bag; it is looked through again instead.
            if ($event === null || $destination->route !== Destination::OURS) {
                continue;
            }
            $before = null;
            try {
                $volume = Devices::destination($destination);
                $before = BagReadings::stamp($volume, $event->bag);
                $bag = new \App\Devices\LocalVolume($volume->root().'/'.$event->bag);
                $check = (new BagVerifier($bag, static fn (int $bytes, string $path) => $progress->add($bytes, $path)))->check();
                $isValid = $check->valid;
                $contents = array_values($check->contents);
                $bad = [...$check->damaged, ...$check->missing, ...$check->extra, ...$check->valid ? [] : [(string) $check->problem()]];
            } catch (BrokenBag|UnableToRead|FolderNotAllowed $e) {
                $isValid = false;
                $contents = [];
                $bad = [$e->getMessage()];
            }
            $now = $this->places->now($destination->id);
            $facts = is_string($now)
                ? ['reader' => 'verify', 'disks' => $event->data['disks'] ?? [], 'stamp' => null]
                : $this->eyes->facts($destination->id, $now, $event->bag, 'verify');
            if (is_string($now) || $before === null || $facts['stamp'] !== $before) {
                // What changed under the reading, or went, was not read.
                [$contents, $isValid, $bad] = [[], false, $bad === [] ? ['it changed while it was read'] : $bad];
            }
            $this->ledger->record(
                $card->id,
                $life->fill,
                $destination->id,
                $isValid ? 'verified' : 'failed',
                $event->bag,
                $this->places->medium($event)->name,
                $contents,
                $facts + ['problem' => $isValid ? null : $bad[0] ?? 'not valid'],
            );
            $said[] = $destination->name.($isValid ? ' valid' : ' NOT valid: '.implode(', ', array_slice($bad, 0, 3)));
            $good = $good && $isValid;
        }

        return new Answer(
            good: $good && $said !== [],
            text: $card->item->label.': '.($said === [] ? 'no copy to verify' : implode('; ', $said)).'.',
        );
    }
}
