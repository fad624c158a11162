<?php

declare(strict_types=1);

namespace Tests\Core\People;

use NorthSatchel\ImpossibleValue;
use NorthSatchel\People\Crew\CallSheetJudge;
use NorthSatchel\People\Crew\CrewMember;
use NorthSatchel\People\Crew\CrewText;
use NorthSatchel\Plan\Setups\PersonHours;
use NorthSatchel\Verdict;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Who is called for a day, and when. */
final class CallSheetTest extends TestCase
{
    private const LIST = <<<'TEXT'
    Crew
        Runa Holt, stylist, 9 to 15:00, 070 123 45 67
        Odd, assistant, 8:30 to 17, odd@set.test
    Talent
        Mio Holt, 14 years, guardian Runa Holt, 10:00 to 13:00, 4 h at most
    TEXT;

    /**
     * @param  list<PersonHours>  $needed
     * @return list<string>
     */
    private static function codes(string $text, array $needed = [], string $hospital = 'Town hospital', string ...$wearing): array
    {
        $codes = [];
        foreach ((new CallSheetJudge(CrewText::read($text), $needed, $hospital, array_values($wearing)))->verdicts() as $verdict) {
            $codes[] = $verdict->code;
        }

        return $codes;
    }

    public function test_a_sheet_is_read(): void
    {
        [$runa, $odd, $mio] = CrewText::read(self::LIST);
        $this->assertEquals(new CrewMember('Crew', 'Runa Holt', 'stylist', 540, 900, '070 123 45 67'), $runa);
        $this->assertSame(['odd@set.test', '08:30–17:00', 'Odd'], [$odd->contact, $odd->hours(), $odd->shown()]);
        $this->assertEquals(new CrewMember('Talent', 'Mio Holt', '', 600, 780, '', 14, 'Runa Holt', 240), $mio);
        $this->assertSame('Mio', $mio->shown(), 'of a minor no surname stands on a sheet');
        $this->assertTrue($runa->isCalled('runa') && $runa->isCalled('Runa Holt') && ! $runa->isCalled('Holt'));
        $this->assertSame('Crew', CrewText::read('Ida, make-up')[0]->group, 'a list without groups');
        $this->assertSame(8 * 60, CrewText::read('Ida, 8:00')[0]->from);
    }

    public function test_nobody_is_lost_who_stands_as_far_out_as_a_group(): void
    {
        $members = CrewText::read(self::LIST."\nBo, driver, 8:00\nClient side\n    Signe, 9 to 17");
        $this->assertSame(
            ['Crew Runa Holt', 'Crew Odd', 'Talent Mio Holt', 'Talent Bo', 'Client side Signe'],
            array_map(static fn (CrewMember $m): string => "{$m->group} {$m->name}", $members),
        );
        $this->expectExceptionMessage('in line 6, nobody stands further in below “Sam”');
        CrewText::read(self::LIST."\nSam\nGuests\n  Bo, 9:00");
    }

    public function test_a_first_name_that_two_share_is_asked_about(): void
    {
        $two = "Runa Holt, 9 to 15\nRuna Berg, 9 to 10";
        $at = static fn (string $name): array => [new PersonHours($name, 600, 840)];
        $this->assertSame(['crew.which'], self::codes($two, $at('Runa')), 'the one is there, the other is not');
        $this->assertSame(['crew.called'], self::codes($two, $at('runa holt')));
        $this->assertSame(['crew.hours'], self::codes($two, $at('Runa Berg')));
        $this->assertSame(['crew.which'], self::codes($two, [], 'Town hospital', 'Runa'), 'who wears a look');
        $this->assertSame(['crew.which'], self::codes("{$two}\nMio, 14 years, guardian Runa, 9 to 10, 4 h at most"), 'whose guardian');
        // One whose whole name it is, is the one.
        $this->assertSame(['crew.called'], self::codes("Runa, 9 to 15\nRuna Berg, 9 to 10", $at('Runa')));
    }

