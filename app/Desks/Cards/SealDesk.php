<?php

declare(strict_types=1);

namespace App\Desks\Cards;

use App\Devices\Devices;
use App\Devices\DiskBehind;
use App\Devices\FolderNotAllowed;
use App\Models\Brief\Job;
use App\Models\Kit\Card;
use NorthSatchel\Cards\CardEventKind;
use NorthSatchel\Picture\FrameKind;
use NorthSatchel\Picture\PictureInspector;
use NorthSatchel\Volume\EntryKind;
use NorthSatchel\Volume\Names;
use NorthSatchel\Volume\UnableToRead;

/** The seal of a shot card: the inventory of everything on it, which all later proof starts from. */
final class SealDesk
{
    public function __construct(private readonly CardLog $log, private readonly FrameIndex $frames, private readonly DiskBehind $disks) {}

    /**
     * Lists everything on a shot card, with what its frames say of themselves; nothing is changed. What each file holds is known
     * once it was read: by the copy that follows, or when the permit is asked for.
     *
     * @throws FolderNotAllowed
     * @throws UnableToRead when it cannot be listed, or is empty
     */
    public function seal(Card $card): int
    {
        $life = $this->log->lifeOf($card);
        $volume = Devices::card($card);
        $zone = $this->zoneOf($life->jobId);
        $rows = $odd = [];
        foreach ($volume->entries() as $entry) {
            if ($entry->kind === EntryKind::Folder) {
                throw UnableToRead::fromPath($entry->path, 'the folder cannot be looked into');
            }
            $oddity = $entry->kind->oddity();
            if ($oddity !== null) {
                $odd[Names::printable($entry->path)] = $oddity;

                continue;
            }
            $kind = FrameKind::of($entry->path);
            $exif = $kind === null ? null : PictureInspector::exif($volume, $entry->path);
            $rows[] = [
                'card_id' => $card->id,
                'fill' => $life->fill,
                'body_id' => $life->bodyId,
                'path' => $entry->path,
                'kind' => $kind?->value,
                'bytes' => $entry->bytes,
                'modified_at' => $entry->modifiedAt,
                'taken_at' => $exif?->instant($exif->clock === null ? 0 : $zone->getOffset(new \DateTimeImmutable('@'.$exif->clock))),
                'body_serial' => $exif?->bodySerial,
                'lens' => $exif?->lens,
                'shutter_s' => $exif?->shutterS,
                'f_number' => $exif?->fNumber,
                'iso' => $exif?->iso,
            ];
        }
        if ($rows === [] && $odd === []) {
            throw UnableToRead::fromPath($card->item->label, 'there is nothing on it');
        }
        $this->frames->index($card->id, $life->fill, $life->seals + 1, $rows);
        $this->log->add(
            $card,
            CardEventKind::Sealed,
            $life->jobId,
            $life->bodyId,
            $life->slot,
            array_filter(['files' => count($rows), 'not_files' => $odd, 'volume' => $this->disks->volumeOfCard($volume)]),
        );

        return count($rows);
    }

    /** Clocks of cameras that say no offset are taken for those of the job. */
    private function zoneOf(?int $jobId): \DateTimeZone
    {
        $job = $jobId === null ? null : Job::query()->with('place')->find($jobId);

        return new \DateTimeZone($job->place->timezone ?? 'UTC');
    }
}
