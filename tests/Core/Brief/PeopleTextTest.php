<?php

declare(strict_types=1);

namespace Tests\Core\Brief;

use NorthSatchel\Brief\NamedLine;
use NorthSatchel\Brief\PeopleText;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** People as they are typed. */
final class PeopleTextTest extends TestCase
{
    /** @param  list<string>  $wanted  name | role */
    #[TestWith(["Olga, bride's grandmother, wheelchair", ["Olga | bride's grandmother, wheelchair"]])]
    #[TestWith(['- Olga', ['Olga | -']])]
    #[TestWith(['Best man: Pekka', ['Pekka | Best man']])]
    #[TestWith(["Bride's mother: Hanna Holt, 158 cm", ["Hanna Holt | Bride's mother, 158 cm"]])]
    #[TestWith(['Mother of Noor: Hanna', ['Hanna | Mother of Noor']])]
    #[TestWith(['mother of Noor, Hanna Holt', ['Hanna Holt | mother of Noor']])]
    #[TestWith(["Bride's father, Ivo, 1.90 m, leaves 17:30", ["Ivo | Bride's father, 1.90 m, leaves 17:30"]])]
    #[TestWith(['Best man, Pekka', ['Pekka | Best man']])]
    #[TestWith(['Grandmother, in a wheelchair', ['Grandmother | in a wheelchair']])]
    #[TestWith(["Aunt Ines, Noor's aunt", ["Aunt Ines | Noor's aunt"]])]
    #[TestWith(["Mother, Noor's mother", ["Mother | Noor's mother"]])]
    #[TestWith(['Hanna: mother of Noor', ['Hanna | mother of Noor']])]
    #[TestWith(['Uncle Veikko (from the north)', ['Uncle Veikko | from the north']])]
    #[TestWith(["Lia & Tom, Noor's cousins", ["Lia | Noor's cousin", "Tom | Noor's cousin"]])]
    #[TestWith(['Lia and Tom Berg', ['Lia | -', 'Tom Berg | -']])]
    #[TestWith(['Mr & Mrs Holm, parents of the groom', ['Mr Holm | parent of the groom', 'Mrs Holm | parent of the groom']])]
    #[TestWith(['Bridesmaids: Anna, Beth and Cleo', ['Anna | bridesmaid', 'Beth | bridesmaid', 'Cleo | bridesmaid']])]
    #[TestWith(["Groom's brothers: Jon, Per", ["Jon | Groom's brother", "Per | Groom's brother"]])]
    #[TestWith(["Falk and Rike, twins of groom's sister", ["Falk | child of groom's sister", "Rike | child of groom's sister"]])]
    #[TestWith(["Ida's twins: Falk and Rike", ["Falk | Ida's child", "Rike | Ida's child"]])]
    #[TestWith(['Falk, twin of Ida', ['Falk | twin of Ida']])]
    #[TestWith(['Anna and the children', ['Anna and the children | -']])]
    #[TestWith(['Hill & Sons, client', ['Hill & Sons | client']])]
    #[TestWith(['Sandra Andersson', ['Sandra Andersson | -']])]
    #[TestWith(["Bride's side", []])]
    #[TestWith(['Guests:', []])]
    public function test_a_line_is_read(string $line, array $wanted): void
    {
        $read = array_map(
            static fn (NamedLine $p): string => "{$p->name} | ".($p->role ?? '-'),
            PeopleText::read($line)->people,
        );
        $this->assertSame($wanted, $read);
    }

    public function test_what_heads_and_who_stood_together_is_told(): void
    {
        $read = PeopleText::read("Bride's side\nLia & Tom\n\nOlga");
        $this->assertSame([["Bride's side"], ['Lia', 'Tom'], 3], [$read->headings, $read->together, count($read->people)]);
    }

    /** Roles before names, with a colon, a dash or nothing between, and how many of a kind there are. */
    public function test_a_role_may_stand_before_its_names(): void
    {
        $read = static fn (string $line): array => array_map(
            static fn (NamedLine $l): array => [$l->name, $l->role],
            PeopleText::read($line)->people,
        );
        foreach ([
            "the bride's parents: Teresa and Paulo Prado" => [['Teresa', "the bride's parent"], ['Paulo Prado', "the bride's parent"]],
            '2 aunts of Rui: Clara, Dora' => [['Clara', 'aunt of Rui'], ['Dora', 'aunt of Rui']],
            'Brother of the groom - Tiago' => [['Tiago', 'Brother of the groom']],
            'Best man Vasco' => [['Vasco', 'Best man']],
            'flower girl Nini, 5 years' => [['Nini', 'flower girl, 5 years']],
            'MC: Zé' => [['Zé', 'MC']],
            'Jury: Kim Ost, Leo Wahl' => [['Kim Ost', 'jury'], ['Leo Wahl', 'jury']],
            'Uncle Veikko' => [['Uncle Veikko', null]],
            'Anna-Lena Holm - bride' => [['Anna-Lena Holm', 'bride']],
            'Per Lund – Rika’s uncle' => [['Per Lund', 'Rika’s uncle']],
        ] as $line => $people) {
            $this->assertSame($people, $read($line), $line);
        }
    }
}
