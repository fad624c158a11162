<?php

declare(strict_types=1);

namespace App\Desks\Copies;

use App\Desks\Cards\Answer;
use App\Desks\Cards\CardLog;
use App\Desks\Cards\FrameIndex;
use App\Desks\Cards\RunProgress;
use App\Devices\Devices;
use App\Devices\FolderNotAllowed;
use App\Models\Cards\Frame;
use App\Models\Copies\CopyEvent;
use App\Models\Copies\CopyState;
use App\Models\Copies\Destination;
use App\Models\Kit\Card;
use Illuminate\Support\Collection;
use NorthSatchel\Cards\Permit\Content;
use NorthSatchel\Copies\Adoption;
use NorthSatchel\Volume\Names;
use NorthSatchel\Volume\UnableToRead;

/** Copies made by hand or by another routine, counted as a route of their own once their content is compared. */
final class AdoptDesk
{
    public function __construct(
        private readonly CardLog $log,
        private readonly CopyLedger $ledger,
        private readonly FrameIndex $frames,
        private readonly BagReadings $eyes,
    ) {}

    /**
     * @param  Collection<int, Card>  $cards
     * @return list<Answer> a line a card
     */
    public function adopt(Destination $destination, Collection $cards, RunProgress $progress): array
    {
        $frames = $cards->mapWithKeys(fn (Card $card): array => [$card->id => $this->read($card, $progress)]);
        $sizes = array_values(array_unique($frames->flatten(1)->map(static fn (Frame $f): int => (int) $f->bytes)->all()));
        $folder = new Adoption(
            Devices::destination($destination),
            $sizes,
            static fn (int $bytes, string $path) => $progress->add($bytes, $path),
        );
        $report = [];
        foreach ($cards as $card) {
            $hashes = [];
            $missing = [];
            foreach ($frames[$card->id] as $frame) {
                if ($frame->hash !== null && $folder->has($frame->hash)) {
                    $hashes[$frame->path] = $frame->hash;
                } else {
                    $missing[] = Names::printable($frame->path);
                }
            }
            $label = $card->item->label;
            if ($hashes === []) {
                $isUnknown = $frames[$card->id]->whereNotNull('hash')->isEmpty();
                $report[] = new Answer(
                    good: false,
                    text: $isUnknown
                        ? "{$label}: nobody knows its contents yet; copy and verify it once first."
                        : "{$label}: nothing of it lies there.",
                );

                continue;
            }
            $isWhole = $missing === [];
            $place = Devices::destination($destination);
            $this->ledger->record(
                $card->id,
                $this->log->lifeOf($card)->fill,
                $destination->id,
                CopyState::ofReading($isWhole),
                CopyEvent::NO_BAG,
                Devices::mediumOf($destination)->name,
                array_values($hashes),
                $this->eyes->facts($destination->id, $place, CopyEvent::NO_BAG, 'adopt') + [
                    'route' => $destination->route,
                    'problem' => $isWhole ? null : (count($missing) === 1 ? '1 file is' : count($missing).' files are').' not there',
                ],
            );
            $report[] = new Answer(
                good: $isWhole,
                text: "{$label}: ".
                    count($hashes).
                    ' of '.
                    count($frames[$card->id]).
                    ' files lie there with the same content'.
                    ($isWhole
                        ? " ({$destination->route})."
                        : '; not there: '.implode(', ', array_slice($missing, 0, 3)).(count($missing) > 3 ? ' and more.' : '.')),
            );
        }

        return $report;
    }

    /**
     * The files of a load, each read from the card where nobody has read it since the seal.
     *
     * @return Collection<int, Frame>
     */
    private function read(Card $card, RunProgress $progress): Collection
    {
        $life = $this->log->lifeOf($card);
        $frames = $this->frames->framesOn($card->id, $life->fill, max(1, $life->seals));
        $hashes = [];
        foreach ($frames->whereNull('hash') as $frame) {
            try {
                $hashes[$frame->path] = Content::of(
                    Devices::card($card),
                    $frame->path,
                    [],
                    static fn (int $bytes) => $progress->add($bytes, $frame->path),
                )->hash();
            } catch (FolderNotAllowed|UnableToRead) {
                // Without its card nothing can be told of it.
                continue;
            }
        }
        if ($hashes === []) {
            return $frames;
        }
        $this->frames->learn($card->id, $life->fill, $life->seals, $hashes);

        return $this->frames->framesOn($card->id, $life->fill, max(1, $life->seals));
    }
}
