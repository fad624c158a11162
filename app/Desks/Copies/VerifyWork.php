<?php

declare(strict_types=1);

namespace App\Desks\Copies;

use App\Desks\Cards\Answer;
use App\Desks\Cards\CardLog;
use App\Desks\Cards\RunProgress;
use App\Devices\Devices;
use App\Devices\FolderNotAllowed;
use App\Models\Copies\CopyState;
use App\Models\Copies\Destination;
use App\Models\Kit\Card;
use NorthSatchel\Copies\BagVerifier;
use NorthSatchel\Copies\BrokenBag;
use NorthSatchel\Volume\UnableToRead;

/** Reading the bags of a card again, where they lie. */
final class VerifyWork
{
    public function __construct(
        private readonly CardLog $log,
        private readonly CopyLedger $ledger,
        private readonly BagReadings $eyes,
        private readonly Places $places,
    ) {}

    /**
     * @param  array<int, Destination>  $destinations
     */
    public function verify(Card $card, array $destinations, RunProgress $progress): Answer
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
                CopyState::ofReading($isValid),
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
