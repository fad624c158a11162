<?php

declare(strict_types=1);

namespace Tests\Core\People;

use NorthSatchel\ImpossibleValue;
use NorthSatchel\People\Attendance;
use NorthSatchel\People\CallOrders;
use NorthSatchel\People\Family;
use NorthSatchel\People\FamilyGroup;
use NorthSatchel\People\FamilyLine;
use NorthSatchel\People\FamilyText;
use NorthSatchel\People\FormalsJudge;
use NorthSatchel\People\FormalsSegment;
use NorthSatchel\People\FormalsTiming;
use NorthSatchel\People\GroupRules;
use NorthSatchel\People\GroupTitle;
use NorthSatchel\People\Pace;
use NorthSatchel\People\RowOrder;
use NorthSatchel\People\School;
use NorthSatchel\People\StandChart;
use NorthSatchel\People\StandTime;
use NorthSatchel\People\WhoComes;
use NorthSatchel\People\WhoIsWhere;
use NorthSatchel\Time\ClockTime;
use NorthSatchel\Time\LocalDay;
use NorthSatchel\Time\Looks;
use NorthSatchel\Time\Priority;
use NorthSatchel\Verdict;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** A made-up family: his parents are divorced with new partners and must not meet; a baby, grandparents, attendants. */
final class FamilyTest extends TestCase
{
    private const LINES = [
        'Sunniva' => 'bride',
        'Aron' => 'groom',
        'Britt' => 'mother of Sunniva, told',
        'Olof' => 'father of Sunniva',
        'Tekla' => 'grandmother of Sunniva, elderly, wheelchair',
        'Viveka' => 'mother of Aron, former partner of Göte, apart from Göte',
        'Göte' => 'father of Aron, leaves 16:20',
        'Sten' => 'partner of Viveka',
        'Lisen' => 'partner of Göte, 171 cm',
        'Edvin' => 'brother of Aron, red beard, not shy',
        'Moa' => 'partner of Edvin',
        'Pim' => 'son of Edvin, baby',
        'Hedda' => 'aunt of Aron',
        'Ulla' => 'attendant of Sunniva',
        'Rune' => "Aron's best man",
    ];

    /** @param  array<string, string>  $lines */
    private static function family(array $lines = self::LINES): Family
    {
        return new Family(
            FamilyText::read(
                array_map(
                    static fn (string $n, string $t): FamilyLine => new FamilyLine(name: $n, text: $t),
                    array_map(strval(...), array_keys($lines)),
                    array_values($lines),
                ),
            ),
        );
    }

    #[TestWith(['has passed away'])]
    #[TestWith(['† 2019'])]
    #[TestWith(['in loving memory'])]
    #[TestWith(['cannot come'])]
    #[TestWith(['not coming, in hospital'])]
    #[TestWith(['is not attending'])]
    public function test_who_has_died_or_does_not_come_is_in_no_group(string $said): void
    {
        $family = self::family(['Olof' => "father of Sunniva, {$said}", 'Ebba' => 'mother of Olof'] + self::LINES);
        $groups = GroupRules::of($family);
        $people = array_merge(...array_map(static fn (FamilyGroup $g): array => [...$g->people, $g->title], $groups));
        $this->assertNotContains('Olof', $people);
        $this->assertNotContains('The two with Britt and Olof', $people);
        $this->assertContains('The two with Britt', $people);
        $this->assertContains('Ebba', $family->grandparentsOf('Sunniva'), 'the tree goes through him');
        $now = new StandTime($groups, $family, false);
        $found = WhoComes::absent($family, $now)[0];
        $this->assertSame(['people.absent', 'Nobody calls for Olof.'], [$found->code, $found->finding]);
        $this->assertSame('people.all-in', WhoIsWhere::forgotten($family, $now)[0]->code);
        $this->assertSame([], WhoIsWhere::everybody($family, $now));
        $told = array_filter(
            iterator_to_array(FormalsJudge::of($family, $now, null, null, LocalDay::of('2027-05-08', 'Europe/Stockholm'))),
            static fn (Verdict $v): bool => $v->code === 'people.not-told',
        );
        $this->assertSame(12, reset($told)->figures['people'] ?? null, 'all but the two, one who was told, and one who does not come');

        $called = new StandTime([new FamilyGroup('Fathers', ['Sunniva', 'Olof'], Priority::Must)], $family, false);
        $found = WhoComes::absent($family, $called)[0];
        $this->assertSame(['people.absent-called', 'people.strike'], [$found->code, $found->remedy?->action]);
    }

