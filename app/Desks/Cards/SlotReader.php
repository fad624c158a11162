<?php

declare(strict_types=1);

namespace App\Desks\Cards;

use App\Devices\Devices;
use App\Devices\FolderNotAllowed;
use App\Models\Brief\Job;
use App\Models\Kit\Card;
use NorthSatchel\Cards\Check\FrameSeen;
use NorthSatchel\Cards\Check\SlotRead;
use NorthSatchel\Copies\Digest;
use NorthSatchel\Picture\FrameKind;
use NorthSatchel\Picture\PictureInspector;
use NorthSatchel\Volume\EntryKind;
use NorthSatchel\Volume\UnableToRead;
use NorthSatchel\Volume\Volume;

/** Reads the test frames on the card in one slot of a body, and keeps them as a row. */
final class SlotReader
{
    /** A card with more files than this is not hashed for a check: it is no card with test frames. */
    private const HASH_UP_TO = 200;

    public function __construct(private readonly CardLog $log) {}

    /** @return array{card: string, frames: list<array<string, mixed>>, loaded_at: int|null, problem: string|null} */
    public function read(Job $job, Card $card): array
    {
        $loaded = $this->log->lifeOf($card)->loadedAt;
        $loadedAt = $loaded === null ? null : (int) $loaded;
        $zone = new \DateTimeZone($job->place->timezone);
        try {
            $volume = Devices::card($card);
            $found = [];
            foreach ($volume->entries() as $entry) {
                $kind = $entry->kind === EntryKind::File ? FrameKind::of($entry->path) : null;
                if ($kind !== null && preg_match('//u', $entry->path) === 1) {
                    $found[$entry->path] = $kind;
                }
            }
            $isHashed = count($found) <= self::HASH_UP_TO;
            $frames = [];
            foreach ($found as $path => $kind) {
                $exif = PictureInspector::exif($volume, (string) $path);
                $frames[] = (new FrameSeen(
                    (string) $path,
                    $kind,
                    $exif?->clock,
                    $exif->offsetS ?? $zone->getOffset(now()),
                    $exif?->bodySerial,
                    $isHashed ? self::hash($volume, (string) $path) : null,
                ))->row();
            }

            return ['card' => $card->item->label, 'frames' => $frames, 'loaded_at' => $loadedAt, 'problem' => null];
        } catch (FolderNotAllowed|UnableToRead $e) {
            return ['card' => $card->item->label, 'frames' => [], 'loaded_at' => $loadedAt, 'problem' => $e->getMessage()];
        }
    }

    private static function hash(Volume $volume, string $path): string
    {
        $file = $volume->open($path);
        $digest = Digest::with();
        while (($bytes = $file->read(1 << 20)) !== '') {
            $digest->add($bytes);
        }
        $file->close();

        return $digest->hex();
    }

    /**
     * @param  array{card: string, frames: list<array{path: string, kind: string, clock: int|null, zone: int,
     *     serial: string|null, hash: string|null}>, loaded_at: int|null, problem: string|null}|null  $row
     */
    public static function ofRow(?array $row): ?SlotRead
    {
        return $row === null
            ? null
            : new SlotRead($row['card'], array_map(FrameSeen::ofRow(...), $row['frames']), $row['loaded_at'], $row['problem']);
    }
}
