<?php

declare(strict_types=1);

namespace NorthSatchel\Day;

use NorthSatchel\Taps\TapKind;

/** Where a segment of the lane stands. */
enum SegmentState: string
{
    case Waiting = 'waiting';
    case Running = 'running';
    case Done = 'done';
    case Skipped = 'skipped';
    case Moved = 'moved';

    /** What a tap on a segment makes of it. */
    public static function after(TapKind $kind): self
    {
        return match ($kind) {
            TapKind::Started => self::Running,
            TapKind::Done => self::Done,
            TapKind::Skipped => self::Skipped,
            TapKind::Moved => self::Moved,
            default => self::Waiting,
        };
    }
}
