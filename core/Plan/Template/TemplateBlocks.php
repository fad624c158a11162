<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Template;

use NorthSatchel\Time\Priority;

/** What the day of each kind holds, before it is laid; orders and lengths are common practice, no source. */
final class TemplateBlocks
{
    /**
     * @return array{list<TemplateSegment>, TemplateSegment, list<TemplateSegment>, TemplateSegment, list<TemplateSegment>} before, first
     * anchor, between, second anchor, after
     */
    public static function of(DayTemplate $template): array
    {
        $s = static fn (
            string $title,
            int $minutes,
            Priority $priority,
            string $lane = 'lead',
            bool $isOutdoor = false,
            bool $isAnchor = false,
            ?int $shortMinutes = null,
            bool $mayMove = false,
            int $takesIn = 0,
            bool $isBreak = false,
            array $shots = [],
            bool $isShared = false,
        ): TemplateSegment => new TemplateSegment(
            $title,
            $lane,
            0,
            $minutes,
            $priority,
            $isOutdoor,
            $isAnchor,
            $shortMinutes,
            $mayMove,
            $takesIn,
            $isBreak,
            array_values(array_filter($shots, is_string(...))),
            $isShared || $isAnchor,
        );
        $must = Priority::Must;
        $should = Priority::Should;
        $nice = Priority::Nice;
        $ceremony = $s('Ceremony', 45, $must, isAnchor: true, shots: ['Coming in', 'Vows', 'Rings', 'Kiss', 'Going out']);
        $dinner = $s('Dinner begins', 45, $must, isAnchor: true, takesIn: 25, shots: ['The room full', 'First speech and who listens']);
        $groups = $s(
            'Family groups',
            40,
            $must,
            shortMinutes: 25,
            mayMove: true,
            shots: ['The two with all parents', 'Grandparents', 'Brothers and sisters', 'Everybody'],
        );
        $evening = [
            // While the guests eat: nobody wants pictures of that (common practice, no source).
            $s('Meal for the photographers', 25, $should, shortMinutes: 15, isBreak: true, isShared: true),
            $s('Speeches', 40, $must, takesIn: 25, shots: ['Who speaks, who listens', 'The two while they listen'], isShared: true),
            $s('First dance', 15, $must, shots: ['First dance, wide and tight'], isShared: true),
            $s('The floor', 60, $should, shortMinutes: 30, isShared: true),
            $s('Farewell', 10, $nice),
        ];
        $room = $s('Room while it is empty', 20, $must, lane: 'second', shots: ['Tables from the door', 'Details of the tables']);
        $ready = [
            $s('Details', 30, $should, shortMinutes: 15, shots: ['Dress', 'Rings', 'Shoes and letter']),
            $s('Getting ready', 75, $must, shortMinutes: 50, shots: ['Window light', 'With the mothers']),
        ];
        $other = $s('The other one gets ready', 45, $should, lane: 'second', shortMinutes: 25);
        $arrive = $s('Guests arrive', 30, $should, lane: 'second');
        // While the lead has the two and their families (common practice, no source).
        $guests = $s('Guests among themselves', 75, $should, lane: 'second', shortMinutes: 20, shots: ['Every table, every child']);

        return match ($template) {
            DayTemplate::Wedding => [
                [...$ready, $other, $arrive],
                $ceremony,
                [
                    $s('Congratulations', 20, $should, shortMinutes: 10),
                    $groups,
                    $s(
                        'Portraits of the two',
                        40,
                        $must,
                        isOutdoor: true,
                        shortMinutes: 20,
                        shots: ['Walking', 'Standing close', 'Against the light'],
                    ),
                    $room,
                    $guests,
                ],
                $dinner,
                $evening,
            ],
            DayTemplate::WeddingFirstLook => [
                [
                    ...$ready,
                    $s('First look', 20, $must, isOutdoor: true, shots: ['The turn', 'The two alone']),
                    $s('Portraits of the two', 45, $must, isOutdoor: true, shortMinutes: 25, shots: ['Walking', 'Standing close']),
                    $s('Closest family', 20, $should, shortMinutes: 12),
                    $other,
                    $arrive,
                ],
                $ceremony,
                [$s('Congratulations', 20, $should, shortMinutes: 10), $groups, $room, $guests],
                $dinner,
                $evening,
            ],
            DayTemplate::Stops => [
                [$s('Load the car by the list', 20, $must, shortMinutes: 15)],
                $s('First stop', 60, $must, isAnchor: true),
                [
                    $s('Second stop', 60, $must, shortMinutes: 45),
                    $s('Meal', 20, $should, isBreak: true),
                    $s('Third stop', 60, $must, shortMinutes: 45),
                ],
                $s('Last stop', 60, $must, isAnchor: true),
                [$s('Both cards copied', 30, $must)],
            ],
            DayTemplate::StageEvent => [
                [
                    $s('Arrive, light and positions', 60, $must, shortMinutes: 40),
                    $s('Portraits behind the stage', 20, $should, shortMinutes: 10),
                    $s('Meal', 20, $should, isBreak: true, isShared: true),
                ],
                $s('Opening', 20, $must, isAnchor: true, shots: ['Full stage from the back', 'First speaker']),
                [$s('Programme, audience and details', 60, $must, shortMinutes: 40, isShared: true)],
                $s('End and applause', 15, $must, isAnchor: true, shots: ['Applause from the stage']),
                [$s('Guests and farewells', 30, $nice, shortMinutes: 15)],
            ],
            DayTemplate::MatchDay => [
                [
                    $s('Set up remotes', 45, $must, shortMinutes: 30),
                    $s('Team pictures', 30, $must, isOutdoor: true),
                    $s('Meal', 20, $should, isBreak: true, isShared: true),
                    $s('Warm-up', 20, $should, isOutdoor: true, isShared: true),
                ],
                $s('First half', 45, $must, isOutdoor: true, isAnchor: true),
                [$s('Send pictures', 10, $must)],
                $s('Second half', 45, $must, isOutdoor: true, isAnchor: true),
                [$s('Celebrations', 20, $must, isOutdoor: true, isShared: true), $s('Take the remotes down', 30, $must)],
            ],
            DayTemplate::StudioDay => [
                [$s('Set the light, test frames', 120, $must, shortMinutes: 75)],
                $s('First setup', 90, $must, isAnchor: true, takesIn: 15),
                [
                    $s('Second setup', 90, $must, shortMinutes: 60),
                    $s('Meal', 40, $must, isBreak: true, shortMinutes: 25),
                    $s('Third setup', 90, $should, shortMinutes: 60, mayMove: true),
                ],
                $s('Sign-off and copies', 30, $must, isAnchor: true),
                [$s('Strike, lights secured', 45, $must)],
            ],
        };
    }
}