    #[TestWith(['The late Olof', 'father of Sunniva'])]
    #[TestWith(['Olof †', 'father of Sunniva'])]
    #[TestWith(['Olof', "Sunniva's late father"])]
    #[TestWith(['Olof', 'late father of Sunniva'])]
    public function test_a_late_father_is_said_in_more_ways_than_one(string $name, string $text): void
    {
        $family = self::family([$name => $text] + array_diff_key(self::LINES, ['Olof' => 0]));
        $this->assertSame(Attendance::Absent, $family->person($name)?->attendance);
        $this->assertSame(['parent', 'Sunniva'], [$family->person($name)->relations[0]->kind, $family->person($name)->relations[0]->of]);
        $this->assertSame(['Britt'], $family->parentsOf('Sunniva'));
    }

    public function test_a_group_of_two_who_must_not_meet_is_two_groups(): void
    {
        $family = self::family();
        $all = static fn (string $one, string $other): array => array_map(
            static fn (FamilyGroup $g): array => [$g->title, $g->people],
            GroupRules::apart(
                $family,
                new FamilyGroup('Parents', ['Sunniva', 'Aron', 'Viveka', 'Sten', 'Göte', 'Lisen'], Priority::Must),
                $one,
                $other,
            ),
        );
        $this->assertSame([
            ['Parents, without Viveka', ['Sunniva', 'Aron', 'Göte', 'Lisen']],
            ['Parents, without Göte', ['Sunniva', 'Aron', 'Viveka', 'Sten']],
        ], $all('Viveka', 'Göte'), 'each with who came with them');
        $theirs = [['Parents, without Göte', ['Sunniva', 'Aron', 'Viveka', 'Sten']]];
        $this->assertSame($theirs, $all('Göte', 'Aron'), 'no group lacks one of the couple');
    }

    public function test_by_rule_no_group_lacks_one_of_the_couple(): void
    {
        $family = self::family(['Hedda' => 'aunt of Aron, apart from Sunniva'] + self::LINES);
        $groups = GroupRules::of($family);
        $with = array_filter($groups, static fn (FamilyGroup $g): bool => in_array('Hedda', $g->people, true));
        $this->assertSame([], $with, 'the two stand in each that would hold her');
        foreach ($groups as $group) {
            $this->assertStringNotContainsString('without Sunniva', $group->title);
        }
        $this->assertNotSame([], array_filter($groups, static fn (FamilyGroup $g): bool => str_contains($g->title, 'without Hedda')));
    }

    #[TestWith(['The two with Olof and Britt', 'The two with Britt'])]
    #[TestWith(['The two with Britt and Olof', 'The two with Britt'])]
    #[TestWith(['The two with Ada, Olof and Britt', 'The two with Ada and Britt'])]
    #[TestWith(['The two with Ada, Britt and Olof', 'The two with Ada, Britt'])]
    #[TestWith(['The two with Olof, Ada and Britt', 'The two with Ada and Britt'])]
    #[TestWith(['Olofsson and Britt', 'Olofsson and Britt'])]
    #[TestWith(['Olof', 'Olof'])]
    public function test_a_title_names_nobody_who_is_gone(string $title, string $left): void
    {
        $this->assertSame($left, GroupTitle::without($title, 'Olof'));
    }

