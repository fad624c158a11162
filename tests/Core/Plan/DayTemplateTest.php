<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use NorthSatchel\ImpossibleValue;
use NorthSatchel\JobKind;
use NorthSatchel\Plan\Template\DayTemplate;
use NorthSatchel\Plan\Template\TemplateSegment;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class DayTemplateTest extends TestCase
{
    /** @return array<string, array{DayTemplate}> */
    public static function templates(): array
    {
        return array_combine(
            array_map(static fn (DayTemplate $t): string => $t->value, DayTemplate::cases()),
            array_map(static fn (DayTemplate $t): array => [$t], DayTemplate::cases()),
        );
    }

    public function test_what_was_not_set_up_is_not_taken_down(): void
    {
        $whole = DayTemplate::MatchDay->fill(11 * 60, 12 * 60);
        $titles = static fn (int $from): array => array_column(DayTemplate::fitting($whole, $from, 18 * 60, 12 * 60), 'title');
        $this->assertContains('Take the remotes down', $titles(8 * 60));
        $this->assertContains('Set up remotes', $titles(8 * 60));
        $this->assertNotContains('Set up remotes', $titles(9 * 60 + 30));
        $this->assertNotContains('Take the remotes down', $titles(9 * 60 + 30));
        $this->assertContains('Celebrations', $titles(9 * 60 + 30));
    }

    public function test_a_match_under_a_roof_is_told_by_its_words(): void
    {
        $roof = DayTemplate::MatchDay->roof(...);
        $this->assertSame(['handball', 'hall', 'sports hall', null, null], array_map($roof, [
            'Under-15 handball, semi-finals', 'Finals Norrsund Hall', 'Finals Kvarnby sports hall', 'School cup Halland field', 'Regatta',
        ]));
        $this->assertNull(DayTemplate::Wedding->roof('Barn and hall'), 'where portraits are outdoors it is not for a word to say');
    }

    #[DataProvider('templates')]
    public function test_the_anchors_stand_where_they_were_put_and_nothing_overlaps_before_them(DayTemplate $template): void
    {
        $segments = $template->fill(15 * 60, 20 * 60 + 30);
        $anchors = array_values(
            array_map(
                static fn (TemplateSegment $s): int => $s->start,
                array_filter($segments, static fn (TemplateSegment $s): bool => $s->isAnchor),
            ),
        );
        $this->assertSame([900, 1230], $anchors);
        $ends = [];
        foreach (array_filter($segments, static fn (TemplateSegment $s): bool => $s->start < 900) as $segment) {
            $this->assertGreaterThanOrEqual($ends[$segment->lane] ?? 0, $segment->start, $segment->title);
            $ends[$segment->lane] = $segment->start + $segment->minutes;
        }
        $this->assertGreaterThan(5, count($segments));
        $this->assertStringContainsString('(', $template->label());
    }

    public function test_what_comes_before_is_laid_back_from_the_anchor(): void
    {
        $titles = array_column(DayTemplate::WeddingFirstLook->fill(900, 1230), 'start', 'title');
        $this->assertSame(900 - 10 - 20, $titles['Closest family']);
        $this->assertSame($titles['Closest family'] - 10 - 45, $titles['Portraits of the two']);
        $this->assertLessThan($titles['First look'], $titles['Getting ready']);
        $this->assertSame(900 + 45 + 10, $titles['Congratulations']);
    }

    public function test_anchors_that_cannot_be_are_refused_by_field(): void
    {
        foreach ([[900, 930, 'second_anchor'], [60, 1230, 'first_anchor']] as [$first, $second, $field]) {
            try {
                DayTemplate::Wedding->fill($first, $second);
                $this->fail('It was filled.');
            } catch (ImpossibleValue $e) {
                $this->assertSame($field, $e->field);
            }
        }
    }

    /** @return iterable<string, array{DayTemplate, int, int, int, int}> */
    public static function days(): iterable
    {
        foreach (DayTemplate::cases() as $template) {
            foreach ([[900, 1110, 600, 1380], [900, 1020, 840, 1080], [780, 1020, 720, 1440], [600, 720, 480, 1050]] as $day) {
                yield $template->value.' '.implode(' ', $day) => [$template, ...$day];
            }
        }
    }

    #[DataProvider('days')]
    public function test_what_is_laid_fits_the_covered_hours_and_overlaps_nothing(DayTemplate $t, int $first, int $second, int $from, int $to): void
    {
        try {
            $whole = $t->fill($first, $second);
        } catch (ImpossibleValue) {
            $this->addToAssertionCount(1);

            return;
        }
        $ends = [];
        foreach (DayTemplate::fitting($whole, $from, $to, $second) as $s) {
            if (! $s->isAnchor) {
                $this->assertGreaterThanOrEqual($from, $s->start, $s->title);
                $this->assertLessThanOrEqual($to, $s->start + $s->minutes, $s->title);
                $this->assertGreaterThanOrEqual($s->shortMinutes ?? $s->minutes, $s->minutes, $s->title);
            }
            foreach ($s->lanes() as $lane) {
                $this->assertGreaterThanOrEqual($ends[$lane] ?? 0, $s->start, "{$s->title} overlaps the one before of the {$lane}");
                $ends[$lane] = $s->start + $s->minutes;
            }
        }
        $this->assertSame([], array_diff(array_column($whole, 'title'), $t->titles()), 'with room for all, all are there');
    }

    public function test_two_photographers_have_work_in_every_scene(): void
    {
        foreach ([DayTemplate::Wedding, DayTemplate::WeddingFirstLook] as $template) {
            $of = ['lead' => [], 'second' => []];
            foreach ($template->fill(840, 1110) as $s) {
                foreach ($s->isBreak ? [] : $s->lanes() as $lane) {
                    $of[$lane] = [...$of[$lane], ...range($s->start, $s->start + $s->minutes - 1, 5)];
                }
            }
            $round = static fn (int $m): int => $m - $m % 5;
            $idle = array_diff(array_map($round, $of['lead']), array_map($round, $of['second']));
            $afterNoon = array_filter($idle, static fn (int $m): bool => $m >= 840);
            $this->assertLessThan(30, 5 * count($afterNoon), 'while the lead works, but for a few minutes between two scenes');
            $shared = array_values(array_filter(
                $template->fill(840, 1110),
                static fn (TemplateSegment $s): bool => $s->isShared && ! $s->isBreak && ! $s->isAnchor,
            ));
            $this->assertSame(
                ['Speeches', 'First dance', 'The floor'],
                array_column($shared, 'title'),
            );
        }
    }

    public function test_who_is_alone_gets_what_must_be_and_nothing_of_a_second(): void
    {
        $alone = DayTemplate::Wedding->fill(840, 1110, true);
        $lanes = array_merge(...array_map(static fn (TemplateSegment $s): array => $s->lanes(), $alone));
        $this->assertSame(['lead'], array_values(array_unique($lanes)));
        $titles = array_column($alone, 'title');
        $this->assertContains('Room while it is empty', $titles, 'a must');
        $this->assertNotContains('Guests arrive', $titles);
        $this->assertNotContains('Guests arrive', DayTemplate::Wedding->titles(true), 'and it is not said to be left out');
        $this->assertTrue(DayTemplate::StageEvent->isForTwo());
        $this->assertFalse(DayTemplate::Stops->isForTwo());
        $this->assertTrue(DayTemplate::usual(JobKind::Wedding)->isForTwoAsARule());
        $this->assertFalse(DayTemplate::usual(JobKind::Event)->isForTwoAsARule());
        $this->assertSame(DayTemplate::StudioDay, DayTemplate::usual(JobKind::Commercial));
    }

    public function test_the_last_is_taken_where_it_fits_right_after_the_one_before(): void
    {
        $titles = static fn (int $to): array => array_column(DayTemplate::fitting(DayTemplate::Wedding->fill(840, 1110), 660, $to, 1110), 'title');
        $this->assertContains('Farewell', $titles(1350), 'the floor ends at 22:15, and 22:30 is the end');
        $this->assertContains('Farewell', $titles(1345));
        $this->assertNotContains('Farewell', $titles(1340));
    }
}
