<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use NorthSatchel\ImpossibleValue;
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
            $this->assertGreaterThanOrEqual($ends[$s->lane] ?? 0, $s->start, "{$s->title} overlaps the one before");
            $ends[$s->lane] = $s->start + $s->minutes;
        }
        $this->assertSame([], array_diff(array_column($whole, 'title'), $t->titles()), 'with room for all, all are there');
    }
}