    public function test_who_is_there_for_the_work_is_in_no_picture_by_rule(): void
    {
        $lines = ['Fenn' => 'celebrant', 'Sal' => 'wedding planner 070-1', 'Kim' => 'DJ, friend of the groom', 'Lo' => 'aunt of Aron, florist'];
        $family = self::family($lines + self::LINES);
        $this->assertSame(['Fenn', 'Sal'], $family->named(Attendance::Works));
        $groups = GroupRules::of($family);
        $in = array_unique(array_merge(...array_map(static fn (FamilyGroup $g): array => $g->people, $groups)));
        $this->assertSame([], array_intersect(['Fenn', 'Sal'], $in));
        $this->assertEqualsCanonicalizing(['Kim', 'Lo'], array_intersect(['Kim', 'Lo'], $in));
        $fine = WhoIsWhere::forgotten($family, new StandTime($groups, $family, false))[0];
        $this->assertSame('people.all-in', $fine->code);
        $this->assertStringContainsString('Fenn, Sal are there for the work', $fine->because);
        $taken = self::family(['Ida' => 'chef', 'Oda' => 'cannot come'])->guests();
        $this->assertCount(1, $taken, 'who works is there to be taken where nobody marries');
        $groups[] = new FamilyGroup('With Fenn', ['Sunniva', 'Aron', 'Fenn'], Priority::Nice);
        $this->assertStringContainsString(' Sal is there', WhoIsWhere::forgotten($family, new StandTime($groups, $family, false))[0]->because);
    }

    #[TestWith(['Tom', 'musician', Attendance::Comes])]
    #[TestWith(['Aunt May', 'florist', Attendance::Comes])]
    #[TestWith(['May', 'retired vicar', Attendance::Comes])]
    #[TestWith(['Kim', 'guest and DJ', Attendance::Comes])]
    #[TestWith(['Kim', 'sound', Attendance::Works])]
    #[TestWith(['Fenn', 'the wedding coordinator', Attendance::Works])]
    #[TestWith(['Sal', 'hotel manager, 070-1', Attendance::Works])]
    #[TestWith(['Four Strings', 'string quartet', Attendance::Works])]
    public function test_what_somebody_lives_from_makes_them_no_stranger(string $name, string $text, Attendance $is): void
    {
        $this->assertSame($is, FamilyText::read([new FamilyLine($name, $text)])[0]->attendance);
    }

    /** @param  list<string>  $needs */
    #[TestWith(['Tekla', 'in a wheelchair', ['wheelchair']])]
    #[TestWith(['Tekla', '84 years old, walks with a stick', ['elderly']])]
    #[TestWith(['Tekla', "can't stand long", ['seated']])]
    #[TestWith(['Tekla', 'on crutches', ['seated']])]
    #[TestWith(['Tekla', 'nearly 90', ['elderly']])]
    #[TestWith(['Tekla', '5 months old', ['infant']])]
    #[TestWith(['Baby Ned', 'son of Rune', ['infant']])]
    #[TestWith(['Babette', '34', []])]
    public function test_what_somebody_needs_is_read_in_the_words_of_people(string $name, string $text, array $needs): void
    {
        $this->assertSame($needs, FamilyText::read([new FamilyLine($name, $text)])[0]->needs);
    }

    #[TestWith(['estranged from Britt', ['Britt'], []])]
    #[TestWith(["doesn't speak to Britt", ['Britt'], []])]
    #[TestWith(['stays away from Britt', ['Britt'], []])]
    #[TestWith(['never in one picture with Britt', ['Britt'], []])]
    #[TestWith(['not next to Britt', [], ['Britt']])]
    #[TestWith(['please do not put her next to Britt', [], ['Britt']])]
    #[TestWith(['not speaking to Britt', ['Britt'], []])]
    public function test_who_is_to_be_kept_apart_is_read_from_a_line(string $text, array $apart, array $notBeside): void
    {
        $one = FamilyText::read([new FamilyLine('Olof', $text)])[0];
        $this->assertSame([$apart, $notBeside], [$one->apart, $one->notBeside]);
    }

