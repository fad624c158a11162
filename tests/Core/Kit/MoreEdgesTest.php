<?php

declare(strict_types=1);

namespace Tests\Core\Kit;

use NorthSatchel\ImpossibleValue;
use NorthSatchel\Kit\BatteryBudget;
use NorthSatchel\Kit\Judge\DueJudge;
use NorthSatchel\Kit\Judge\LossReport;
use NorthSatchel\Kit\KitLanes;
use NorthSatchel\Kit\Needs\Ask;
use NorthSatchel\Kit\Needs\AskedNeeds;
use NorthSatchel\Kit\Needs\Need;
use NorthSatchel\Kit\Needs\NeedWhat;
use NorthSatchel\Kit\Shelf\Gear;
use NorthSatchel\Kit\Shelf\GearKind;
use NorthSatchel\Kit\Shelf\Ownership;
use NorthSatchel\Kit\Test\PlainFrame;
use NorthSatchel\Time\Priority;
use NorthSatchel\Verdict;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What is due, asked for by hand, seen on a plain wall: whole sentences, and right at the edge. */
final class MoreEdgesTest extends TestCase
{
    use GearHelp;

    /** @return list<array{string, Ownership, string}> due on, how it came, what is said on 1 June of a job on 10 June */
    public static function due(): array
    {
        return [
            ['2030-06-10', Ownership::Hired, ''],
            ['2030-06-09', Ownership::Hired, 'fix Tele is due back before the job. It is hired from Odd until 2030-06-09, and '.
                'the job is on 2030-06-10: ask for longer, or take another.'],
            ['2030-06-09', Ownership::Borrowed, 'fix Tele is due back before the job. It is borrowed from Odd until 2030-06-09, and the job is on '.
                '2030-06-10: ask for longer, or take another.'],
        ];
    }

    #[DataProvider('due')]
    public function test_what_goes_back_before_a_job(string $on, Ownership $how, string $said): void
    {
        $this->assertSame($said, self::said(DueJudge::of([self::borrowed($on, $how)], '2030-06-01', '2030-06-10')));
    }

    /** @return list<array{string, string}> due on, what is said of it on 1 June, where no job wants it */
    public static function days(): array
    {
        return [
            ['2030-06-01', 'mind Tele goes back to Odd on 2030-06-01. That is today.'],
            ['2030-06-02', 'mind Tele goes back to Odd on 2030-06-02. In 1 day.'],
            ['2030-06-03', 'mind Tele goes back to Odd on 2030-06-03. In 2 days.'],
            ['2030-06-08', 'mind Tele goes back to Odd on 2030-06-08. In 7 days.'],
            ['2030-06-09', ''],
            ['2030-05-31', 'fix Tele is overdue. It was due back to Odd on 2030-05-31, 1 day ago.'],
            ['2030-05-30', 'fix Tele is overdue. It was due back to Odd on 2030-05-30, 2 days ago.'],
        ];
    }

    #[DataProvider('days')]
    public function test_what_goes_back_soon(string $on, string $said): void
    {
        $this->assertSame($said, self::said(DueJudge::of([self::borrowed($on, Ownership::Hired)], '2030-06-01')));
    }

    private static function borrowed(string $due, Ownership $how): Gear
    {
        return new Gear(1, 'Tele', GearKind::Lens, ownership: $how, fromWhom: 'Odd', dueOn: $due);
    }

    /** @param  list<Verdict>  $verdicts */
    private static function said(array $verdicts): string
    {
        return implode(' ', array_map(static fn (Verdict $v): string => "{$v->severity->value} {$v->finding} {$v->because}", $verdicts));
    }

    public function test_lights_that_are_asked_for(): void
    {
        $titles = static fn (int $count, ?float $distance, ?float $stop = 8.0): array => array_map(
            static fn (Need $n): string => "{$n->count} {$n->title}",
            AskedNeeds::asked([], [new Ask(1, NeedWhat::Light, $count, Priority::Must, distanceM: $distance, fNumber: $stop)]),
        );
        $this->assertSame(['1 a light'], $titles(1, null));
        $this->assertSame(['2 2 lights'], $titles(2, null));
        // f/8 at 3 m is guide number 24 (ISO 1230).
        $this->assertSame(['1 guide number 24 m', '1 a trigger for the lights', '1 a stand'], $titles(1, 3.0));
        $this->assertSame(['2 guide number 24 m, 2 of them', '1 a trigger for the lights', '2 2 stands'], $titles(2, 3.0));
        $this->assertSame(['2 2 lights', '1 a trigger for the lights', '2 2 stands'], $titles(2, 3.0, null));
    }

    public function test_a_wall_of_twenty_by_twenty_is_the_least(): void
    {
        $wall = static fn (int $width, int $height): array => array_fill(0, $height, array_fill(0, $width, 0.5));
        $this->assertSame([], PlainFrame::of($wall(20, 20))->spots);
        $uneven = $wall(20, 20);
        $uneven[7][] = 0.5;
        foreach ([$wall(19, 20), $wall(20, 19), $uneven] as $rows) {
            try {
                PlainFrame::of($rows);
                $this->fail('it was taken');
            } catch (ImpossibleValue $e) {
                $this->assertSame('rows', $e->field);
            }
        }
    }

