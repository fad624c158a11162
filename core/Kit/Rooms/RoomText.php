<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Rooms;

use NorthSatchel\ImpossibleValue;
use NorthSatchel\TypedLine;
use NorthSatchel\TypedLines;

/** Rooms and fronts, a line each: "Kitchen, 4.2 × 3.1 m, ×2, window EV 13, room EV 7, lamps" and "Street front, faces 190°, ×1". */
final class RoomText
{
    private const MOST_LINES = 60;

    private const EV = [
        '/^(?<where>window|room)\s*:?\s+EV\s*(?<ev>-?\d{1,2}(?:\.\d+)?)$/iu',
        '/^(?<where>window|room)\s*:?\s+(?<ev>-?\d{1,2}(?:\.\d+)?)\s*EV$/iu',
        '/^EV\s*(?<ev>-?\d{1,2}(?:\.\d+)?)\s+(?:in|at|outside) the (?<where>window|room)$/iu',
    ];

    private const SIDES = ['north' => 'n', 'east' => 'e', 'south' => 's', 'west' => 'w', '-' => '', ' ' => ''];

    private const NAMES = ['n' => 0, 'ne' => 45, 'e' => 90, 'se' => 135, 's' => 180, 'sw' => 225, 'w' => 270, 'nw' => 315];

    /**
     * @return list<Room>
     *
     * @throws ImpossibleValue naming the line
     */
    public static function read(string $text): array
    {
        $rooms = [];
        foreach (TypedLines::of($text, 'rooms', self::MOST_LINES) as $line) {
            $name = $line->parts[0];
            if (isset($rooms[mb_strtolower($name)])) {
                $line->refuse("“{$name}” is there already");
            }
            $had = [];
            foreach ($line->rest() as $part) {
                $had = [...$had, ...self::said($line, $part)];
            }
            $room = new Room(
                $name,
                isset($had['width']) ? (float) $had['width'] : null,
                isset($had['length']) ? (float) $had['length'] : null,
                (int) ($had['pictures'] ?? 1),
                $had['window'] ?? null,
                $had['room'] ?? null,
                isset($had['lamps']),
                $had['faces'] ?? null,
                isset($had['minutes']) ? (int) $had['minutes'] : null,
            );
            if ($room->windowEv !== null && $room->roomEv !== null && $room->windowEv < $room->roomEv) {
                $line->refuse('the window is darker than the room');
            }
            $rooms[mb_strtolower($name)] = $room;
        }

        return array_values($rooms);
    }

    /**
     * @return array<string, float>
     *
     * @throws ImpossibleValue
     */
    private static function said(TypedLine $line, string $part): array
    {
        if (preg_match('/^(\d{1,2}(?:\.\d+)?)\s*(?:m\s*)?(?:[×x]|by)\s*(\d{1,2}(?:\.\d+)?)\s*m(?:et(?:er|re)s)?$/iu', $part, $found) === 1) {
            return (float) $found[1] >= 0.8 && (float) $found[2] >= 0.8
                ? ['width' => (float) $found[1], 'length' => (float) $found[2]]
                : $line->refuse("“{$part}” is too small for a camera");
        }
        foreach (self::EV as $pattern) {
            if (preg_match($pattern, $part, $found) === 1) {
                return [mb_strtolower($found['where']) => (float) $found['ev']];
            }
        }
        if (preg_match('/^(?:faces|facing)\s+(\d{1,3})\s*(?:°|degrees)?$/iu', $part, $found) === 1 && (int) $found[1] <= 360) {
            return ['faces' => (float) $found[1]];
        }
        $side = TypedLine::said($part, '/^(?:faces|facing)\s+(?:to the )?(\p{L}+(?:[ -]\p{L}+)?)$/iu')
            ?? TypedLine::said($part, '/^(\p{L}+(?:-(?:east|west))?)[ -]facing$/iu');
        $faces = $side === null ? null : self::NAMES[strtr(mb_strtolower($side), self::SIDES)] ?? null;
        if ($faces !== null) {
            return ['faces' => (float) $faces];
        }
        if (preg_match('/^(?:with )?(?:the )?(?:lamps|lights)(?: on)?$/iu', $part) === 1) {
            return ['lamps' => 1.0];
        }
        $count = TypedLine::said($part, '/^[×x]\s*(\d{1,2})$/u') ?? TypedLine::said($part, '/^(\w+)\s*(?:pictures?|photos?|views?|frames?|×|x)$/iu');
        $pictures = $count === null ? null : TypedLine::count($count);
        $pictures = $pictures !== null && $pictures >= 1 && $pictures <= 99 ? $pictures : null;
        $minutes = TypedLine::minutes($part) ?: null;

        return match (true) {
            $pictures !== null => ['pictures' => (float) $pictures],
            $minutes !== null => ['minutes' => (float) $minutes],
            default => $line->refuse("“{$part}” is not understood: 4.2 × 3.1 m, ×2, window EV 13, room EV 7, lamps, faces 190°, 15 min"),
        };
    }
}
