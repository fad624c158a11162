<?php

declare(strict_types=1);

namespace Tests\Core\People;

use NorthSatchel\Brief\NamedLine;
use NorthSatchel\Brief\PeopleText;
use NorthSatchel\Brief\SamePerson;
use NorthSatchel\People\Family;
use NorthSatchel\People\FamilyGroup;
use NorthSatchel\People\FamilyLine;
use NorthSatchel\People\FamilyText;
use NorthSatchel\People\GroupRules;
use NorthSatchel\People\Names;
use NorthSatchel\People\Relation;
use NorthSatchel\People\Relative;
use NorthSatchel\People\ResolvedNames;
use NorthSatchel\People\Unclear;
use NorthSatchel\People\WhoIsWhere;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Words that people use for each other. */
final class NamesTest extends TestCase
{
    /** @param  array<string, string>  $lines */
    private static function family(array $lines): Family
    {
        return new Family(
            FamilyText::read(array_map(static fn (string $n, string $t): FamilyLine => new FamilyLine($n, $t), array_keys($lines), $lines)),
        );
    }

    /** @param  list<string>  $meant */
    #[TestWith(['Mirja Holt', ['Mirja Holt']])]
    #[TestWith(['  mirja   holt ', ['Mirja Holt']])]
    #[TestWith(['Mirja', ['Mirja Holt']])]
    #[TestWith(['Holt', ['Mirja Holt', 'Anton Holt']])]
    #[TestWith(['the bride', ['Mirja Holt']])]
    #[TestWith(['groom', ['Jon Aune']])]
    #[TestWith(['Pim', ['Cousin Pim']])]
    #[TestWith(['Cousin Anton', ['Anton Holt']])]
    #[TestWith(['Berit Sund', ['Berit']])]
    #[TestWith(['Sund Berit', []])]
    #[TestWith(['Mir', []])]
    #[TestWith(['Lia', []])]
    #[TestWith(['aunt', []])]
    #[TestWith(['', []])]
    public function test_whom_a_name_means(string $said, array $meant): void
    {
        $names = new Names(
            ['Mirja Holt', 'Anton Holt', 'Jon Aune', 'Cousin Pim', 'Berit'],
            ['bride' => ['Mirja Holt'], 'groom' => ['Jon Aune']],
        );
        $this->assertSame($meant, $names->meant($said));
    }

    #[TestWith(['bride\'s grandmother'])]
    #[TestWith(['grandmother of bride'])]
    #[TestWith(['the grandmother of the bride'])]
    #[TestWith(['grandma of Mirja'])]
    #[TestWith(['Mirja’s granny'])]
    public function test_a_grandmother_in_other_words(string $role): void
    {
        $family = self::family(['Mirja Holt' => 'bride', 'Jon' => 'groom', 'Olga' => $role]);
        $this->assertSame([[], ['Olga']], [$family->unclear, $family->grandparentsOf('Mirja Holt')]);
    }

    public function test_a_relation_names_who_is_the_only_one(): void
    {
        $family = ResolvedNames::of(FamilyText::read(array_map(
            static fn (string $n, string $t): FamilyLine => new FamilyLine($n, $t),
            ['Mia', 'Jon', 'Olga', 'Ann', 'Kaj'], ['bride', 'groom', 'grandmother of Jon', 'mother of Mia', 'father of Mia'],
        )));
        $this->assertSame([['Olga'], ['Olga'], ['Ann', 'Kaj'], []], array_map(
            $family->names->meant(...), ['Grandma', 'the granny', 'Mum', 'Aunt'],
        ), 'of two one asks');
    }

    public function test_what_nobody_can_tell_is_asked_and_the_rest_holds(): void
    {
        $family = self::family([
            'Ada' => 'bride', 'Bo' => 'groom', 'Karl Ek' => 'brother of Ada', 'Karl Alm' => 'brother of Bo', 'Ia' => 'wife of Karl, apart from Zed',
            'Mo' => 'mother of Ada',
        ]);
        $this->assertEquals(
            [new Unclear('Ia', 'a partner of', 'Karl', ['Karl Ek', 'Karl Alm']), new Unclear('Ia', 'kept apart from', 'Zed', [])],
            $family->unclear,
        );
        $this->assertSame([['Mo'], []], [$family->parentsOf('Ada'), $family->apart()]);
        [$which, $who] = WhoIsWhere::unclear($family);
        $this->assertStringContainsString('Karl Ek or Karl Alm', $which->because);
        $this->assertSame([null, 'Zed'], [$which->remedy, $who->remedy?->on['name']]);
        $this->assertSame([], self::family(['Ada' => 'bride', 'Mo' => 'mother of Ada'])->unclear);
    }

