<?php

declare(strict_types=1);

namespace NorthSatchel\Taps;

/** What can be tapped. Most kinds come in pairs, of which the later tap on a thing takes back the other. */
enum TapKind: string
{
    case Pack = 'pack';
    case Unpack = 'unpack';
    case Home = 'home';
    case Away = 'away';
    case Check = 'check';
    case Uncheck = 'uncheck';
    case Placed = 'placed';
    case Fetched = 'fetched';
    case Load = 'load';
    case Unload = 'unload';
    case Found = 'found';
    case Lost = 'lost';
    case Shot = 'shot';
    case Unshot = 'unshot';
    case Later = 'later';
    case Sooner = 'sooner';
    case Started = 'started';
    case Done = 'done';
    case Skipped = 'skipped';
    case Moved = 'moved';
    case Undone = 'undone';
    /** A segment takes so many minutes more. */
    case Longer = 'longer';
    case Ticked = 'ticked';
    case Unticked = 'unticked';
    /** Words, said of a segment or of the day. */
    case Noted = 'noted';
    /** A way out of being late was taken. */
    case Rearranged = 'rearranged';
    /** What is still to come outdoors is so many minutes later. */
    case Delayed = 'delayed';
    /** A segment goes under the roof of its plan B. */
    case Sheltered = 'sheltered';
    /** A body got a charged cell; and the last such tap of it taken back. */
    case NewCell = 'new-cell';
    case OldCell = 'old-cell';
    /** A thing is of no use any more that day. */
    case Broke = 'broke';
    case Mended = 'mended';
    /** An element was tried and is not good; tried and is a keeper; and the last try of it taken back. */
    case Tried = 'tried';
    case Kept = 'kept';
    case Dropped = 'dropped';
    /** A setup was struck, with words where something lacked; and it stands again. */
    case Struck = 'struck';
    case Stands = 'stands';

    /** The name under which a tap tells the thing that it is about. */
    public function subject(): string
    {
        return match ($this) {
            self::Pack, self::Unpack, self::Home, self::Away, self::Placed, self::Fetched, self::Broke, self::Mended => 'item',
            self::Check, self::Uncheck => 'line',
            self::Load, self::Unload => 'card',
            self::Found, self::Lost => 'person',
            self::Shot, self::Unshot, self::Later, self::Sooner => 'group',
            self::Started, self::Done, self::Skipped, self::Moved, self::Longer, self::Noted, self::Rearranged, self::Sheltered => 'segment',
            self::Delayed => 'day',
            self::NewCell, self::OldCell => 'body',
            self::Tried, self::Kept, self::Dropped => 'element',
            self::Struck, self::Stands => 'setup',
            self::Ticked, self::Unticked => 'shot',
            self::Undone => 'of',
        };
    }

    /** @return list<string> what else a tap of this kind has to carry, beside its job */
    public function carries(): array
    {
        return match ($this) {
            self::Load => ['card', 'body', 'slot'],
            self::Unload => ['card'],
            self::Longer => ['minutes'],
            self::Noted => ['words'],
            self::Rearranged => ['late', 'way'],
            self::Delayed => ['day', 'minutes'],
            self::Sheltered => ['spot'],
            default => [],
        };
    }

    /** The kind that takes this one back; null where there is none. */
    public function opposite(): ?self
    {
        return match ($this) {
            self::Pack => self::Unpack,
            self::Home => self::Away,
            self::Check => self::Uncheck,
            self::Placed => self::Fetched,
            self::Load => self::Unload,
            self::Found => self::Lost,
            self::Shot => self::Unshot,
            self::Later => self::Sooner,
            self::Ticked => self::Unticked,
            self::Broke => self::Mended,
            self::Struck => self::Stands,
            default => null,
        };
    }

    /** Whether a device may send it: where a thing was put down, and that a set may go, is typed on a page. */
    public function isOfDevices(): bool
    {
        return ! in_array($this, [self::Placed, self::Struck], true);
    }

    /** @return list<self> what is tapped of a lane while it is lived through */
    public static function ofTheDay(): array
    {
        return [
            self::Started, self::Done, self::Skipped, self::Moved, self::Undone, self::Longer, self::Ticked, self::Unticked, self::Noted,
            self::Rearranged, self::Delayed, self::Sheltered,
        ];
    }

    /** @return list<self> what changes the plan itself */
    public static function ofThePlan(): array
    {
        return [self::Rearranged, self::Delayed, self::Sheltered];
    }
}
