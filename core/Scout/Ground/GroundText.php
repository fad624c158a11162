<?php

declare(strict_types=1);

namespace NorthSatchel\Scout\Ground;

use NorthSatchel\Drawing\Point;
use NorthSatchel\ImpossibleValue;
use NorthSatchel\TypedLine;
use NorthSatchel\TypedLines;

/**
 * A ground as it is typed, a line a thing: a name, metres along and across, and after that what is to be known of it. Parted by commas;
 * by semicolons where a number has a comma of its own. "Near corner, -3, -3, holds 2, up 4 m, stairs 3 min, until 20:30, not Bench".
 */
final class GroundText
{
    private const MOST_CORNERS = 60;

    private const HOLDS = '/^(?:holds|for|room for)\s+(\w+)(?:\s+(?:people|photographers?))?$/iu';

    private const METRES = '(\d{1,3}(?:\.\d+)?)\s*m';

    private const UNSEEN = '/^(?:not|no view of|no sight of|(?:cannot|can[\'’]t|does not|doesn[\'’]t) see)\s+(?:the\s+)?(.+)$/iu';

    private const MOST_LINES = 60;

    private const MOST_WAYS = 400;

    private const FAR_M = 20_000.0;

    /**
     * @return list<GroundZone>
     *
     * @throws ImpossibleValue naming the line
     */
    public static function zones(string $text): array
    {
        $zones = [];
        foreach (self::lines('zones', $text) as $line) {
            [$name, $x, $y] = self::placed($line);
            $role = ZoneRole::Main;
            $worth = GroundZone::USUAL_WORTH;
            foreach (array_slice($line->parts, 3) as $part) {
                $of = (string) preg_replace('/^worth\s+/i', '', $part);
                if (ctype_digit($of) && (int) $of <= GroundZone::MOST_WORTH) {
                    $worth = (int) $of;
                } else {
                    $role = ZoneRole::tryFrom(mb_strtolower($part)) ?? $line->refuse("“{$part}” is neither a worth from 0 ".
                        'to '.GroundZone::MOST_WORTH.' nor one of main, reaction, bench, crowd, detail');
                }
            }
            $zones[] = new GroundZone($name, $x, $y, $role, $worth);
        }

        return $zones;
    }

    /**
     * @param  list<GroundZone>  $zones  that can be hidden from a post
     * @return list<GroundPost>
     *
     * @throws ImpossibleValue naming the line
     */
    public static function posts(string $text, array $zones): array
    {
        $named = [];
        foreach ($zones as $zone) {
            $named[mb_strtolower($zone->name)] = $zone->name;
        }
        $posts = [];
        foreach (self::lines('posts', $text) as $line) {
            [$name, $x, $y] = self::placed($line);
            $holds = 1;
            $up = 0.0;
            $stairs = 0;
            $until = $pass = null;
            $unseen = $notes = [];
            $other = null;
            $trigger = '';
            foreach (array_slice($line->parts, 3) as $part) {
                $found = [];
                if (preg_match('/^else\s+(.+?)\s+when\s+(.+)$/iu', $part, $found) === 1) {
                    [, $other, $trigger] = $found;

                    continue;
                }
                $is = static fn (string $pattern): ?string => TypedLine::said($part, $pattern);
                $holding = $is(self::HOLDS);
                if ($holding !== null && TypedLine::count($holding) !== null) {
                    $holds = max(1, min(99, TypedLine::count($holding)));
                } elseif (($said = $is('/^(?:up|high)\s+'.self::METRES.'$/i') ?? $is('/^'.self::METRES.'\s*(?:up|high|above)$/i')) !== null) {
                    $up = (float) $said;
                } elseif (($said = $is('/^stairs\s+(\d{1,2})(?:\s*min)?$/i') ?? $is('/^(\d{1,2})\s*min(?:utes?)? (?:of )?stairs$/i')) !== null) {
                    $stairs = (int) $said;
                } elseif (($said = $is('/^(?:until|till|closes(?: at)?|open until)\s+(.+)$/i')) !== null) {
                    $until = $line->clock($said);
                } elseif (($said = $is(self::UNSEEN)) !== null) {
                    $unseen[] = $named[mb_strtolower($said)] ?? $line->refuse("there is no zone “{$said}” that could be hidden");
                } elseif (preg_match('/^pass\b/i', $part) === 1) {
                    $pass = $part;
                } else {
                    $notes[] = $part;
                }
            }
            $posts[] = new GroundPost($name, $x, $y, $holds, $up, $stairs, $until, $pass, $unseen, $notes, $other, $trigger);
        }

        return self::withOthers($posts);
    }