    public function test_not_beside_holds_from_either_side(): void
    {
        $family = self::family(['Ada' => 'bride', 'Bo' => 'groom', 'Ia' => 'not beside Mo', 'Mo' => 'mother of Ada']);
        $this->assertSame([['Mo'], ['Ia']], [$family->person('Ia')?->notBeside, $family->person('Mo')?->notBeside]);
    }

    public function test_two_pairs_make_two_groups_and_two_questions(): void
    {
        $lines = ['Ada' => 'bride', 'Bo' => 'groom', 'Cy' => 'apart from Di', 'Di' => '', 'Ed' => 'apart from Fi', 'Fi' => '', 'Gu' => ''];
        $everybody = static fn (array $of): array => array_values(
            array_filter(GroupRules::of(self::family($of)), static fn (FamilyGroup $g): bool => str_starts_with($g->title, 'Everybody')),
        );
        $two = $everybody($lines);
        $this->assertCount(2, $two);
        $this->assertCount(7, array_unique([...$two[0]->people, ...$two[1]->people]), 'nobody is lost');
        foreach ($two as $group) {
            foreach ([['Cy', 'Di'], ['Ed', 'Fi']] as $pair) {
                $this->assertCount(1, array_intersect($pair, $group->people), $group->title);
            }
        }
        $this->assertCount(2, WhoIsWhere::howFarApart(self::family($lines)));
        $one = [...$lines, 'Ed' => ''];
        $this->assertSame([], WhoIsWhere::howFarApart(self::family($one)));
        $this->assertCount(2, $everybody($one));
        $three = $everybody([...$lines, 'Gu' => 'apart from Cy, apart from Di']);
        $this->assertCount(3, $three, 'three who may not meet each other take one group more');
        $this->assertCount(7, array_unique(array_merge(...array_map(static fn (FamilyGroup $g): array => $g->people, $three))));
    }

    public function test_who_came_may_be_who_went(): void
    {
        $this->assertTrue(SamePerson::isSame(' Olga  Ek', 'olga ek'));
        $this->assertTrue(SamePerson::isLikely('Olga', null, 'Olga Ek', null));
        $this->assertTrue(SamePerson::isLikely('Kristina', null, 'Christina', null), 'two letters');
        $this->assertTrue(SamePerson::isLikely('Ulf', 'uncle of Bo', 'Rolf', 'Uncle of Bo'));
        $this->assertFalse(SamePerson::isLikely('Ulf', null, 'Rolf', null), 'too short to tell a slip from a name');
        $this->assertFalse(SamePerson::isLikely('Ulf', '', 'Rolf', ''));
        $this->assertTrue(SamePerson::isLikely('Best man: Pekka', null, 'Pekka', 'best man'), 'the one within the other');
        $this->assertFalse(SamePerson::isLikely('Annabel Holt', null, 'Bel', null), 'part of a word is no name');
    }

    /** Those who belong to somebody who belongs to the two: "son of groom's sister". */
    #[TestWith(["son of groom's sister", 'child'])]
    #[TestWith(['child of the groom’s sister', 'child'])]
    #[TestWith(['husband of sister of Jon Aune', 'partner'])]
    #[TestWith(["Jon's sister's husband", 'partner'])]
    public function test_whose_somebody_is_may_be_said_round_a_corner(string $text, string $kind): void
    {
        $family = self::family(['Mirja Holt' => 'bride', 'Jon Aune' => 'groom', 'Dagny' => "groom's sister", 'Falk' => $text]);
        $this->assertSame([], $family->unclear);
        $this->assertSame(
            [[$kind, 'Dagny']],
            array_map(static fn (Relation $r): array => [$r->kind, $r->of], $family->person('Falk')->relations ?? []),
        );
        $two = self::family(['Mirja Holt' => 'bride', 'Jon Aune' => 'groom', 'Dagny' => "groom's sister", 'Eir' => 'sister of Jon', 'Falk' => $text]);
        $this->assertSame(['Dagny', 'Eir'], $two->unclear[0]->mayBe, 'he has two: one asks');
    }

