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

    /** The name under which a tap tells the thing that it is about. */
    public function subject(): string
    {
        return match ($this) {
            self::Pack, self::Unpack, self::Home, self::Away, self::Placed, self::Fetched => 'item',
            self::Check, self::Uncheck => 'line',
            self::Load, self::Unload => 'card',
            self::Found, self::Lost => 'person',
            self::Shot, self::Unshot, self::Later, self::Sooner => 'group',
            self::Started, self::Done, self::Skipped, self::Moved => 'segment',
            self::Undone => 'of',
        };
    }

    /** @return list<string> what else a tap of this kind has to carry, beside its job */
    public function carries(): array
    {
        return match ($this) {
            self::Load => ['card', 'body', 'slot'],
            self::Unload => ['card'],
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
            default => null,
        };
    }

    /** Whether a device may send it: what carries words of a person, and what acts on other taps, is typed on a page. */
    public function isOfDevices(): bool
    {
        return ! in_array($this, [self::Placed, self::Started, self::Done, self::Skipped, self::Moved, self::Undone], true);
    }
}