    /**
     * @param  list<GroundPost>  $posts
     * @return list<GroundPost>
     *
     * @throws ImpossibleValue when a post has another that is not there
     */
    private static function withOthers(array $posts): array
    {
        $names = [];
        foreach ($posts as $post) {
            $names[mb_strtolower($post->name)] = $post->name;
        }
        foreach ($posts as $post) {
            $isThere = $post->otherPost === null || isset($names[mb_strtolower($post->otherPost)]);
            if (! $isThere || ($post->otherPost !== null && mb_strtolower($post->otherPost) === mb_strtolower($post->name))) {
                throw ImpossibleValue::of('posts', "must name another post of theirs: “{$post->name}” has “{$post->otherPost}” to go to");
            }
        }

        return $posts;
    }

    /**
     * "Near corner to High, 6 min".
     *
     * @param  list<GroundPost>  $posts
     * @return list<GroundWay>
     *
     * @throws ImpossibleValue naming the line
     */
    public static function ways(string $text, array $posts): array
    {
        $named = [];
        foreach ($posts as $post) {
            $named[mb_strtolower($post->name)] = $post->name;
        }
        $ways = [];
        foreach (TypedLines::of($text, 'ways', self::MOST_WAYS) as $line) {
            $found = [];
            if (preg_match('/^(.+?)\s+(?:to|→|->|–|—)\s+(.+?)(?:\s*[,;:]\s*|\s+)(\d{1,3})(?:\s*min(?:ute)?s?)?$/iu', $line->text, $found) !== 1) {
                $line->refuse("“{$line->text}” is no way: From to To, 6 min");
            }
            [$from, $to] = array_map(
                static fn (string $name): string => $named[mb_strtolower($name)] ?? $line->refuse("there is no post “{$name}”"),
                [$found[1], $found[2]],
            );
            $ways[] = new GroundWay($from, $to, (int) $found[3]);
        }

        return $ways;
    }

    /**
     * Corners one after the other: "0, 0; 60, 0; 72, 40; -5, 35", or a line each.
     *
     * @return list<Point> metres; none where nothing is typed
     *
     * @throws ImpossibleValue
     */
    public static function outline(string $text): array
    {
        $corners = [];
        foreach (preg_split('/[;\r\n]+/', $text) ?: [] as $corner) {
            if (trim($corner) === '') {
                continue;
            }
            // "60,5 40": parted by the space alone.
            $isSpaced = preg_match('/^\s*-?\d+(?:[.,]\d+)?\s+-?\d+(?:[.,]\d+)?\s*$/', $corner) === 1;
            $corner = $isSpaced ? str_replace(',', '.', $corner) : $corner;
            if (preg_match('/^\s*(-?\d{1,5}(?:\.\d+)?)(?:\s*,\s*|\s+)(-?\d{1,5}(?:\.\d+)?)\s*$/', $corner, $found) !== 1) {
                throw ImpossibleValue::of('outline', 'must be corners in metres, “'.trim($corner).'” is none: 0, 0; 60, 0; 72, 40');
            }
            $corners[] = new Point((float) $found[1], (float) $found[2]);
        }
        if ($corners !== [] && (count($corners) < 3 || count($corners) > self::MOST_CORNERS)) {
            throw ImpossibleValue::of('outline', 'must have from 3 to '.self::MOST_CORNERS.' corners');
        }

        return $corners;
    }

    /**
     * @return list<TypedLine>
     *
     * @throws ImpossibleValue when there are too many, or two of one name
     */
    private static function lines(string $field, string $text): array
    {
        $lines = TypedLines::of($text, $field, self::MOST_LINES, true, isDense: true);
        $names = [];
        foreach ($lines as $line) {
            if (isset($names[mb_strtolower($line->parts[0])])) {
                $line->refuse("“{$line->parts[0]}” is there already");
            }
            $names[mb_strtolower($line->parts[0])] = true;
        }

        return $lines;
    }

    /**
     * @return array{string, float, float}
     *
     * @throws ImpossibleValue
     */
    private static function placed(TypedLine $line): array
    {
        $metres = [];
        foreach ([1, 2] as $at) {
            $value = str_replace([',', 'm', ' ', '−'], ['.', '', '', '-'], $line->parts[$at] ?? '');
            if (! is_numeric($value) || abs((float) $value) > self::FAR_M) {
                $line->refuse("after “{$line->parts[0]}” come two numbers, metres along and metres across");
            }
            $metres[] = (float) $value;
        }
        if (is_numeric($line->parts[0]) || mb_strlen($line->parts[0]) > 60) {
            $line->refuse('a line begins with a name of at most 60 letters');
        }

        return [$line->parts[0], $metres[0], $metres[1]];
    }
}
