<?php

declare(strict_types=1);

namespace App\Desks\Copies;

use App\Devices\Devices;
use App\Devices\LocalVolume;
use App\Models\Copies\CopyEvent;
use App\Models\Copies\CopyState;
use NorthSatchel\Cards\Permit\BagReader;
use NorthSatchel\Cards\Permit\Content;
use NorthSatchel\Copies\BagVerifier;
use NorthSatchel\Copies\BrokenBag;
use NorthSatchel\Volume\Below;
use NorthSatchel\Volume\EntryKind;
use NorthSatchel\Volume\UnableToRead;

/** Reads bags again, whole, and writes down what was found. */
final class BagReadings
{
    public function __construct(private readonly CopyLedger $ledger, private readonly Places $places) {}

    /**
     * Reads a bag anew, by the code of the proof, and notes what lies in it; what is not here is left as it is.
     *
     * @param  (\Closure(int, string): void)|null  $onBytes
     * @return string|null what is wrong with it; null where it is whole
     */
    public function readAgain(CopyEvent $event, string $reader, ?\Closure $onBytes = null): ?string
    {
        $place = $this->places->now($event->destination_id);
        if (is_string($place)) {
            return $place;
        }
        if ($event->bag === CopyEvent::NO_BAG) {
            return $this->readFolder($event, $place, $reader, $onBytes);
        }
        $before = self::stamp($place, $event->bag);
        $bag = new Below($place, $event->bag);
        $read = new BagReader($bag, null, $onBytes);
        $known = [];
        foreach ($read->found() as $hash => $paths) {
            $known += array_fill_keys($paths, (string) $hash);
        }
        try {
            $problem = (new BagVerifier($bag, null, $known))->check()->problem();
        } catch (BrokenBag|UnableToRead $e) {
            $problem = $e->getMessage();
        }

        return $this->note($event, $place, $reader, array_map(strval(...), array_keys($read->found())), $problem, $before);
    }

    /** @param  (\Closure(int, string): void)|null  $onBytes */
    private function readFolder(CopyEvent $event, LocalVolume $place, string $reader, ?\Closure $onBytes): ?string
    {
        $before = self::stamp($place, $event->bag);
        $found = [];
        $problem = null;
        try {
            foreach ($place->entries() as $entry) {
                if ($entry->kind === EntryKind::File) {
                    $found[
                        Content::of(
                            $place,
                            $entry->path,
                            [],
                            $onBytes === null ? null : static fn (int $bytes) => $onBytes($bytes, $entry->path),
                        )->hash()
                    ] = true;
                }
            }
        } catch (UnableToRead $e) {
            $problem = $e->getMessage();
        }

        return $this->note(
            $event,
            $place,
            $reader,
            array_map(strval(...), array_keys($found)),
            $problem ?? ($event->kind === CopyState::Failed ? 'some files are not there' : null),
            $before,
        );
    }

    /**
     * @param  list<string>  $contents
     * @param  string|null  $before  what the bag looked like when the reading began
     * @return string|null what is wrong with it
     */
    private function note(CopyEvent $event, LocalVolume $place, string $reader, array $contents, ?string $problem, ?string $before): ?string
    {
        $facts = $this->facts($event->destination_id, $place, $event->bag, $reader);
        if ($before === null || $facts['stamp'] !== $before) {
            [$contents, $problem] = [[], $problem ?? 'it changed while it was read'];
        }
        $this->ledger->record(
            $event->card_id,
            $event->fill,
            $event->destination_id,
            CopyState::ofReading($problem === null),
            $event->bag,
            Devices::mediumOf($this->places->get($event->destination_id))->name,
            $contents,
            $facts + ['problem' => $problem],
        );

        return $problem;
    }

    /** What a bag looks like from outside; null where it cannot be looked at. */
    public static function stamp(LocalVolume $place, string $bag): ?string
    {
        try {
            return Places::stamp($place, $bag);
        } catch (UnableToRead) {
            return null;
        }
    }

    /**
     * What is noted beside every reading: who read, what the system says of the disk, and what the bag looks like from outside.
     *
     * @return array<string, mixed>
     */
    public function facts(int $placeId, LocalVolume $place, string $bag, string $reader): array
    {
        return [
            'reader' => $reader,
            'disks' => Devices::mediumOf($this->places->get($placeId))->disks,
            'stamp' => self::stamp($place, $bag),
        ];
    }
}
