<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Lights;

use NorthSatchel\ImpossibleValue;
use NorthSatchel\TypedLine;
use NorthSatchel\TypedLines;

/** The light of each setup, its name and below it what stands there: "Key, 1.8 m away, 45° left, 2.2 m high, 1/4 power, softbox 60 cm". */
final class LightsText
{
    private const MOST_LINES = 200;

    /**
     * @return list<SetupLight>
     *
     * @throws ImpossibleValue naming the line
     */
    public static function read(string $text, string $field = 'lights'): array
    {
        $lines = TypedLines::of($text, $field, self::MOST_LINES);
        $top = $lines === [] ? 0 : min(array_map(static fn (TypedLine $l): int => $l->depth, $lines));
        $names = $pieces = [];
        $at = '';
        foreach ($lines as $line) {
            if ($line->depth === $top) {
                $name = rtrim($line->text, ': ');
                $at = mb_strtolower($name);
                if (isset($names[$at])) {
                    $line->refuse("“{$name}” is there already");
                }
                $names[$at] = $name;

                continue;
            }
            $piece = PieceParts::piece($line);
            $key = mb_strtolower($piece->name);
            if (isset($pieces[$at][$key])) {
                $line->refuse("“{$piece->name}” is there already in this setup");
            }
            $pieces[$at][$key] = $piece;
        }

        return array_values(array_map(
            static fn (string $at): SetupLight => new SetupLight($names[$at], array_values($pieces[$at] ?? [])),
            array_map(strval(...), array_keys($names)),
        ));
    }
}