    /** Somebody was taken off the list, and stands in a group all the same. */
    public function test_who_is_in_a_group_and_not_in_the_list_is_named(): void
    {
        $family = self::family();
        $group = static fn (string ...$names): StandTime => new StandTime(
            [new FamilyGroup('The two with Rune', array_values($names), Priority::Must)],
            $family,
            false,
        );
        $this->assertSame([], WhoIsWhere::strangers($family, $group('Sunniva', 'Aron', 'Rune')));
        $found = WhoIsWhere::strangers($family, $group('Sunniva', 'Aron', 'Best man: Rune'));
        $this->assertSame('Best man: Rune is in a group, and not in the list.', $found[0]->finding);
        $this->assertStringStartsWith('In “The two with Rune”: they would be called', $found[0]->because);
        $this->assertStringStartsWith('2 names are', WhoIsWhere::strangers($family, $group('A', 'B', 'Aron'))[0]->finding);
    }

    public function test_everybody_is_everybody_or_it_is_said_who_lacks(): void
    {
        $found = static function (string $lines, string $title, string ...$names): array {
            $family = new Family(FamilyText::read(array_map(
                static fn (string $l): FamilyLine => new FamilyLine(explode(', ', $l, 2)[0], explode(', ', $l, 2)[1] ?? ''),
                explode("\n", $lines),
            )));

            return WhoIsWhere::everybody(
                $family,
                new StandTime([new FamilyGroup($title, array_values($names), Priority::Should)], $family, false),
            );
        };
        $lines = "Noor, bride\nAron, groom\nIvo, father of Noor\nHanna, mother of Noor";
        $this->assertSame([], $found($lines, 'Everybody', 'Noor', 'Aron', 'Ivo', 'Hanna'));
        $this->assertSame([], $found($lines, 'The close ones', 'Noor', 'Aron'));
        [$lacks] = $found($lines, 'Everybody', 'Noor', 'Aron', 'Ivo');
        $this->assertSame(
            ['“Everybody” is not everybody: Hanna is not in it.', 'people.everybody'],
            [$lacks->finding, $lacks->remedy?->action],
        );
        [$apart] = $found("{$lines}, apart from Ivo", 'everybody', 'Noor', 'Aron', 'Ivo');
        $this->assertNull($apart->remedy, 'nobody is put beside whom they are kept from');
        $this->assertStringContainsString('never in one frame', $apart->because);
    }

    public function test_who_is_in_no_group_gets_the_groups_by_rule(): void
    {
        $family = new Family(FamilyText::read([
            new FamilyLine('Noor', 'bride'), new FamilyLine('Aron', 'groom'), new FamilyLine('Ivo', 'father of Noor'),
        ]));
        $now = new StandTime([new FamilyGroup('Two', ['Noor', 'Aron'], Priority::Must)], $family, false);
        $this->assertSame('people.rules', WhoIsWhere::forgotten($family, $now)[0]->remedy?->action);
    }

    public function test_lines_are_read(): void
    {
        $family = self::family();
        $this->assertSame(['Sunniva', 'Aron'], $family->couple());
        $this->assertSame(['Viveka', 'Göte'], $family->parentsOf('aron'));
        $this->assertTrue($family->wereTogether('Göte', 'Viveka'));
        $this->assertSame('Lisen', $family->partnerOf('Göte'));
        $this->assertSame(['Edvin'], $family->siblingsOf('Aron'));
        $this->assertSame(['Edvin', 'Moa', 'Pim'], $family->withTheirs(['Edvin']));
        $this->assertSame(['Ulla', 'Rune'], [...$family->attendantsOf('Sunniva'), ...$family->attendantsOf('Aron')]);
        $this->assertSame([['Göte', 'Viveka']], $family->apart());
        $edvin = $family->person('Edvin');
        $this->assertSame('red beard, not shy', $edvin?->knownBy);
        $this->assertSame([3, 2, 1], array_map(static fn (string $n): ?int => $family->person($n)?->weight(), ['Pim', 'Tekla', 'Edvin']));
        $this->assertSame(
            [171, '16:20', true, true],
            [
                $family->person('Lisen')?->heightCm,
                $family->person('Göte')?->leavesAt,
                $family->person('Britt')?->isTold,
                $family->person('Tekla')?->sits(),
            ],
        );
    }

