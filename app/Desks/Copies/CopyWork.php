<?php

declare(strict_types=1);

namespace App\Desks\Copies;

use App\Desks\Cards\Answer;
use App\Desks\Cards\CardLog;
use App\Desks\Cards\CardsDesk;
use App\Desks\Cards\FrameIndex;
use App\Desks\Cards\RunProgress;
use App\Devices\Devices;
use App\Devices\FolderNotAllowed;
use App\Models\Brief\Job;
use App\Models\Cards\Frame;
use App\Models\Copies\CopyState;
use App\Models\Copies\Destination;
use App\Models\Kit\Body;
use App\Models\Kit\Card;
use NorthSatchel\Cards\CardEventKind;
use NorthSatchel\Cards\Twin\HealedSet;
use NorthSatchel\Cards\Twin\TwinCheck;
use NorthSatchel\Copies\Copier;
use NorthSatchel\Copies\DestinationBag;
use NorthSatchel\Copies\DestinationReport;
use NorthSatchel\Volume\Names;

/** Copying a card into a bag at each place, and making one whole set out of two cards. */
final class CopyWork
{
    public function __construct(
        private readonly CardLog $log,
        private readonly CardsDesk $cards,
        private readonly CopyLedger $ledger,
        private readonly FrameIndex $frames,
        private readonly BagReadings $eyes,
        private readonly Places $places,
    ) {}

    private function bagName(Job $job, Card $card): string
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
    public function copy(Job $job, Card $card, array $destinations, RunProgress $progress): Answer
    {
        $name = $this->bagName($job, $card);
        $life = $this->log->lifeOf($card);
        $last = $this->ledger->lastEvents($card->id, $life->fill);
        $bags = $names = $gone = [];
        foreach ($destinations as $destination) {
            // Where the first bag rotted and was repaired into another, that other one is gone on with.
            $there = $last[$destination->id] ?? null;
            $names[$destination->id] = $there?->kind === CopyState::Verified && str_starts_with($there->bag, $name) ? $there->bag : $name;
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
            $this->log->note($job, $card, CardEventKind::Differs, ['paths' => $paths]);
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
    public function heal(Job $job, Card $card, array $destinations, RunProgress $progress): Answer
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
            CopyState::ofReading($at->verified),
            $bag,
            $medium,
            $at->contents,
            $facts + $data + ['problem' => $at->problem],
        );
    }

    /** @return array<string, string> for bag-info.txt: the body, and when its clock says that the frames were taken, in UTC */
    private function shotWith(int $cardId, int $fill, ?int $bodyId): array
    {
        $body = $bodyId === null ? null : Body::query()->with('item')->find($bodyId);
        $taken = Frame::query()
            ->where('card_id', $cardId)
            ->where('fill', $fill)
            ->selectRaw('min(taken_at) as first, max(taken_at) as last')
            ->toBase()
            ->first();
        $at = static fn (mixed $s): string => gmdate('Y-m-d\TH:i:s\Z', (int) $s);

        return array_filter([
            'Camera-Body' => $body === null ? '' : "{$body->item->label}, serial {$body->serial}",
            'Camera-Clock-First' => is_numeric($taken?->first) ? $at($taken->first) : '',
            'Camera-Clock-Last' => is_numeric($taken?->last) ? $at($taken->last) : '',
            'Copied-At' => now()->utc()->format('Y-m-d\TH:i:s\Z'),
        ]);
    }
}