    /** A stepmother stands with the father, and with nobody where one cannot tell. */
    public function test_a_step_parent_is_with_the_other_parent(): void
    {
        $lines = ['Mirja' => 'bride', 'Jon' => 'groom', 'Olga' => 'mother of bride', 'Kurt' => 'father of bride', 'Gerd' => 'stepmother of bride'];
        $family = self::family($lines);
        $this->assertSame(['Kurt', 'Gerd', null], array_map($family->partnerOf(...), ['Gerd', 'Kurt', 'Olga']));
        $titles = array_map(static fn (FamilyGroup $g): array => $g->people, GroupRules::of($family));
        $this->assertContains(['Mirja', 'Jon', 'Kurt', 'Gerd'], $titles);
        $this->assertContains(['Mirja', 'Jon', 'Olga'], $titles);
        $apart = GroupRules::of(self::family([...$lines, 'Olga' => 'mother of bride, apart from Kurt']));
        foreach ($apart as $group) {
            $this->assertSame(
                in_array('Kurt', $group->people, true),
                in_array('Gerd', $group->people, true),
                "{$group->title}: she is where he is",
            );
        }
        foreach (['Ebba' => 'partner of Kurt', 'Stig' => 'father of bride'] as $name => $text) {
            $this->assertNotSame('Kurt', self::family([...$lines, $name => $text])->partnerOf('Gerd'), $name);
        }
        $this->assertNull(self::family([...$lines, 'Gerd' => 'stepmother of bride, partner of Olga'])->partnerOf('Kurt'));
    }

    /** A list as people write it. */
    public function test_a_whole_family_is_read_as_it_is_written(): void
    {
        $text = <<<'TEXT'
            Mirja Holt, bride
            Jon Aune, groom
            Liv, mother of the bride
            Kurt, bride's dad
            Gerd, Kurt's wife
            Ex-wife of Kurt: Uta
            Harald, brother of bride's father
            Great-aunt Lotta, Liv's aunt
            Tilda - godmother of the bride
            Ilse, mother in law of bride
            Berit, father-in-law of Mirja
            Stepdad of groom, Olaf
            Halfbrother of groom: Nils
            Dagny, groom's sister
            Baby Mia, Dagny's newborn
            Jesper, best man & brother of groom
            Ada, cousin of groom and bridesmaid
            Oma Gerda, groom's gran
            TEXT;
        $lines = array_map(static fn (NamedLine $p): FamilyLine => new FamilyLine($p->name, (string) $p->role), PeopleText::read($text)->people);
        $family = new Family(FamilyText::read($lines));
        $this->assertSame([], $family->unclear);
        $said = static fn (Relative $r): string => implode(
            ', ',
            array_map(static fn (Relation $r): string => trim("{$r->kind} {$r->of}"), $r->relations),
        );
        $this->assertSame([
            'Mirja Holt' => '', 'Jon Aune' => '', 'Liv' => 'parent Mirja Holt', 'Kurt' => 'parent Mirja Holt', 'Gerd' => 'partner Kurt',
            'Uta' => 'former Kurt', 'Harald' => 'sibling Kurt', 'Great-aunt Lotta' => 'wide Liv', 'Tilda' => 'wide Mirja Holt',
            'Ilse' => 'parent Jon Aune, partner Olaf', 'Berit' => 'parent Jon Aune', 'Olaf' => 'parent Jon Aune, partner Ilse',
            'Nils' => 'sibling Jon Aune', 'Dagny' => 'sibling Jon Aune', 'Baby Mia' => 'child Dagny', 'Jesper' => 'attendant, sibling Jon Aune',
            'Ada' => 'wide Jon Aune, attendant', 'Oma Gerda' => 'grandparent Jon Aune',
        ], array_combine(array_map(static fn (Relative $r): string => $r->name, $family->people()), array_map($said, $family->people())));
        $this->assertEqualsCanonicalizing(['Tilda', 'Great-aunt Lotta', 'Harald'], $family->wideOf('Mirja Holt'));
        $groups = array_map(static fn (FamilyGroup $g): array => $g->people, GroupRules::of($family));
        $this->assertContains(['Mirja Holt', 'Jon Aune', 'Kurt', 'Gerd'], $groups, 'who has a wife is with her');
        $this->assertContains(['Mirja Holt', 'Jon Aune', 'Liv'], $groups);
        $alone = GroupRules::of(self::family(['Ann' => 'bride', 'Bo' => 'groom', 'Eva' => 'mother of Ann', 'Pål' => 'partner of Eva']));
        $this->assertSame(['Ann', 'Bo', 'Eva', 'Pål'], $alone[0]->people, 'one parent is named, and who is with her');
        $other = self::family(['Ann' => 'bride', 'Bo' => 'groom', 'Siv' => 'sister of Bo', 'Per' => 'father-in-law of Siv']);
        $this->assertSame(['wide', 'Siv'], [$other->person('Per')?->relations[0]->kind, $other->person('Per')?->relations[0]->of]);
    }
}
