<?php

declare(strict_types=1);

namespace Tests\Core\People;

use NorthSatchel\ImpossibleValue;
use NorthSatchel\People\Roster\CodedText;
use NorthSatchel\People\Roster\Roster;
use NorthSatchel\People\Roster\RosterJudge;
use NorthSatchel\People\Roster\RosterPlayer;
use NorthSatchel\People\Roster\RosterText;
use NorthSatchel\Verdict;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Rosters as organisers send them, line-ups, and codes that grow into names. */
final class RosterTest extends TestCase
{
    private const TWO = "Reds:\n1 Ada Berg\n7 Bo Cederlund\n9 Cleo Dahl\nRivals:\n7 Dag Ek\n11 Eva Falk";

    /** @return array<string, array{string, list<string>}> */
    public static function lists(): array
    {
        return [
            'columns with names, in any order' => [
                "Pos\tSurname\tFirst name\tNo\tClub\nGK\tBerg\tAda\t1\tReds\nFW\tDahl\tCleo\t9\tReds",
                ['Reds 1 Ada Berg GK', 'Reds 9 Cleo Dahl FW'],
            ],
            'columns without names' => ["forward;Cleo Dahl;9;Reds\nkeeper;Ada Berg;1;Reds", ['Reds 9 Cleo Dahl forward', 'Reds 1 Ada Berg keeper']],
            'commas' => ["1, Ada Berg\n9, Cleo Dahl", [' 1 Ada Berg ', ' 9 Cleo Dahl ']],
            'as in a mail' => [
                "Reds:\n#1 Ada Berg\n9. Cleo Dahl\n\nBlues :\n4) Dag Ek", ['Reds 1 Ada Berg ', 'Reds 9 Cleo Dahl ', 'Blues 4 Dag Ek '],
            ],
            'any script' => ["7\tЮлія Ткач\n8\t渡辺 葵\n9\tنور حداد", [' 7 Юлія Ткач ', ' 8 渡辺 葵 ', ' 9 نور حداد ']],
            'a name alone among others' => ["Reds:\n7 Cleo Dahl\nAda Berg", ['Reds 7 Cleo Dahl ', 'Reds  Ada Berg ']],
            'names alone' => ["Ada Berg\nCleo Dahl", ['  Ada Berg ', '  Cleo Dahl ']],
            'somebody without a number' => ["No,Name\n,Ada Berg\n9,Cleo Dahl", ['  Ada Berg ', ' 9 Cleo Dahl ']],
        ];
    }

    /** @param  list<string>  $says */
    #[DataProvider('lists')]
    public function test_a_roster_is_read_as_it_comes(string $text, array $says): void
    {
        $words = array_map(static fn (RosterPlayer $p): string => "{$p->team} {$p->number} {$p->name} {$p->position}", RosterText::read($text));
        $this->assertSame($says, $words);
    }

    public function test_a_line_without_a_name_is_named(): void
    {
        foreach (["No,Name\n7,Bo\n9,", "No,Name\n7,Bo\n9,12", "No,Name\n7,Bo\nseven,Eva"] as $text) {
            try {
                RosterText::read($text);
                $this->fail('That cannot be read.');
            } catch (ImpossibleValue $e) {
                $this->assertSame('players', $e->field);
                $this->assertStringContainsString('in line 3', $e->must);
            }
        }
    }

    public function test_codes_are_the_first_letters_that_no_other_team_has(): void
    {
        $this->assertSame(['Reds' => 'r', 'Rivals' => 'ri'], Roster::read(self::TWO)->codes);
        $this->assertSame(['Rivals' => 'x', 'Reds' => 'r'], Roster::read(self::TWO, '', 'rivals = X')->codes);
        $this->assertSame(['' => 'p'], Roster::read('1 Ada Berg')->codes);
        foreach (['Greens = g', 'Reds = r9', "Reds = r\nRivals = R"] as $codes) {
            try {
                Roster::read(self::TWO, '', $codes);
                $this->fail($codes);
            } catch (ImpossibleValue $e) {
                $this->assertSame('codes', $e->field);
            }
        }
    }

    public function test_a_line_up_says_who_plays_and_a_team_without_one_is_not_known(): void
    {
        $today = static fn (string $lineUp): array => array_map(
            static fn (RosterPlayer $p): ?bool => $p->isToday, Roster::read(self::TWO, $lineUp)->players,
        );
        $this->assertSame([null, null, null, null, null], $today(''));
        $this->assertSame([true, false, true, null, null], $today('reds: 1, 9'));
        $this->assertSame([true, true], array_map(
            static fn (RosterPlayer $p): ?bool => $p->isToday, Roster::read("1 Ada Berg\n7 Bo Cederlund", '1 7')->players,
        ));
        $this->assertSame([true, false, true, null, null], $today('Reds: 1 7, 9 for 7'), 'a late change: the second stays out');
        $this->assertSame([true, false, true, null, null], $today('Reds: 9 For 7, 1 7'));
        $coached = static fn (string $lineUp): array => array_map(
            static fn (RosterPlayer $p): ?bool => $p->isToday, Roster::read("Reds:\n7 Bo Cederlund\nAda Brun", $lineUp)->players,
        );
        $this->assertSame([[true, false], [true, true], [true, false]],
            [$coached('Reds: 7'), $coached('Reds: 7, ada brun'), $coached('Reds: 7, Ada Brunner')], 'who has no number is named');
        foreach (['Reds: 1 8', 'Reds: 1 for 8', 'Greens: 1', '1 7'] as $wrong) {
            try {
                $today($wrong);
                $this->fail($wrong);
            } catch (ImpossibleValue $e) {
                $this->assertSame('line_up', $e->field);
            }
        }
    }

