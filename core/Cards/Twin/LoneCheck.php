<?php

declare(strict_types=1);

namespace NorthSatchel\Cards\Twin;

use NorthSatchel\Picture\FrameKind;
use NorthSatchel\Picture\PictureInspector;
use NorthSatchel\Picture\PictureState;
use NorthSatchel\Volume\EntryKind;
use NorthSatchel\Volume\Names;
use NorthSatchel\Volume\UnableToRead;
use NorthSatchel\Volume\Volume;

/** A card without a twin: each picture is judged by itself, by decoding, by structure, and by a digest that it carries. */
final class LoneCheck
{
    /**
     * @param  (\Closure(int, string): void)|null  $onFile  files done, path
     *
     * @throws UnableToRead when it cannot be listed
     */
    public static function of(Volume $card, ?\Closure $onFile = null): TwinNote
    {
        $states = $frames = [];
        $done = 0;
        foreach ($card->entries() as $entry) {
            if ($entry->kind !== EntryKind::File || FrameKind::of($entry->path) === null) {
                continue;
            }
            $frames[FrameKind::frameOf($entry->path)] = true;
            if (PictureInspector::judge($card, $entry->path)[0] === PictureState::Damaged) {
                $states[Names::printable($entry->path)] = Side::Damaged;
            }
            if ($onFile !== null) {
                $onFile(++$done, $entry->path);
            }
        }

        return new TwinNote(TwinVerdict::Alone, count($frames), 0, 0, $states, []);
    }
}