    /** @return array<string, array{array<string, string>, string}> */
    public static function wrong(): array
    {
        return [
            'a person twice' => [['Ann' => 'bride', 'ann' => 'aunt of Ann'], 'twice'],
            'a circle' => [['Ann' => 'mother of Bo', 'Bo' => 'father of Cia', 'Cia' => 'mother of Ann'], 'own ancestors'],
            'too many' => [
                array_combine(array_map(static fn (int $i): string => "P{$i}", range(1, 201)), array_fill(0, 201, '')),
                '200 at most',
            ],
        ];
    }

    /** @param  array<string, string>  $lines */
    #[DataProvider('wrong')]
    public function test_what_makes_no_family_is_refused(array $lines, string $says): void
    {
        try {
            self::family($lines);
            $this->fail('It was taken.');
        } catch (ImpossibleValue $e) {
            $this->assertStringContainsString($says, $e->must);
        }
    }

    /** Nobody writes “partner of Olof” behind her mother: in a row they stand together all the same. */
    public function test_both_parents_of_one_are_a_couple_while_nothing_speaks_against_it(): void
    {
        $partner = static fn (array $lines): ?string => self::family(['Ann' => 'bride', 'Bo' => 'groom', ...$lines])->partnerOf('Mai');
        $this->assertSame('Per', $partner(['Mai' => 'mother of Ann', 'Per' => 'father of Ann']));
        foreach (
            [
                'said otherwise' => ['Mai' => 'mother of Ann', 'Per' => 'father of Ann, former partner of Mai'],
                'never in one frame' => ['Mai' => 'mother of Ann, apart from Per', 'Per' => 'father of Ann'],
                'not side by side' => ['Mai' => 'mother of Ann', 'Per' => 'father of Ann, not beside Mai'],
                'he has somebody' => ['Mai' => 'mother of Ann', 'Per' => 'father of Ann', 'Eva' => 'partner of Per'],
                'the other side' => ['Mai' => 'mother of Ann', 'Per' => 'father of Bo'],
                'three' => ['Mai' => 'mother of Ann', 'Per' => 'father of Ann', 'Jon' => 'father of Ann'],
            ] as $why => $lines
        ) {
            $this->assertNull($partner($lines), $why);
        }
        $family = self::family([
            'Ann' => 'bride, 165 cm', 'Bo' => 'groom, 180 cm', 'Mai' => 'mother of Ann, 160 cm', 'Tor' => 'uncle of Ann, 190 cm',
            'Lia' => 'sister of Ann, 170 cm', 'Per' => 'father of Ann, 185 cm', 'Rut' => 'aunt of Ann, 172 cm',
        ]);
        $row = array_column(RowOrder::of($family->people()), 'name');
        $this->assertSame(1, abs((int) array_search('Mai', $row, true) - (int) array_search('Per', $row, true)), implode(' ', $row));
    }

    public function test_one_or_two_are_called_by_their_names(): void
    {
        $titles = static fn (array $lines): array => array_column(
            GroupRules::of(self::family(['Ann' => 'bride', 'Bo' => 'groom', ...$lines])),
            'title',
        );
        $one = $titles(['Lia' => 'sister of Ann', 'Olga' => 'grandmother of Ann', 'Pia' => 'attendant of Ann']);
        foreach (['Ann with Lia', 'The two with Lia', 'The two with Olga', 'Ann with Pia'] as $title) {
            $this->assertContains($title, $one);
        }
        $this->assertStringNotContainsString('brothers', implode(' ', $one));
        $three = $titles(['Lia' => 'sister of Ann', 'Per' => 'brother of Ann', 'Max' => 'brother of Ann']);
        $this->assertContains('Ann with brothers and sisters', $three);
        $this->assertContains('Ann with Lia and Per', $titles(['Lia' => 'sister of Ann', 'Per' => 'brother of Ann']));
    }

