<?php

declare(strict_types=1);

namespace Tests\Core\People;

use NorthSatchel\ImpossibleValue;
use NorthSatchel\Optics\FieldOfView;
use NorthSatchel\Optics\RowsFocus;
use NorthSatchel\People\FamilyLine;
use NorthSatchel\People\FamilyText;
use NorthSatchel\People\GroupSetup;
use NorthSatchel\People\HiddenFace;
use NorthSatchel\People\Place;
use NorthSatchel\People\Relative;
use NorthSatchel\People\RowDrawing;
use NorthSatchel\People\RowPlan;
use NorthSatchel\Verdict;
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
        $this->assertEqualsCanonicalizing(['Mor', 'Bebi', 'Kid'], self::names($rows[0]));
        $this->assertContains('Ale', self::names($rows[1]), 'the two stay in front though he is tall');
        $this->assertContains('P15', self::names($rows[2]));
        $this->assertNotContains('P1', self::names($rows[2]));
        $middle = array_values(array_filter($rows[1], static fn (Place $p): bool => in_array($p->name, ['Tua', 'Ale'], true)));
        $this->assertLessThan(0.6, max(array_map(static fn (Place $p): float => abs($p->x), $middle)), 'the two in the middle');
        $this->assertCount(20, array_merge(...$rows));
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
            },
            $straight,
            RowPlan::class,
        )();
        $this->assertEquals([new HiddenFace('B', 'A')], $straight->hidden(6.0));
    }

    public function test_the_lens_holds_the_width_and_the_room_decides(): void
    {
        $people = self::people(20);
        $setup = GroupSetup::best($people, [85, 50, 35, 24], 8.0, 12.0);
        $this->assertTrue($setup->fits);
        $this->assertLessThanOrEqual(8.0, $setup->distanceM);
        $this->assertGreaterThanOrEqual(
            $setup->rows->widthM() / 1.2,
            FieldOfView::of($setup->focalMm, 36, 24, $setup->distanceM)->widthM,
            'all of them, without the margin',
        );
        $tight = GroupSetup::best($people, [85, 50], 2.0, 12.0);
        $this->assertSame('people.no-room', $tight->verdicts()->worst()?->code);
        $free = GroupSetup::best($people, [85, 50, 35], null, 12.0);
        $this->assertSame(85, $free->focalMm, 'with all the room the kindest lens');
    }

    public function test_stop_focus_and_light_are_those_of_the_optics(): void
    {
        $setup = GroupSetup::best(self::people(16), [50], 12.0, 9.0, rowCount: 3);
        $expected = RowsFocus::of(50, GroupSetup::COC_MM, $setup->rows->rowDistances($setup->rows->distanceM(50, 36)));
        $this->assertEqualsWithDelta([$expected->fNumber, $expected->focusM], [$setup->focus->fNumber, $setup->focus->focusM], 0.05);
        // f²·shutter = 2^EV · ISO/100, to a third of a stop.
        $ev = log($setup->focus->fNumber ** 2 * (int) $setup->shutter, 2) - log((int) $setup->iso / 100, 2);
        $this->assertEqualsWithDelta(9.0, $ev, 0.2);
        $dark = GroupSetup::best(self::people(30), [85], 30.0, 1.0, rowCount: 5);
        $this->assertTrue($dark->verdicts()->has('people.dark'));
        $deep = GroupSetup::best(self::people(12), [200], null, 12.0, rowCount: 6);
        $this->assertContains(
            $deep->focus->fNumber === null ? 'people.soft' : 'people.focus',
            array_map(static fn (Verdict $v): string => $v->code, iterator_to_array($deep->verdicts())),
        );
    }

    public function test_the_drawing_keeps_left_and_right_and_front_and_back(): void
    {
        $setup = GroupSetup::best(self::people(9), [50], 10.0, 12.0, rowCount: 2);
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
                [85],
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
}
