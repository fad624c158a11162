<?php

declare(strict_types=1);

namespace App\Desks\Copies;

use App\Desks\Cards\Answer;
use App\Desks\Cards\CardLog;
use App\Desks\Cards\RunProgress;
use App\Devices\Devices;
use App\Devices\FolderNotAllowed;
use App\Devices\LocalVolume;
use App\Models\Copies\CopyEvent;
use App\Models\Copies\CopyState;
use App\Models\Copies\Destination;
use App\Models\Kit\Card;
use NorthSatchel\Copies\BagVerifier;
use NorthSatchel\Copies\BrokenBag;
use NorthSatchel\Copies\Copier;
use NorthSatchel\Volume\UnableToRead;

/** What has rotted is copied anew from another copy, into a new bag; the rotten one stays as it is. */
final class RepairDesk
{
    public function __construct(private readonly CardLog $log, private readonly CopyLedger $ledger, private readonly BagReadings $eyes) {}

    public function repair(Card $card, Destination $destination, RunProgress $progress): Answer
    {
        $fill = $this->log->lifeOf($card)->fill;
        $last = $this->ledger->lastEvents($card->id, $fill);
        $bad = $last[$destination->id] ?? null;
        $label = $card->item->label;
        if ($bad === null || $bad->kind !== CopyState::Failed || $destination->route !== Destination::OURS) {
            return new Answer(good: false, text: "{$label}: nothing on {$destination->name} is known to be damaged.");
        }
        $from = $this->intact($last, $destination->id);
        if ($from === null) {
            return new Answer(
                good: false,
                text: "{$label}: no other copy could be read whole; copy it from the card, or from wherever it still is.",
            );
        }
        [$volume, $name] = $from;
        $bag = self::nextName($bad->bag);
        $report = (new Copier(
            $volume,
            [Devices::bag($destination, $bag)],
            ['External-Identifier' => $bag, 'Card-Label' => $label, 'Repaired-From' => $name],
            now()->format('Y-m-d'),
            $progress,
        ))->run();
        $at = $report->destinations[0];
        $this->ledger->record(
            $card->id,
            $fill,
            $destination->id,
            CopyState::ofReading($at->verified),
            $bag,
            Devices::mediumOf($destination)->name,
            $at->contents,
            $this->eyes->facts($destination->id, Devices::destination($destination), $bag, 'repair') + [
                'files' => $at->files,
                'repaired_from' => $name,
                'problem' => $at->problem,
            ],
        );

        return new Answer(
            good: $at->verified,
            text: $at->verified
                ? "{$label}: {$at->files} files from {$name} into the new bag {$bag} on {$destination->name}; the damaged one ".
                    'stays as it is.'
                : "{$label}: not repaired: {$at->problem}.",
        );
    }

    /**
     * The payload of another copy that verifies now.
     *
     * @param  array<int, CopyEvent>  $last
     * @return array{LocalVolume, string}|null
     */
    private function intact(array $last, int $notAt): ?array
    {
        foreach ($last as $id => $event) {
            $place =
                $id !== $notAt && $event->kind === CopyState::Verified && $event->bag !== CopyEvent::NO_BAG ? Destination::query()->find($id) : null;
            if ($place === null) {
                continue;
            }
            try {
                $root = Devices::destination($place)->root()."/{$event->bag}";
                if ((new BagVerifier(LocalVolume::at($root)))->check()->valid) {
                    return [LocalVolume::at("{$root}/data"), $place->name];
                }
            } catch (FolderNotAllowed|UnableToRead|BrokenBag|\RuntimeException) {
                continue;
            }
        }

        return null;
    }

    private static function nextName(string $bag): string
    {
        $parts = [];

        return preg_match('/^(.+)_repaired-(\d+)$/', $bag, $parts) === 1
            ? $parts[1].'_repaired-'.((int) $parts[2] + 1)
            : $bag.'_repaired-1';
    }
}