    public function test_the_list_by_rule_holds_every_combination_and_no_pair_that_must_not_meet(): void
    {
        $groups = GroupRules::of(self::family());
        $by = [];
        foreach ($groups as $group) {
            $people = $group->people;
            sort($people);
            $by[] = implode(' ', $people);
            $this->assertFalse(in_array('Göte', $people, true) && in_array('Viveka', $people, true), $group->title);
        }
        foreach (
            [
                'her parents, who are together' => 'Aron Britt Olof Sunniva',
                'his mother and her partner' => 'Aron Sten Sunniva Viveka',
                'his father and his partner' => 'Aron Göte Lisen Sunniva',
                'his brother' => 'Aron Edvin',
                'his brother and his' => 'Aron Edvin Moa Pim Sunniva',
                'her grandmother' => 'Aron Sunniva Tekla',
                'all attendants' => 'Aron Rune Sunniva Ulla',
                'her with hers' => 'Sunniva Ulla',
                'him with his' => 'Aron Rune',
                'her close family' => 'Aron Britt Olof Sunniva Tekla',
                'his without his mother' => 'Aron Edvin Göte Lisen Moa Pim Sunniva',
                'his without his father' => 'Aron Edvin Moa Pim Sten Sunniva Viveka',
            ] as $what => $people
        ) {
            $this->assertContains($people, $by, $what);
        }
        $everybody = array_values(array_filter($groups, static fn (FamilyGroup $g): bool => str_starts_with($g->title, 'Everybody')));
        $this->assertSame(['Everybody, without Göte', 'Everybody, without Viveka'], array_column($everybody, 'title'));
        $this->assertSame(count($by), count(array_unique($by)), 'no group twice');
        $this->assertSame([], GroupRules::of(self::family(['Ann' => 'aunt'])), 'nobody to stand around');
        $in = array_unique(array_merge(...array_column($groups, 'people')));
        $this->assertCount(count(self::LINES), $in, 'nobody is forgotten');
    }

    /**
     * Common practice, no source: about half a minute when people are only added, two to four minutes a group when they are fetched; 20 to
     * 40 minutes for an ordinary list.
     */
    public function test_the_pace_is_that_of_the_trade(): void
    {
        $this->assertEqualsWithDelta(0.5, Pace::changeOver(['a', 'b'], ['a', 'b', 'c', 'd'], false), 0.15);
        $fetched = Pace::changeOver(['a', 'b'], ['c', 'd', 'e', 'f'], false) + Pace::minutes(4);
        $this->assertGreaterThan(1.8, $fetched);
        $this->assertLessThan(4.0, $fetched);
        $this->assertLessThan(
            Pace::changeOver(['a', 'b'], ['c', 'd'], false),
            Pace::changeOver(['a', 'b'], ['c', 'd'], true),
            'who stands by is not fetched',
        );
        $groups = GroupRules::of(self::family());
        $stand = new StandTime(CallOrders::by(School::LeastWaiting, $groups, self::family(), false, Looks::upTo(2000)), self::family(), false);
        $this->assertGreaterThan(20, $stand->totalMinutes);
        $this->assertLessThan(40, $stand->totalMinutes);
    }

    public function test_waiting_is_counted_person_by_person(): void
    {
        $family = self::family(['Ann' => 'bride', 'Bo' => 'groom', 'Cia' => 'mother of Ann, elderly']);
        $groups = [
            new FamilyGroup('A', ['Ann', 'Cia'], Priority::Must),
            new FamilyGroup('B', ['Ann', 'Bo'], Priority::Must),
            new FamilyGroup('C', ['Ann', 'Cia'], Priority::Must),
        ];
        $stand = new StandTime($groups, $family, false);
        $cia = $stand->people['Cia'];
        $this->assertEqualsWithDelta($cia['free'] - $cia['from'] - 2 * Pace::minutes(2), $cia['waits'], 0.06);
        $expected = $stand->people['Ann']['waits'] + $stand->people['Bo']['waits'] + 2 * $cia['waits'];
        $this->assertEqualsWithDelta($expected, $stand->waiting, 0.06, 'the old count double');
        $chart = new StandChart($stand);
        $this->assertCount(3, $chart->rows());
        $this->assertSame('Bo', $chart->rows()[0]->name, 'who is free first stands on top');
        $this->assertSame([1, 2, 3], array_column($chart->groups(), 'number'));
    }

