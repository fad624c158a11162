<?php

declare(strict_types=1);

namespace App\Desks\Copies;

use App\Desks\Cards\Answer;
use App\Desks\Cards\CardLog;
use App\Desks\Cards\CardsDesk;
use App\Desks\Cards\RunPaused;
use App\Desks\Cards\RunProgress;
use App\Desks\Cards\TwinWork;
use App\Devices\Devices;
use App\Devices\FolderNotAllowed;
use App\Models\Brief\Job;
use App\Models\Cards\CardLoad;
use App\Models\Cards\Frame;
use App\Models\Cards\Run;
use App\Models\Cards\RunKind;
use App\Models\Cards\RunState;
use App\Models\Copies\Destination;
use App\Models\Kit\Card;
use App\Models\User;
use NorthSatchel\Cards\CardEventKind;
use NorthSatchel\Copies\CopyConflict;
use NorthSatchel\Volume\Names;
use NorthSatchel\Volume\UnableToRead;

/** What the queue carries out: comparing twins, copying cards, verifying bags, with progress. */
final class RunWork
{
    public function __construct(
        private readonly CardLog $log,
        private readonly CardsDesk $cards,
        private readonly TwinWork $twins,
        private readonly CopyWork $copies,
        private readonly VerifyWork $verifying,
        private readonly AdoptDesk $adoption,
        private readonly RepairDesk $repairs,
        private readonly SnapshotDesk $snapshots,
        private readonly PermitDesk $permits,
    ) {}

    /** Called by the queue. */
    public function carryOut(Run $run): void
    {
        if ($run->state === RunState::Paused) {
            return;
        }
        $job = Job::query()
            ->with(['place', 'packing.item.body', 'packing.item.card'])
            ->findOrFail($run->job_id);
        $cards = $this->cards->cards($job)->whereIn('id', $run->card_ids);
        $destinations = Destination::query()->whereIn('id', $run->destination_ids)->orderBy('id')->get()->all();
        $total =
            (int) Frame::ofLoads(array_values($cards->map(fn (Card $c): CardLoad => new CardLoad($c->id, $this->log->lifeOf($c)->fill))->all()))->sum(
                'bytes',
            ) * ($run->kind === RunKind::Copy ? 1 + count($destinations) : max(1, count($destinations)));
        $run->update(['state' => RunState::Running, 'started_at' => microtime(true), 'told_at' => microtime(true), 'bytes_total' => $total]);
        $progress = new RunProgress($run);
        $report = [];
        try {
            if ($run->kind === RunKind::Adopt) {
                $report = $this->adoption->adopt($destinations[0], $cards, $progress);
                $cards = collect();
            }
            foreach ($run->kind === RunKind::Twin ? $this->twins->onePerPair($job, $cards) : $cards as $card) {
                $report[] = $this->one($run->kind, $job, $card, $destinations, $progress);
                $progress->nextCard();
            }
            $isGood = array_filter($report, static fn (Answer $line): bool => ! $line->good) === [];
            $run->update([
                'state' => $isGood ? RunState::Done : RunState::Trouble,
                'report' => $report,
                'told_at' => microtime(true),
                'bytes_done' => $total,
            ]);
            $this->keepSnapshots($run->kind, $destinations);
        } catch (RunPaused) {
            $run->update([
                'state' => RunState::Paused,
                'told_at' => microtime(true),
                'report' => [
                    ...$report,
                    new Answer(good: true, text: 'Paused: what is copied stays, and going on starts with what is missing.'),
                ],
            ]);
        } catch (FolderNotAllowed|UnableToRead $e) {
            $run->update([
                'state' => RunState::Trouble,
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
    private function one(RunKind $kind, Job $job, Card $card, array $destinations, RunProgress $progress): Answer
    {
        try {
            return match ($kind) {
                RunKind::Twin => $this->twins->compare($job, $card, $progress),
                RunKind::Copy => $this->copies->copy($job, $card, $destinations, $progress),
                RunKind::Repair => $this->repairs->repair($card, $destinations[0], $progress),
                RunKind::Heal => $this->copies->heal($job, $card, $destinations, $progress),
                RunKind::Permit => $this->permit($job, $card, $progress),
                default => $this->verifying->verify($card, $destinations, $progress),
            };
        } catch (CopyConflict $e) {
            $life = $this->log->lifeOf($card);
            $path = $e->path;
            // The bag holds what was sealed; so it is the card that has changed.
            if (
                $path !== null &&
                $kind === RunKind::Copy &&
                Frame::query()
                    ->where('card_id', $card->id)
                    ->where('fill', $life->fill)
                    ->where('seal', $life->seals)
                    ->where('path', $path)
                    ->whereNotNull('hash')
                    ->exists()
            ) {
                $this->log->note($job, $card, CardEventKind::Differs, ['paths' => [Names::printable($path)]]);

                return new Answer(
                    good: false,
                    text: "{$card->item->label}: {$e->getMessage()}. The card holds something else than was sealed: seal it again, ".
                        'and it is copied into a new bag.',
                );
            }

            return new Answer(good: false, text: "{$card->item->label}: ".self::ended($e->getMessage()));
        } catch (FolderNotAllowed|UnableToRead $e) {
            return new Answer(good: false, text: "{$card->item->label}: ".self::ended($e->getMessage()));
        }
    }

    /**
     * After a copy the database lies beside the bags too: small, and without it nobody knows what belongs to which job.
     *
     * @param  array<int, Destination>  $destinations
     */
    private function keepSnapshots(RunKind $kind, array $destinations): void
    {
        foreach ($kind === RunKind::Copy ? $destinations : [] as $destination) {
            try {
                $this->snapshots->beside(Devices::destination($destination)->root());
            } catch (\RuntimeException) {
                // The drive may have gone or be full by now; the copies have been reported already.
                continue;
            }
        }
    }

    private function permit(Job $job, Card $card, RunProgress $progress): Answer
    {
        $permit = $this->permits->ask($job, $card, (string) (User::query()->value('name') ?? 'the owner'), $progress->add(...));
        $worst = $permit->verdicts->worst();

        return new Answer(good: $permit->isGranted, text: "{$worst?->finding} {$worst?->because}");
    }

    /** A sentence with one mark at its end. */
    private static function ended(string $words): string
    {
        return preg_match('/[.?!]$/u', $words) === 1 ? $words : "{$words}.";
    }
}
