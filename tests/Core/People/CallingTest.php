<?php

declare(strict_types=1);

namespace Tests\Core\People;

use NorthSatchel\People\Calling;
use NorthSatchel\People\Family;
use NorthSatchel\People\FamilyGroup;
use NorthSatchel\People\FamilyLine;
use NorthSatchel\People\FamilyText;
use NorthSatchel\People\GroupShot;
use NorthSatchel\People\RealPace;
use NorthSatchel\Time\Priority;
use PHPUnit\Framework\TestCase;

final class CallingTest extends TestCase
{
    /**
     * @param  list<string>  $found
     * @param  list<int>  $shot
     * @param  list<int>  $later
     */
    private static function calling(array $found = [], array $shot = [], array $later = []): Calling
    {
        $family = new Family(
            FamilyText::read([
                new FamilyLine(name: 'Wilma', text: 'bride'),
                new FamilyLine(name: 'Ture', text: 'groom'),
                new FamilyLine(name: 'Ester', text: 'mother of Wilma, green hat'),
                new FamilyLine(name: 'Lo Sandgren', text: 'daughter of Wilma, 104 cm'),
                new FamilyLine(name: 'Axel Grahn', text: 'brother of Ture, 190 cm'),
            ]),
        );
        $must = Priority::Must;

        return new Calling(
            $family,
            [
                7 => new FamilyGroup('Hers', ['Wilma', 'Ture', 'Ester'], $must),
                8 => new FamilyGroup('His', ['Wilma', 'Ture', 'Axel Grahn'], Priority::Nice),
                9 => new FamilyGroup('All', ['Wilma', 'Ture', 'Ester', 'Lo Sandgren'], $must),
            ],
            $found,
            $shot,
            $later,
        );
    }

    public function test_the_list_goes_on_as_groups_are_shot_and_put_off(): void
    {
        $this->assertSame([7, 8, [7, 8, 9]], [self::calling()->now(), self::calling()->next(), self::calling()->left()]);
        $this->assertSame([8, 9, 7], self::calling(later: [7])->left());
        $this->assertSame([9, null], [self::calling(shot: [7, 8])->now(), self::calling(shot: [7, 8])->next()]);
        $this->assertNull(self::calling(shot: [7, 8, 9])->now());
    }

    public function test_who_is_missing_lets_a_complete_group_go_first(): void
    {
        $this->assertSame(['Ester'], self::calling()->missing(7), 'the two are always there');
        $this->assertSame(8, self::calling(found: ['Axel Grahn'])->couldGoFirst());
        $this->assertNull(self::calling(found: ['Ester'])->couldGoFirst(), 'the present one can go on');
        $this->assertNull(self::calling()->couldGoFirst());
    }

    public function test_nobody_is_let_go_who_is_still_needed(): void
    {
        $this->assertSame([], self::calling(shot: [7])->canGo(), 'Ester is in the last group too');
        $this->assertSame(['Axel Grahn'], self::calling(shot: [7, 8])->canGo());
    }

    public function test_of_a_child_only_the_first_name_is_shared(): void
    {
        $this->assertSame(['Lo', 'Axel Grahn'], [self::calling()->shared('Lo Sandgren'), self::calling()->shared('Axel Grahn')]);
        $this->assertSame('green hat', self::calling()->knownBy('Ester'));
    }

    public function test_the_rest_goes_on_around_who_is_missing(): void
    {
        $this->assertSame([8, 7, 9], self::calling()->aroundTheMissing(false), 'Ester is in the first and the last');
        $this->assertNull(self::calling(found: ['Ester'])->aroundTheMissing(false));
        $this->assertSame([7, 9], self::calling(shot: [8], found: [])->aroundTheMissing(false), 'nothing is left to go on with');
        $this->assertNull(self::calling(shot: [7, 8, 9])->aroundTheMissing(false));
    }

    public function test_the_real_pace_is_measured_between_taps_and_pauses_do_not_count(): void
    {
        $taps = [
            new GroupShot(at: 0, minutes: 2.0),
            new GroupShot(at: 150, minutes: 2.0),
            new GroupShot(at: 150 + 2000, minutes: 2.0),
            new GroupShot(at: 2150 + 210, minutes: 2.0),
        ];
        $pace = RealPace::of($taps, 10.0);
        // 2.5 and 3.5 min for what was planned as 2 and 2.
        $this->assertSame([3.0, 1.5, 15.0], [$pace?->minutesAGroup, $pace?->factor, $pace?->minutesLeft]);
        $this->assertNull(RealPace::of(array_slice($taps, 0, 2), 10.0));
        $this->assertNull(RealPace::of([], 10.0));
    }

    public function test_a_child_is_below_one_metre_forty(): void
    {
        $family = new Family(FamilyText::read([
            new FamilyLine('Ann Berg', 'bride'),
            new FamilyLine('Bo Dahl', 'groom'),
            new FamilyLine('Kim Dahl', '139 cm'),
            new FamilyLine('Lou Dahl', '140 cm'),
            new FamilyLine('Pip Dahl', 'infant'),
        ]));
        $calling = new Calling($family, [], [], [], []);
        $this->assertSame(
            ['Kim', 'Lou Dahl', 'Pip', 'Ann Berg', 'Nobody Known'],
            array_map($calling->shared(...), ['Kim Dahl', 'Lou Dahl', 'Pip Dahl', 'Ann Berg', 'Nobody Known']),
        );
    }
}
