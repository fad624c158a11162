<?php

declare(strict_types=1);

namespace NorthSatchel\Cards\Permit;

use NorthSatchel\Cards\Twin\Side;
use NorthSatchel\Cards\Twin\TwinReport;
use NorthSatchel\Volume\EntryKind;
use NorthSatchel\Volume\UnableToRead;
use NorthSatchel\Volume\Volume;

/** Everything on a card, whatever its kind, read whole. The card is opened for reading only. */
final readonly class CardReader
{
    public const NOT_A_FILE = 'not a file';

    private const CLOSED = 'a folder that cannot be looked into';

    /**
     * @param  list<CardFile>  $files
     * @param  array<int, true>  $sizes  of what must lie elsewhere, in bytes
     */
    private function __construct(public array $files, public array $sizes) {}

    /** Whether something on a card is a file, readable or not, and no link, special file or folder. */
    public static function isFile(CardFile $file): bool
    {
        return $file->whyNot !== self::NOT_A_FILE && $file->whyNot !== self::CLOSED;
    }

    /**
     * @param  TwinReport|null  $report  of this card as the first and its twin as the second
     *
     * @throws UnableToRead when it cannot be listed
     */
    public static function read(Volume $card, ?TwinReport $report = null, ?Volume $twin = null): self
    {
        $healed = [];
        foreach ($report->files ?? [] as $file) {
            if (! $file->isIdentical && $file->a === Side::Damaged && $file->b === Side::Intact) {
                $healed[$file->path] = true;
            }
        }
        $files = [];
        $sizes = [];
        foreach ($card->entries() as $entry) {
            if ($entry->kind !== EntryKind::File) {
                $files[] = new CardFile($entry->path, null, whyNot: $entry->kind === EntryKind::Folder ? self::CLOSED : self::NOT_A_FILE);

                continue;
            }
            try {
                $own = Content::of($card, $entry->path);
                $healing = isset($healed[$entry->path]) && $twin !== null ? Content::of($twin, $entry->path) : null;
                $files[] = new CardFile($entry->path, $own->hash(), $healing?->hash());
                $sizes[($healing ?? $own)->bytes] = true;
            } catch (UnableToRead $e) {
                $files[] = new CardFile($entry->path, null, whyNot: "it cannot be read: {$e->reason}");
            }
        }

        return new self($files, $sizes);
    }
}