    public function test_the_computed_orders_do_what_they_say(): void
    {
        $family = self::family();
        $groups = GroupRules::of($family);
        $stand = [];
        foreach (School::cases() as $school) {
            $stand[$school->value] = new StandTime(CallOrders::by($school, $groups, $family, false, Looks::upTo(2000)), $family, false);
            $this->assertCount(count($groups), $stand[$school->value]->order);
        }
        foreach (['release-down', 'build-up', 'as-listed'] as $school) {
            $this->assertLessThan($stand[$school]->waiting, $stand['least-waiting']->waiting);
            $this->assertLessThanOrEqual($stand[$school]->walks(), $stand['least-walking']->walks());
        }
        $sizes = array_map(static fn (FamilyGroup $g): int => count($g->people), $stand['release-down']->order);
        $this->assertSame(max($sizes), $sizes[0]);
        $this->assertTrue(
            CallOrders::leastWaiting($groups, $family, false, Looks::upTo(2000))->nextTo === [],
            'the two who must not meet never follow each other',
        );
    }

    public function test_three_times_to_take_the_groups(): void
    {
        $family = self::family();
        $groups = GroupRules::of($family);
        [$after, $split, $before] = FormalsTiming::of($groups, $family, 14, 60);
        $total = (int) ceil((new StandTime($groups, $family, false))->totalMinutes);
        $this->assertSame(
            [0, $total, 0, 0, 60 - $total],
            [$after->before, $after->after, $after->early, $after->gained, $after->free],
        );
        $this->assertSame(
            [$total + 14, 0, count(self::LINES) - 2, $total, 60],
            [$before->before, $before->after, $before->early, $before->gained, $before->free],
            'all but the two come early, and the drive is counted',
        );
        $this->assertGreaterThan(0, $split->before);
        $this->assertLessThan($total, $split->after);
        $this->assertSame($total - $split->after, $split->gained);
        $this->assertNull(FormalsTiming::of($groups, $family, 0, null)[0]->free);
    }

    public function test_what_is_found(): void
    {
        $family = self::family();
        $day = LocalDay::of('2027-06-05', 'Europe/Stockholm');
        $codes = static fn (Family $f, array $groups, ?FormalsSegment $segment = null): array => array_map(
            static fn (Verdict $v): string => $v->code,
            iterator_to_array(FormalsJudge::of($f, new StandTime(array_values($groups), $f, false), null, $segment, $day)),
        );
        $this->assertSame(['people.no-couple'], $codes(self::family(['Ann' => '']), []));
        $this->assertSame(['people.no-groups'], $codes($family, []));
        $both = new FamilyGroup('His parents', ['Viveka', 'Göte'], Priority::Must);
        $this->assertContains('people.together', $codes($family, [$both]));
        $found = $codes($family, [new FamilyGroup('One', ['Viveka'], Priority::Must), new FamilyGroup('Other', ['Göte'], Priority::Must)]);
        $this->assertContains('people.meeting', $found);
        $this->assertContains('people.forgotten', $found);
        $segment = new FormalsSegment(
            id: 4,
            title: 'Groups',
            startsAt: $day->instantOf(ClockTime::of('16:00')),
            minutes: 10,
            isAnchor: false,
        );
        $all = $codes($family, GroupRules::of($family), $segment);
        $this->assertContains('people.too-long', $all);
        $this->assertContains('people.leaves', $all, 'his father leaves at 16:20');
        $this->assertContains('people.not-told', $all);
        $this->assertContains('people.all-in', $all);
    }
}
