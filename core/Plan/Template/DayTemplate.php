<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Template;

use NorthSatchel\ImpossibleValue;
use NorthSatchel\JobKind;
use NorthSatchel\Time\Priority;

/**
 * A day by job kind, filled in backwards from what does not move: what comes before an anchor is laid
 * back from it, what comes after follows it. Orders and lengths are common practice, no source.
 */
enum DayTemplate: string
{
    /** Anchors with room for everything before, between and after them: 15:00 and 22:00. */
    private const ROOMY_FIRST = 900;

    private const ROOMY_SECOND = 1320;

    case Wedding = 'wedding';
    case WeddingFirstLook = 'wedding-first-look';
    case StageEvent = 'stage-event';
    case MatchDay = 'match-day';
    case StudioDay = 'studio-day';
    case Stops = 'stops';

    private const GAP = 10;

    /** What has no sense without the other. */
    private const UNDONE = ['Take the remotes down' => 'Set up remotes'];

    /** Sports and places under a roof, by their words (common practice, no source). */
    private const ROOF = '/\b(?:(?:sports? )?hall|gym(?:nasium)?|indoors?|rink|swimming|handball|basketball|volleyball|futsal|badminton|'.
        'gymnastics|judo|boxing|fencing|table tennis|curling)\b/iu';

    public function label(): string
    {
        return match ($this) {
            self::Wedding => 'Wedding, groups and portraits after the ceremony (ceremony, dinner)',
            self::WeddingFirstLook => 'Wedding with a first look before (ceremony, dinner)',
            self::StageEvent => 'Stage event (opening, end)',
            self::MatchDay => 'Match day (kick-off, second half)',
            self::Stops => 'Several stops in one day (first appointment, last appointment)',
            self::StudioDay => 'Studio day (first setup, end)',
        };
    }

    /**
     * @param  int  $first  minutes since midnight of the first anchor
     * @param  int  $second  of the second
     * @param  bool  $isAlone  without a second photographer: what only that one could take is left out, but for what must be
     * @return list<TemplateSegment>
     *
     * @throws ImpossibleValue when the second anchor comes before the first is over, or the day would start before midnight
     */
    public function fill(int $first, int $second, bool $isAlone = false): array
    {
        [$before, $anchor, $between, $last, $after] = $isAlone ? self::forOne(TemplateBlocks::of($this)) : TemplateBlocks::of($this);
        if ($second < $first + $anchor->minutes) {
            throw ImpossibleValue::of('second_anchor', 'must come after the first is over, '.$anchor->minutes.' minutes later');
        }
        $segments = [
            ...$this->laidBack($before, $first),
            $anchor->at($first),
            // What would only start after the second anchor has no room between the two.
            ...array_filter(
                $this->laidOn($between, $first + $anchor->minutes),
                static fn (TemplateSegment $s): bool => $s->start < $second,
            ),
            $last->at($second),
            ...$this->laidOn($after, $second + $last->minutes),
        ];
        foreach ($segments as $segment) {
            if ($segment->start < 0) {
                throw ImpossibleValue::of('first_anchor', 'must leave room for what comes before it on that day');
            }
        }
        usort($segments, static fn (TemplateSegment $a, TemplateSegment $b): int => $a->start <=> $b->start);

        return $segments;
    }

    /** @return list<string> the titles of its segments where there is room for all */
    public function titles(bool $isAlone = false): array
    {
        return array_column($this->fill(self::ROOMY_FIRST, self::ROOMY_SECOND, $isAlone), 'title');
    }

    /** What a job of that kind most often is. */
    public static function usual(JobKind $kind): self
    {
        return match ($kind) {
            JobKind::Wedding => self::Wedding,
            JobKind::Event => self::StageEvent,
            JobKind::Commercial => self::StudioDay,
        };
    }

    /** Whether two go to it where nothing else is said (common practice, no source). */
    public function isForTwoAsARule(): bool
    {
        return in_array($this, [self::Wedding, self::WeddingFirstLook], true);
    }

    /** Whether it has work for a second photographer. */
    public function isForTwo(): bool
    {
        return array_filter(
            $this->fill(self::ROOMY_FIRST, self::ROOMY_SECOND),
            static fn (TemplateSegment $s): bool => ! $s->isAnchor && in_array('second', $s->lanes(), true),
        ) !== [];
    }