    public function test_a_second_photographer_takes_the_last_body_and_never_the_only_one(): void
    {
        $body = static fn (int $id): Gear => self::body($id, "Body {$id}");
        $stretch = static fn (string ...$lanes): array => [
            self::stretch(1, 'Walk', 10, 30, [['Bench', 'should', 30, null]], array_values($lanes)),
        ];
        $this->assertSame([1 => 'lead'], KitLanes::of([$body(1)], $stretch('lead', 'second')));
        $this->assertSame([2 => 'second', 1 => 'lead'], KitLanes::of([$body(1), $body(2)], $stretch('lead', 'second')));
        $this->assertSame(
            [3 => 'second', 1 => 'lead', 2 => 'lead'],
            KitLanes::of([$body(1), $body(2), $body(3)], $stretch('lead', 'second', 'assistant')),
            'an assistant holds and carries',
        );
        $this->assertSame([1 => 'lead', 2 => 'lead'], KitLanes::of([$body(1), $body(2)], $stretch('lead')));
    }

    public function test_a_body_without_a_cell_is_a_body_all_the_same(): void
    {
        $cell = new Need('cell-OV-16', NeedWhat::Cell, 2, Priority::Must, true, '2 charged cells', 'For Body A.', [], ['cell_type' => 'OV-16']);
        $body = new Need('body', NeedWhat::Body, 1, Priority::Must, true, 'a body', 'One for the lead.');
        $reach = ['focal_mm' => 24.0, 'up_to_mm' => 60.0];
        $lens = new Need('reach', NeedWhat::Reach, 1, Priority::Must, false, 'a lens from 24 to 60 mm', 'Usual.', [], $reach);
        $light = new Need('light', NeedWhat::Light, 1, Priority::Must, false, 'a light', 'Asked for.');
        $bag = [self::body(1, 'Body A'), self::lens(2, 'Zoom', 24, 70, 2.8)];
        $said = static fn (array $rest): array => array_map(
            static fn (Verdict $v): string => "{$v->code} {$v->finding} ".($v->remedy->label ?? ''),
            (new LossReport($bag, $rest, [$cell, $body, $lens, $light]))->verdicts(),
        );
        // That cells are short is one finding, with or without some on the shelf; what is really missing is another.
        $is = static fn (string $v): bool => str_starts_with($v, 'kit.unmet');
        $unmet = static fn (array $rest): array => array_values(array_filter($said($rest), $is));
        $this->assertSame(['kit.unmet The bag does not give 2 charged cells. ', 'kit.unmet The bag does not give a light. '], $unmet([]));
        $flash = self::gear(9, 'Flash 1', GearKind::Flash, [], 400);
        $this->assertSame(
            ['kit.unmet The bag does not give 2 charged cells. Put Cell 1 and Cell 2 in', 'kit.unmet The bag does not give a light. Put Flash 1 in'],
            $unmet([...self::cells(20, 3), $flash]),
        );
        $this->assertNotContains('kit.survives', array_map(static fn (string $v): string => strtok($v, ' ') ?: '', $said([])));
    }

    public function test_what_must_be_of_one_kind_with_the_rest(): void
    {
        $need = static fn (NeedWhat $what, string $field, string $is): Need => new Need(
            'n', $what, 1, Priority::Must, false, 'it', 'So.', [], [$field => $is],
        );
        $cases = [
            [NeedWhat::Trigger, GearKind::Trigger, 'radio', GearKind::Flash],
            [NeedWhat::Reader, GearKind::Reader, 'card_type', GearKind::Card],
            [NeedWhat::Charger, GearKind::Charger, 'cell_type', GearKind::Cell],
            [NeedWhat::Cell, GearKind::Cell, 'cell_type', GearKind::Charger],
            [NeedWhat::Card, GearKind::Card, 'card_type', GearKind::Reader],
        ];
        foreach ($cases as [$what, $kind, $field, $other]) {
            $this->assertTrue($need($what, $field, 'A1')->isGivenBy(self::gear(1, 'x', $kind, [$field => 'a1'])), "{$what->value}: case is nothing");
            $this->assertFalse($need($what, $field, 'A1')->isGivenBy(self::gear(1, 'x', $kind, [$field => 'B2'])), "{$what->value}: another type");
            $this->assertTrue($need($what, $field, 'A1')->isGivenBy(self::gear(1, 'x', $kind)), "{$what->value}: nobody said which");
            $this->assertTrue($need($what, $field, '')->isGivenBy(self::gear(1, 'x', $kind, [$field => 'B2'])), "{$what->value}: any will do");
            $this->assertFalse($need($what, $field, 'A1')->isGivenBy(self::gear(1, 'x', $other, [$field => 'A1'])), "{$what->value}: another kind");
        }
    }

    public function test_a_reserve_is_a_share_of_a_charge(): void
    {
        $charges = static fn (float $reserve): int => BatteryBudget::of(400, 500.0, 0.0, 40.0, 20.0, $reserve)->charges;
        // 400 of 500 frames are 0.8 of a charge.
        $this->assertSame([1, 1, 2, 80], [$charges(0.0), $charges(0.2), $charges(0.21), $charges(0.99)]);
        foreach ([-0.01, 1.0, 1.5] as $no) {
            try {
                $charges($no);
                $this->fail("{$no} was taken");
            } catch (ImpossibleValue $e) {
                $this->assertSame('reserve', $e->field);
            }
        }
    }
}