    /** @return iterable<string, array{string, string}> */
    public static function bad(): iterable
    {
        yield 'twice' => ["Ida\nida, make-up", 'line 2'];
        yield 'ends before it begins' => ['Ida, 22:00 to 02:00', 'after midnight'];
        yield 'no time' => ['Ida, 8:00 to late', 'is no time'];
        yield 'no hours' => ['Ida, some at most', 'no number of hours'];
    }

    #[DataProvider('bad')]
    public function test_a_bad_line_is_named(string $text, string $says): void
    {
        $this->expectException(ImpossibleValue::class);
        $this->expectExceptionMessage($says);
        CrewText::read($text);
    }

    public function test_called_for_the_hours_in_which_they_are_needed(): void
    {
        $runa = new PersonHours('Runa', 545, 890);
        $this->assertSame(['crew.called'], self::codes(self::LIST, [$runa]));
        $this->assertSame([], self::codes(self::LIST), 'the plan names nobody: nothing is called in order');
        $this->assertSame([], self::codes('', [$runa]), 'no sheet, nothing said');
        $this->assertSame(['crew.missing'], self::codes(self::LIST, [$runa], 'Town hospital', 'Tilly'), 'Tilly wears a look');
        $this->assertSame(['crew.called'], self::codes(self::LIST, [], 'Town hospital', 'Odd'));
        $this->assertSame(['crew.no-time'], self::codes('Tilly Moss', [], 'Town hospital', 'Tilly'), 'on the sheet, and called for no time');
        $once = new CallSheetJudge(CrewText::read(self::LIST), [$runa], 'Town hospital', ['Runa Holt']);
        $because = array_map(static fn (Verdict $v): string => $v->because, iterator_to_array($once->verdicts(), false));
        $this->assertSame(['1 person: Runa 09:05 to 14:50.'], $because, 'who wears a look and is named by the plan is one');
        $this->assertSame(['crew.missing'], self::codes(self::LIST, [$runa, new PersonHours('Cia', 600, 660)]));
        $this->assertSame(['crew.hours'], self::codes(self::LIST, [new PersonHours('Runa', 530, 890)]), 'earlier');
        $this->assertSame(['crew.hours'], self::codes(self::LIST, [new PersonHours('Runa', 545, 910)]), 'longer');
        $this->assertSame(['crew.no-time'], self::codes('Ida, make-up', [new PersonHours('Ida', 545, 910)]));
        $this->assertSame(['crew.hospital', 'crew.called'], self::codes(self::LIST, [$runa], ' '));
        $this->assertSame(['crew.no-time'], self::codes(self::LIST."\nBo, driver", [$runa]), 'a sheet with blanks calls nobody');
    }

    public function test_minors_with_hours_and_guardian(): void
    {
        $with = static fn (string $mio, string $guardian = 'Ida, 8:00 to 18:00'): array => self::codes("{$guardian}\nMio, 14 years, {$mio}");
        $this->assertSame(['crew.guardian'], $with('9 to 12:00, 4 h at most'));
        $this->assertSame(['crew.guardian-away'], $with('9 to 12:00, 4 h at most, guardian Eva'));
        $this->assertSame(['crew.guardian-away'], $with('9 to 12:00, 4 h at most, guardian Ida', 'Ida, 10:00 to 18:00'));
        $this->assertSame(['crew.guardian-away'], $with('9 to 12:00, 4 h at most, guardian Ida', 'Ida, 8:00 to 11:00'));
        $this->assertSame(['crew.guardian-away'], $with('9 to 12:00, 4 h at most, guardian Ida', 'Ida'));
        $this->assertSame([], $with('9 to 13:00, 4 h at most, guardian Ida'));
        $this->assertSame(['crew.minor-hours'], $with('9 to 13:01, 4 h at most, guardian Ida'));
        $this->assertSame(['crew.minor-law'], $with('9 to 13:00, guardian Ida'));
        $this->assertSame([], self::codes('Mio, 18 years, 9 to 13:00'), 'of age');
    }
}
