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

    public function read(Job $job, Card $card): SlotRead
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
                $frames[] = new FrameSeen(
                    (string) $path,
                    $kind,
                    $exif?->clock,
                    $exif->offsetS ?? $zone->getOffset(now()),
                    $exif?->bodySerial,
                    $isHashed ? self::hash($volume, (string) $path) : null,
                );
            }

            return new SlotRead($card->item->label, $frames, $loadedAt);
        } catch (FolderNotAllowed|UnableToRead $e) {
            return new SlotRead($card->item->label, [], $loadedAt, $e->getMessage());
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

    /** @return array<string, mixed>|null as it is stored */
    public static function row(?SlotRead $read): ?array
    {
        return $read === null ? null : [
            'card' => $read->card,
            'frames' => array_map(static fn (FrameSeen $f): array => $f->row(), $read->frames),
            'loaded_at' => $read->loadedAt,
            'problem' => $read->problem,
        ];
    }

    /** @param  array<string, mixed>|null  $row  as it is stored */
    public static function ofRow(?array $row): ?SlotRead
    {
        if ($row === null) {
            return null;
        }
        /** @var list<array{path: string, kind: string, clock: int|null, zone: int, serial: string|null, hash: string|null}> $frames */
        $frames = $row['frames'];

        return new SlotRead((string) $row['card'], array_map(FrameSeen::ofRow(...), $frames), $row['loaded_at'], $row['problem']);
    }
}