    public function test_a_caption_grows_and_a_wrong_name_is_said(): void
    {
        $roster = Roster::read(self::TWO, "Reds: 1 7\nRivals: 7 11");
        $grown = CodedText::of($roster, 'R7 past ri11, watched by ri7; r1x and 7 stay');
        $this->assertSame('Bo Cederlund (Reds, 7) past Eva Falk (Rivals, 11), watched by Dag Ek (Rivals, 7); r1x and 7 stay', $grown->text);
        $this->assertSame(['Bo Cederlund', 'Eva Falk', 'Dag Ek'], array_map(static fn (RosterPlayer $p): string => $p->name, $grown->people));
        $this->assertSame([], $grown->unclear);
        $this->assertSame(['“r8” is nobody of the roster'], CodedText::of($roster, 'r8 falls')->unclear);
        $this->assertSame(['Cleo Dahl is not in today\'s line-up'], CodedText::of($roster, 'r9 scores')->unclear);
        $full = CodedText::of($roster, 'A cheer from cleo dahl on the stand');
        $this->assertSame([['Cleo Dahl is not in today\'s line-up'], 'A cheer from cleo dahl on the stand'], [$full->unclear, $full->text]);
        $twice = Roster::read("Reds:\n7 Ada Berg\n7 Bo Cederlund");
        $this->assertSame(['“r7” could be Ada Berg or Bo Cederlund'], CodedText::of($twice, 'r7')->unclear);
        $this->assertSame('r7', CodedText::of($twice, 'r7')->text, 'what is not clear stays as it was typed');
        $this->assertSame('k7', CodedText::of(Roster::read(''), 'k7')->text);
        $lind = Roster::read("3 Bo Li\n4 Bo Lind\n5 渡辺 葵");
        $named = static fn (string $text): array => array_map(static fn (RosterPlayer $p): string => $p->name, CodedText::of($lind, $text)->people);
        $this->assertSame(['Bo Lind'], $named('Bo Lind runs'), 'a name within another is nobody');
        $this->assertSame(['Bo Li'], $named('bo li, runs'));
        $this->assertSame(['渡辺 葵'], $named('走る渡辺 葵が'), 'no space stands between words there');
        $this->assertSame('Ж7', CodedText::of($roster, 'Ж7')->text);
        $this->assertSame('Юлія Ткач (Жар, 7) Б', CodedText::of(Roster::read("Жар:\n7 Юлія Ткач"), 'ж7 Б')->text);
    }

    public function test_what_a_roster_is_judged_by(): void
    {
        $codes = static fn (Roster $r): array => array_map(
            static fn (Verdict $v): string => "{$v->severity->value} {$v->code}", iterator_to_array(RosterJudge::of($r)),
        );
        $this->assertSame(['mind roster.none'], $codes(Roster::read('')));
        $this->assertSame(['mind roster.no-line-up'], $codes(Roster::read(self::TWO, 'Reds: 1')));
        $this->assertSame(['fine roster.ready'], $codes(Roster::read(self::TWO, "Reds: 1\nRivals: 7")));
        $twice = Roster::read("Reds:\n7 Ada Berg\n7 Bo Cederlund", 'Reds: 7');
        $this->assertSame(['fix roster.twice'], $codes($twice));
        $this->assertSame(['mind roster.no-line-up', 'mind roster.no-number'], $codes(Roster::read('Ada Berg')));
    }

    public function test_who_is_not_to_be_named_keeps_a_caption_back(): void
    {
        $players = "Reds:\n1 Ada Berg\n7 Bo Cederlund\nRivals:\n7 Cia Dahl";
        $roster = Roster::read($players, "Reds: 1 7\nRivals: 7", '', "Ada Berg\nrivals: 7");
        $this->assertSame([false, true, false], array_map(static fn (RosterPlayer $p): bool => $p->mayBeNamed, $roster->players));
        $this->assertSame(['Ada Berg is not to be named: no consent'], CodedText::of($roster, 'r1 past r7')->unclear);
        $this->assertSame(['Cia Dahl is not to be named: no consent'], CodedText::of($roster, 'Cia Dahl scores')->unclear, 'in full too');
        $this->assertSame([], CodedText::of($roster, 'r7 scores')->unclear);
        $this->assertSame(['“Dahl” may be Cia Dahl, who is not to be named'], CodedText::of($roster, 'Dahl scores')->unclear, 'nor by a part');
        $this->assertSame(['“Cia” may be Cia Dahl, who is not to be named'], CodedText::of($roster, 'and Cia, too')->unclear);
        $this->assertSame([], CodedText::of($roster, 'the dahl of the valley; Ciara')->unclear);
        $codes = array_map(static fn ($v): string => $v->code, iterator_to_array(RosterJudge::of($roster), false));
        $this->assertSame(['roster.no-consent'], $codes);
        $this->expectException(ImpossibleValue::class);
        $this->expectExceptionMessage('nobody of the roster');
        Roster::read($players, '', '', 'Dag Ek');
    }
}