    /**
     * @param  array{list<TemplateSegment>, TemplateSegment, list<TemplateSegment>, TemplateSegment, list<TemplateSegment>}  $blocks
     * @return array{list<TemplateSegment>, TemplateSegment, list<TemplateSegment>, TemplateSegment, list<TemplateSegment>}
     */
    private static function forOne(array $blocks): array
    {
        [$before, $anchor, $between, $last, $after] = $blocks;

        return [self::ofOne($before), $anchor->alone(), self::ofOne($between), $last->alone(), self::ofOne($after)];
    }

    /**
     * @param  list<TemplateSegment>  $some
     * @return list<TemplateSegment>
     */
    private static function ofOne(array $some): array
    {
        $mine = array_filter($some, static fn (TemplateSegment $s): bool => $s->lane === 'lead' || $s->priority === Priority::Must);

        return array_values(array_map(static fn (TemplateSegment $s): TemplateSegment => $s->alone(), $mine));
    }

    /**
     * What of a day fits: within the covered hours, and before the second anchor. A segment that reaches beyond is shortened as far as it
     * bears it; what still does not fit is left out. The two anchors stay.
     *
     * @param  list<TemplateSegment>  $segments
     * @param  int  $from  minutes since midnight
     * @return list<TemplateSegment>
     */
    public static function fitting(array $segments, int $from, int $to, int $second): array
    {
        $anchors = array_values(array_filter($segments, static fn (TemplateSegment $s): bool => $s->isAnchor));
        $kept = [];
        foreach ($segments as $segment) {
            $start = $segment->isAnchor ? $segment->start : max($segment->start, $from);
            $end = $segment->isAnchor ? $segment->start + $segment->minutes : min($segment->start + $segment->minutes, $to);
            foreach ($segment->isAnchor ? [] : $anchors as $anchor) {
                // What was laid between the two may have grown into the second.
                $end = $start < $anchor->start + $anchor->minutes && $anchor->start < $end ? max($start, $anchor->start) : $end;
            }
            $end = $segment->lane !== 'lead' && $start >= $second ? $start : $end;
            // What would end a few minutes too late begins as soon as the one before it is over.
            if (! $segment->isAnchor && $start > $second && $end - $start < ($segment->shortMinutes ?? $segment->minutes)) {
                $start = max($start - self::GAP, min($start, $to - $segment->minutes));
                $end = min($start + $segment->minutes, $to);
            }
            if ($segment->isAnchor || $end - $start >= ($segment->shortMinutes ?? $segment->minutes)) {
                $kept[] = $segment->at($start, $end - $start);
            }
        }

        $titles = array_column($kept, 'title');

        return array_values(
            array_filter($kept, static fn (TemplateSegment $s): bool => in_array(self::UNDONE[$s->title] ?? $s->title, $titles, true)),
        );
    }

    /** The word of a job or its place that tells of a roof over what is played; null where none does. */
    public function roof(string $words): ?string
    {
        $found = [];

        return $this === self::MatchDay && preg_match(self::ROOF, $words, $found) === 1 ? mb_strtolower($found[0]) : null;
    }

    /**
     * @param  list<TemplateSegment>  $segments
     * @return list<TemplateSegment>
     */
    private function laidBack(array $segments, int $until): array
    {
        $at = [];
        $laid = [];
        foreach (array_reverse($segments) as $segment) {
            $start = min(array_map(static fn (string $lane): int => $at[$lane] ?? $until, $segment->lanes())) - self::GAP - $segment->minutes;
            $at = [...$at, ...array_fill_keys($segment->lanes(), $start)];
            $laid[] = $segment->at($start);
        }

        return $laid;
    }

    /**
     * @param  list<TemplateSegment>  $segments
     * @return list<TemplateSegment>
     */
    private function laidOn(array $segments, int $from): array
    {
        $at = [];
        $laid = [];
        foreach ($segments as $segment) {
            $start = max(array_map(static fn (string $lane): int => $at[$lane] ?? $from, $segment->lanes())) + self::GAP;
            $at = [...$at, ...array_fill_keys($segment->lanes(), $start + $segment->minutes)];
            $laid[] = $segment->at($start);
        }

        return $laid;
    }
}
