<?php

declare(strict_types=1);

namespace Tests\Core\People;

use NorthSatchel\Exposure\SceneExposure;
use NorthSatchel\ImpossibleValue;
use NorthSatchel\Optics\FieldOfView;
use NorthSatchel\Optics\RowsFocus;
use NorthSatchel\People\Attendance;
use NorthSatchel\People\ChildHeight;
use NorthSatchel\People\Family;
use NorthSatchel\People\FamilyLine;
use NorthSatchel\People\FamilyText;
use NorthSatchel\People\GroupSetup;
use NorthSatchel\People\GroupStop;
use NorthSatchel\People\HiddenFace;
use NorthSatchel\People\Place;
use NorthSatchel\People\Relative;
use NorthSatchel\People\RowDrawing;
use NorthSatchel\People\RowPlan;
use NorthSatchel\People\ShortNames;
use NorthSatchel\People\StandLens;
use NorthSatchel\Verdict;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class RowsTest extends TestCase
{
    /** @return list<Relative> heights from 150 cm up, every one named by a letter */
    private static function people(int $count, string ...$more): array
    {
        $lines = array_map(static fn (int $i): FamilyLine => new FamilyLine(name: "P{$i}", text: 150 + $i * 2 .' cm'), range(1, $count));
        foreach ($more as $line) {
            [$name, $text] = explode(',', $line, 2);
            $lines[] = new FamilyLine(name: $name, text: $text);
        }

        return FamilyText::read($lines);
    }

    /** @return non-empty-list<StandLens> f/1.4 lenses of the full format */
    private static function lenses(int ...$mm): array
    {
        return array_map(static fn (int $one): StandLens => new StandLens(null, $one, 1.4), array_values($mm));
    }

    /** @return list<string> */
    private static function names(array $row): array
    {
        return array_map(static fn (Place $p): string => $p->name, $row);
    }

    public function test_who_sits_or_is_small_is_in_front_and_the_tallest_behind(): void
    {
        $rows = RowPlan::of(
            self::people(15, 'Tua, bride, 165 cm', 'Ale, groom, 190 cm', 'Mor, elderly, seated', 'Bebi, infant', 'Kid, 120 cm'),
            3,
            false,
        )->rows;
        $this->assertEqualsCanonicalizing(['Mor', 'Kid'], self::names($rows[0]));
        $this->assertContains('Ale', self::names($rows[1]), 'the two stay in front though he is tall');
        $this->assertContains('P15', self::names($rows[2]));
        $this->assertNotContains('P1', self::names($rows[2]));
        $middle = array_values(array_filter($rows[1], static fn (Place $p): bool => in_array($p->name, ['Tua', 'Ale'], true)));
        $this->assertLessThan(0.6, max(array_map(static fn (Place $p): float => abs($p->x), $middle)), 'the two in the middle');
        $this->assertCount(19, array_merge(...$rows), 'the infant is held');
    }

    public function test_who_must_not_be_side_by_side_stand_at_the_ends(): void
    {
        $row = self::names(
            RowPlan::of(self::people(7, 'One, 200 cm, not beside Other', 'Other, 201 cm, not beside One'), 1, false)->rows[0],
        );
        $this->assertEqualsCanonicalizing(['One', 'Other'], [$row[0], $row[count($row) - 1]]);
    }

    public function test_every_face_has_a_free_line_to_the_lens(): void
    {
        foreach ([2, 3, 4] as $count) {
            foreach ([11, 16, 24] as $size) {
                // On the level a third row stands behind the first: it wants steps.
                $rows = RowPlan::of(self::people($size), $count, $count > 2);
                $distance = $rows->distanceM(50, 36);
                $this->assertSame([], $rows->fanned($distance)->hidden($distance), "{$size} in {$count} rows");
            }
        }
        // All in one line behind each other: the second is hidden by the taller first, and free on high steps.
        $two = FamilyText::read([new FamilyLine(name: 'A', text: 'bride, 190 cm'), new FamilyLine(name: 'B', text: '160 cm')]);
        $tall = RowPlan::of($two, 2, false);
        $same = array_map(
            static fn (array $row): array => array_map(
                static fn (Place $p): Place => new Place($p->name, $p->row, 0.0, $p->depthM, $p->eyesM, $p->topM, false),
                $row,
            ),
            $tall->rows,
        );
        $straight = (new \ReflectionClass(RowPlan::class))->newInstanceWithoutConstructor();
        \Closure::bind(
            function () use ($same): void {
                $this->rows = $same;
                $this->isOnSteps = false;
                $this->held = [];
            },
            $straight,
            RowPlan::class,
        )();
        $this->assertEquals([new HiddenFace('B', 'A')], $straight->hidden(6.0));
    }

    public function test_the_lens_holds_the_width_and_the_room_decides(): void
    {
        $people = self::people(20);
        $setup = GroupSetup::best($people, self::lenses(85, 50, 35, 24), 8.0, 12.0);
        $this->assertTrue($setup->fits);
        $this->assertLessThanOrEqual(8.0, $setup->distanceM);
        $this->assertGreaterThanOrEqual(
            $setup->rows->widthM() / 1.2,
            FieldOfView::of($setup->lens->focalMm, 36, 24, $setup->distanceM)->widthM,
            'all of them, without the margin',
        );
        $tight = GroupSetup::best($people, self::lenses(85, 50), 2.0, 12.0);
        $this->assertSame('people.no-room', $tight->verdicts()->worst()?->code);
        $free = GroupSetup::best($people, self::lenses(85, 50, 35), null, 12.0);
        $this->assertSame(50, $free->lens->focalMm, 'with all the room the kindest lens from which they still hear one');
        $this->assertSame(85, GroupSetup::best(self::people(5), self::lenses(85, 50, 35), null, 12.0)->lens->focalMm);
    }

    public function test_stop_focus_and_light_are_those_of_the_optics(): void
    {
        $setup = GroupSetup::best(self::people(16), self::lenses(50), 12.0, 9.0, rowCount: 3);
        $distances = $setup->rows->rowDistances($setup->rows->distanceM(50, 36));
        $least = RowsFocus::of(50, GroupSetup::COC_MM, [min($distances) - GroupStop::HEAD_M, max($distances) + GroupStop::HEAD_M]);
        $this->assertEqualsWithDelta($least->focusM, $setup->focus->focusM, 0.001);
        $this->assertGreaterThanOrEqual($least->fNumber, $setup->focus->fNumber, 'heads and an error of focusing are counted');
        // f²·shutter = 2^EV · ISO/100, to a third of a stop.
        $ev = log($setup->focus->fNumber ** 2 * (int) $setup->shutter, 2) - log((int) $setup->iso / 100, 2);
        $this->assertEqualsWithDelta(9.0, $ev, 0.2);
        $dark = GroupSetup::best(self::people(30), self::lenses(85), 30.0, 1.0, rowCount: 5);
        $this->assertTrue($dark->verdicts()->has('people.dark'));
        $deep = GroupSetup::best(self::people(12), self::lenses(200), null, 12.0, rowCount: 6);
        $this->assertContains(
            $deep->focus->fNumber === null ? 'people.soft' : 'people.focus',
            array_map(static fn (Verdict $v): string => $v->code, iterator_to_array($deep->verdicts())),
        );
    }

    public function test_two_rows_are_exposed_as_the_sheet_of_the_day_says(): void
    {
        for ($ev = 6.5; $ev <= 13.0; $ev += 0.5) {
            $setup = GroupSetup::best(self::people(12), self::lenses(50), 12.0, $ev, rowCount: 2);
            $sheet = SceneExposure::of('Family groups', $ev)->settings;
            $this->assertSame(
                [$sheet->fNumber, $sheet->shutter, $sheet->iso],
                [$setup->focus->fNumber, $setup->shutter, $setup->iso],
                "EV {$ev}",
            );
        }
    }

    public function test_the_drawing_keeps_left_and_right_and_front_and_back(): void
    {
        $setup = GroupSetup::best(self::people(9), self::lenses(50), 10.0, 12.0, rowCount: 2);
        $drawing = new RowDrawing($setup);
        $heads = array_column($drawing->heads(), null, 'name');
        foreach ($setup->rows->rows as $row) {
            $x = array_map(static fn (Place $p): float => $heads[$p->name]->x, $row);
            $sorted = $x;
            sort($sorted);
            $this->assertSame($sorted, $x);
        }
        $this->assertGreaterThan(
            $heads[$setup->rows->rows[1][0]->name]->y,
            $heads[$setup->rows->rows[0][0]->name]->y,
            'the front row is nearer to the camera',
        );
        $this->assertNotNull($drawing->sharp());
        $this->assertCount(9, $drawing->front());
        foreach ([1, 9] as $size) {
            $tall = GroupSetup::best(
                FamilyText::read(array_map(static fn (int $i): FamilyLine => new FamilyLine(name: "T{$i}", text: '196 cm'), range(1, $size))),
                self::lenses(85),
                null,
                12.0,
                isOnSteps: true,
            );
            $this->assertGreaterThanOrEqual(
                20.0,
                min(array_column((new RowDrawing($tall))->front(), 'y')),
                'no head is cut off, and its name is read',
            );
        }
        $this->assertCount(9, $drawing->sights());
    }

    public function test_an_infant_in_arms_has_a_name_of_its_own_place(): void
    {
        $setup = GroupSetup::best(self::people(4, 'Ti, infant'), self::lenses(50), 10.0, 12.0, rowCount: 1);
        foreach ((new RowDrawing($setup))->heads() as $head) {
            $this->assertSame($head->name === 'Ti', $head->labelY > $head->y, $head->name);
        }
    }

    public function test_nobody_and_too_many_rows_are_refused(): void
    {
        foreach ([[[], 2, 'people'], [self::people(3), 7, 'rows']] as [$people, $rows, $field]) {
            try {
                RowPlan::of($people, $rows, false);
                $this->fail('It was taken.');
            } catch (ImpossibleValue $e) {
                $this->assertSame($field, $e->field);
            }
        }
    }

    public function test_who_is_not_to_touch_does_not_from_either_side_and_without_room_it_is_said(): void
    {
        $family = new Family(FamilyText::read([
            new FamilyLine('Ada', 'bride'), new FamilyLine('Bo', 'groom'), new FamilyLine('Mo', 'not beside Pa, 180 cm'),
            new FamilyLine('Pa', '179 cm'), new FamilyLine('Lo', '178 cm'), new FamilyLine('Ke', '177 cm'),
        ]));
        $row = RowPlan::of($family->people(), 1, false);
        $names = self::names($row->rows[0]);
        $this->assertGreaterThan(1, abs(array_search('Mo', $names, true) - array_search('Pa', $names, true)));
        $this->assertSame([], $row->touching);
        $two = array_values(array_filter($family->people(), static fn (Relative $r): bool => in_array($r->name, ['Mo', 'Pa'], true)));
        $this->assertEqualsCanonicalizing(
            ['Mo', 'Pa'],
            array_values((array) RowPlan::of($two, 1, false)->touching[0]),
        );
        $this->assertTrue(GroupSetup::best($two, self::lenses(50), 9.0, 12.0, rowCount: 1)->verdicts()->has('people.beside'));
        $this->assertFalse(GroupSetup::best($family->people(), self::lenses(50), 9.0, 12.0, rowCount: 1)->verdicts()->has('people.beside'));
    }

    /** @param  list<string>  $front */
    #[TestWith([['Kim, 6', 'Oda, 88', 'Per, wheelchair'], ['Kim', 'Oda', 'Per']], 'the old sit where there are chairs anyway')]
    #[TestWith([['Kim, aged 11', 'Oda, 88', 'Per, 41'], []], 'nobody small, no chair')]
    #[TestWith([['Kim, 10 years old', 'Oda, 88', 'Per, 41'], ['Kim']])]
    #[TestWith([['Kim, 10 years old, 150 cm', 'Oda, 88', 'Per, 41'], []], 'who is measured is not guessed')]
    public function test_children_are_as_tall_as_their_age_and_the_old_sit_where_there_are_chairs(array $lines, array $front): void
    {
        $rows = RowPlan::of(self::people(6, 'Nea, bride, 165 cm', 'Arn, groom, 185 cm', ...$lines), 2, false)->rows;
        $this->assertSame($front, array_values(array_intersect(['Kim', 'Oda', 'Per'], count($rows[0]) > 3 ? [] : self::names($rows[0]))));
        foreach (array_filter(array_merge(...$rows), static fn (Place $p): bool => $p->name === 'Oda') as $oda) {
            $this->assertSame($front !== [] && in_array('Per', $front, true), $oda->sits);
        }
    }

    public function test_the_old_stand_where_they_are_wanted_between_two(): void
    {
        $people = FamilyText::read([
            new FamilyLine('Siv', '170 cm'), new FamilyLine('Per', 'not beside Siv'), new FamilyLine('Oda', '88'), new FamilyLine('Kaj', 'seated'),
        ]);
        $plan = RowPlan::of($people, 2, false);
        $this->assertSame([[['Kaj'], ['Per', 'Oda', 'Siv']], []], [array_map(self::names(...), $plan->rows), $plan->touching]);
    }

    public function test_parents_stand_next_to_the_two_before_taller_friends(): void
    {
        $people = FamilyText::read([
            new FamilyLine('Nea', 'bride'), new FamilyLine('Arn', 'groom, 180 cm'), new FamilyLine('Tor', 'friend, 199 cm'),
            new FamilyLine('Siv', 'mother of Nea, 160 cm'), new FamilyLine('Bo', 'brother of Nea, 190 cm'),
            new FamilyLine('Mor', 'mother of Arn, 161 cm'),
        ]);
        $this->assertSame([['Tor', 'Mor', 'Arn', 'Nea', 'Siv', 'Bo']], array_map(self::names(...), RowPlan::of($people, 1, false)->rows));
    }

    /** Medians of the WHO's growth standards and growth reference, girls and boys taken together; from memory. */
    public function test_ages_and_heights_of_children(): void
    {
        $this->assertSame(
            [6, 6, 5, 12, null, null, 41],
            array_map(ChildHeight::years(...), ['6', 'aged 6', '5yo', '12 years old', '3 kids', '8 months', '41']),
        );
        $this->assertSame([null, 87, 116, 168, null], array_map(ChildHeight::cm(...), [1, 2, 6, 16, 17]));
    }

    #[TestWith(['must be seated', ['seated']])]
    #[TestWith(['can only sit', ['seated']])]
    #[TestWith(['turns 100!', ['elderly']])]
    #[TestWith(['turns 30', []])]
    #[TestWith(['8 mo.', ['infant']])]
    public function test_what_somebody_needs_is_read_as_people_write_it(string $text, array $needs): void
    {
        $this->assertSame($needs, FamilyText::read([new FamilyLine('Oda', $text)])[0]->needs);
    }

    public function test_who_works_there_is_called_into_no_group(): void
    {
        $is = static fn (string $name, string $text = ''): Attendance => FamilyText::read([new FamilyLine($name, $text)])[0]->attendance;
        $this->assertSame(
            [Attendance::Works, Attendance::Works, Attendance::Comes, Attendance::Works, Attendance::Works],
            [$is('DJ'), $is('2 photographers', '1 videographer'), $is('Dj Ole'), $is('Ole', 'DJ'), $is('Ole', 'Ceremony musician')],
        );
    }

    public function test_where_no_lens_is_within_call_the_nearest_kind_one_is_taken(): void
    {
        $setup = GroupSetup::best(self::people(12), self::lenses(85, 50, 24), null, 7.0, rowCount: 1);
        $this->assertSame([50, 11.0], [$setup->lens->focalMm, $setup->distanceM]);
    }

    public function test_couples_stand_together_and_infants_are_held(): void
    {
        $family = new Family(FamilyText::read([
            new FamilyLine('Ada', 'bride, 165 cm'), new FamilyLine('Bo', 'groom, 185 cm'), new FamilyLine('Mo', 'partner of Pa, 160 cm'),
            new FamilyLine('Pa', '195 cm'), new FamilyLine('Lo', '175 cm'), new FamilyLine('Ke', '172 cm'),
            new FamilyLine('Ia', '170 cm'), new FamilyLine('Ti', 'daughter of Lo, infant'),
        ]));
        foreach ([1, 2] as $count) {
            $plan = RowPlan::of($family->people(), $count, false);
            foreach ([['Mo', 'Pa'], ['Ada', 'Bo']] as $pair) {
                $side = array_values(array_filter($plan->rows, static fn (array $row): bool => in_array($pair[0], self::names($row), true)))[0];
                $at = array_map(static fn (string $name): int|false => array_search($name, self::names($side), true), $pair);
                $this->assertSame(1, abs((int) $at[0] - (int) $at[1]), implode(' and ', $pair)." in {$count} rows");
            }
            $this->assertSame([['Ti', 'Lo']], array_map(static fn (Place $p): array => [$p->name, $p->heldBy], $plan->held));
        }
        $this->assertSame(['Ti', 'Lo'], [$plan->fanned(6.0)->held[0]->name, $plan->fanned(6.0)->held[0]->heldBy]);
        $this->assertCount(1, RowPlan::of([$family->person('Ti')], 1, false)->rows[0], 'alone, an infant lies there');
    }

    /** Depth of field: the textbook formulas of DepthOfField, checked there. */
    public function test_light_is_spent_on_depth_first_and_the_margin_is_told(): void
    {
        $people = self::people(27);
        $stop = static fn (float $ev, StandLens $lens): GroupStop => GroupSetup::best($people, [$lens], 20.0, $ev, rowCount: 3)->focus;
        $zoom = new StandLens('Zoom', 70, 2.8);
        $bright = $stop(12.0, $zoom);
        $this->assertSame([8.0, true], [$bright->fNumber, $bright->bearsError]);
        $this->assertLessThanOrEqual(800, $bright->start?->iso);
        $this->assertMatchesRegularExpression('/^sharp from \d+ cm before the front row to \d+ cm behind the back row$/', $bright->margins());
        $this->assertLessThan($bright->frontM, (float) $bright->nearM);
        $dim = $stop(7.0, $zoom);
        $this->assertLessThan(8.0, $dim->fNumber, 'light is short: no more depth than is needed');
        $this->assertGreaterThanOrEqual(2.8, $stop(2.0, $zoom)->fNumber, 'never wider than the lens goes');
        $said = GroupSetup::best($people, [$zoom], 20.0, 12.0, rowCount: 3)->verdicts();
        $findings = array_map(static fn (Verdict $v): string => $v->finding, iterator_to_array($said));
        $this->assertStringContainsString('Zoom at 70 mm', implode(' ', $findings));
        $one = GroupSetup::best(self::people(4), [new StandLens('Prime', 85, 1.4)], 20.0, 12.0, rowCount: 1);
        $this->assertSame(4.0, $one->focus->fNumber);
        $fine = GroupSetup::best($people, [new StandLens('Zoom', 70, 2.8, 1.0, 0.5)], 20.0, 12.0, rowCount: 3)->focus;
        $this->assertSame([true, false], [$bright->isSharpAtPixels, $fine->isSharpAtPixels], 'fine pixels forgive less');
    }

    public function test_where_a_face_is_hidden_a_way_that_hides_none_was_tried(): void
    {
        $people = FamilyText::read([
            new FamilyLine('Ada', 'bride, 200 cm'), new FamilyLine('Bo', 'groom, 201 cm'),
            ...array_map(static fn (int $i): FamilyLine => new FamilyLine("S{$i}", '150 cm'), range(1, 10)),
        ]);
        $level = GroupSetup::best($people, self::lenses(50), 30.0, 12.0, rowCount: 3);
        if ($level->rows->hidden($level->distanceM) === []) {
            $this->fail('On the level three rows hide somebody.');
        }
        $free = GroupSetup::free($people, self::lenses(50), 30.0, 12.0);
        $this->assertSame([], $free?->rows->hidden($free->distanceM));
        $this->assertTrue($free?->fits);
        $this->assertNull(GroupSetup::free($people, self::lenses(85), 1.0, 12.0), 'there is no room for any');
    }

    public function test_names_beside_heads_are_short_and_never_cut(): void
    {
        $this->assertSame(
            ['Olga Ek' => 'Olga Ek', 'Olga Alm' => 'Olga Alm', 'Bo' => 'Bo', 'Wilhelmina Strandberg-Lund' => 'Wilhelmina', 'Bo Ek' => 'Bo Ek'],
            ShortNames::of(['Olga Ek', 'Olga Alm', 'Bo', 'Wilhelmina Strandberg-Lund', 'Bo Ek']),
        );
        // What is said before a name is none.
        $this->assertSame(
            ['Aunt Ines' => 'Aunt Ines', 'Cousin Pim Holt' => 'Cousin Pim', 'Mr. Holt' => 'Mr. Holt', 'Baby' => 'Baby', 'Lia Ek' => 'Lia'],
            ShortNames::of(['Aunt Ines', 'Cousin Pim Holt', 'Mr. Holt', 'Baby', 'Lia Ek']),
        );
        $this->assertSame(['Baby Alva', 'Tove'], [ShortNames::first('Baby Alva Ek'), ShortNames::first('Tove Ek')]);
    }
}
