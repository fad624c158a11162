<?php

declare(strict_types=1);

namespace NorthSatchel\Copies;

use NorthSatchel\Volume\EntryKind;
use NorthSatchel\Volume\Names;
use NorthSatchel\Volume\UnableToRead;
use NorthSatchel\Volume\Volume;

/** What stands where a bag is to be written: nothing, an unfinished bag of ours, or a finished one. */
final readonly class FoundBag
{
    /** @param  string|null  $problem  why nothing may be added to it */
    private function __construct(public bool $isMarked, public bool $isFinished, public ?string $problem = null) {}

    /**
     * Its lists are read into those given.
     *
     * @throws CopyConflict when the name is taken by something that is no bag of ours
     */
    public static function of(Volume $volume, string $label, string $name, BagLists $lists): self
    {
        $kind = $volume->kindOf($name);
        if ($kind === null || ($kind === EntryKind::Folder && self::isEmpty($volume, $name))) {
            return new self(false, false);
        }
        if ($kind !== EntryKind::Folder) {
            throw CopyConflict::nameTaken($label, $name, 'it is no folder');
        }
        try {
            return self::read($volume, $label, $name, $lists);
        } catch (BrokenBag|UnableToRead $e) {
            throw CopyConflict::nameTaken($label, $name, $e->getMessage());
        }
    }

    /** @throws BrokenBag|CopyConflict|UnableToRead */
    private static function read(Volume $volume, string $label, string $name, BagLists $lists): self
    {
        $isMarked = $volume->kindOf($name.'/'.BagLayout::UNFINISHED) === EntryKind::File;
        $isFinished = $volume->kindOf($name.'/'.BagLayout::DECLARATION) === EntryKind::File;
        if (! $isMarked && ! $isFinished) {
            throw CopyConflict::nameTaken($label, $name, 'it is no bag');
        }
        if (! $isMarked && ($damaged = $lists->damaged()) !== null) {
            // Its lists are what tells whether it is whole: nothing is added to it, and it is not called good.
            return new self(false, true, Names::printable($damaged).' of the finished bag is damaged');
        }
        if (! $lists->readManifest() && ! $isMarked) {
            throw CopyConflict::nameTaken($label, $name, 'its manifest is of another kind');
        }
        if ($isMarked) {
            $lists->readJournal();
        }

        return new self($isMarked, $isFinished);
    }

    private static function isEmpty(Volume $volume, string $name): bool
    {
        foreach ($volume->entries($name) as $entry) {
            return false;
        }

        return true;
    }
}
