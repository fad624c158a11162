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

    /** @return array<string, string|null> roles by name */
    private static function roles(string $text): array
    {
        $roles = [];
        foreach (PeopleText::read($text)->people as $one) {
            $roles[$one->name] = $one->role;
        }

        return $roles;
    }

    /** @param  array<string, string|null>  $roles */
    #[TestWith(["BRIDE'S FAMILY\nMum - Elin\nDad: Stig (remarried)", ['Elin' => 'Mum of bride', 'Stig' => 'Dad of bride, remarried']])]
    #[TestWith(["Jonas' side:\nOma Hilde (wheelchair)\nKuno, younger brother", [
        'Oma Hilde' => 'wheelchair, oma of Jonas', 'Kuno' => 'younger brother of Jonas']])]
    #[TestWith(["Family of the groom\nDad's wife Ines\nRolf, dad's brother", ['Ines' => "groom's dad's wife", 'Rolf' => "groom's dad's brother"]])]
    #[TestWith(["Bride's side\nFriends\nMum Tova", ['Tova' => 'mum']], 'another heading ends it')]
    #[TestWith(["VENDORS\nDJ Marco 0171 234567\nVideographer: Lumen", ['Marco' => 'DJ, 0171 234567, supplier', 'Lumen' => 'Videographer, supplier']])]
    public function test_whose_people_they_are_stands_above_them(string $text, array $roles): void
    {
        $this->assertSame($roles, self::roles($text));
    }

    /** @param  array<string, string|null>  $roles */
    #[TestWith(['Brother Arne + fiancée Mei', ['Arne' => 'brother', 'Mei' => 'fiancée of Arne']])]
    #[TestWith(['Frida - sister of the bride, with husband Gorm and their kids Ida (6) and Finn (3 months)', [
        'Frida' => 'sister of the bride', 'Gorm' => 'husband of Frida', 'Ida' => 'child of Frida, 6', 'Finn' => 'child of Frida, 3 months']])]
    #[TestWith(['Ana, aunt of the groom, with partner Luca and baby Mia', [
        'Ana' => 'aunt of the groom', 'Luca' => 'partner of Ana', 'Mia' => 'child of Ana, infant']])]
    #[TestWith(["Tim's girlfriend Lea", ['Lea' => 'girlfriend of Tim']])]
    #[TestWith(["Bilal's wife Sara & their twins Adam and Noor", ['Sara' => 'wife of Bilal', 'Adam' => 'child of Sara', 'Noor' => 'child of Sara']])]
    #[TestWith(["Esther's mum and dad (Nadia and Karim)", ['Nadia' => "Esther's mum", 'Karim' => "Esther's dad"]])]
    #[TestWith(["Esther's 3 brothers: Bo, Ham, Yrjö", ['Bo' => "Esther's brother", 'Ham' => "Esther's brother", 'Yrjö' => "Esther's brother"]])]
    #[TestWith(["Flower girls: Emma & Lotte (Max's daughters)", [
        'Emma' => "flower girl, Max's daughter", 'Lotte' => "flower girl, Max's daughter"]])]
    #[TestWith(["Best man: Rory (groom's cousin)", ['Rory' => "Best man, groom's cousin"]])]
    #[TestWith(["Daniel's grandma, Nana Ama", ['Nana Ama' => "Daniel's grandma"]])]
    #[TestWith(['Joe - passed away in March', ['Joe' => 'passed away in March']])]
    #[TestWith(["Late grandpa Hamish\n† Radu, father of bride", ['Hamish' => 'grandpa, late', 'Radu' => 'late, father of bride']])]
    #[TestWith(['Ring bearer: little Kobby, 4', ['Kobby' => 'Ring bearer, 4']])]
    #[TestWith(["Aunt Grace?\nTBC\nPlus ones: 3\n+2", ['Aunt Grace' => 'perhaps']])]
    #[TestWith(["Arne, brother of bride\nGroomsmen: Arne, Bo", ['Arne' => 'brother of bride, groomsman', 'Bo' => 'groomsman']])]
    #[TestWith(['Baby Ned, son of Hamish', ['Baby Ned' => 'son of Hamish']])]
    #[TestWith(["Parents: Helen Finn and Gus Finn (divorced, Helen's partner is Rob)", [
        'Helen Finn' => 'parent, former partner of Gus Finn', 'Gus Finn' => 'parent, former partner of Helen Finn', 'Rob' => 'partner of Helen']])]
    #[TestWith(['Mum (Grace) and step-dad (Edo)', ['Grace' => 'Mum', 'Edo' => 'step-dad']])]
    #[TestWith(["Dad = Mikael\nMum (Tova)", ['Mikael' => 'Dad', 'Tova' => 'Mum']])]
    #[TestWith(['Grandmother - Joan (nearly 90, needs a seat)', ['Joan' => 'Grandmother, nearly 90, needs a seat']])]
    #[TestWith(['Siblings: Tolu (sister), Femi (half brother)', ['Tolu' => 'sister, sibling', 'Femi' => 'half brother, sibling']])]
    #[TestWith(["The happy couple\nJunior bridesmaid: Wren\nSeb, uncle of bride, his wife Kate, their daughter Wren", [
        'Wren' => 'Junior bridesmaid, daughter of Seb', 'Seb' => 'uncle of bride', 'Kate' => 'wife of Seb']])]
    #[TestWith(["Groom's parents Uno and Kaisa Berg", ['Uno' => "Groom's parent", 'Kaisa Berg' => "Groom's parent"]])]
    #[TestWith(['Parents of the bride Lova and Piet Ro', ['Lova' => 'parent of the bride', 'Piet Ro' => 'parent of the bride']])]
    #[TestWith(['Cousins Lia, Tor and Ben Ro', ['Lia' => 'cousin', 'Tor' => 'cousin', 'Ben Ro' => 'cousin']])]
    #[TestWith(['Sister of the bride: Kira with husband Daan and kids Milo (6) and Ada (baby)', [
        'Kira' => 'Sister of the bride', 'Daan' => 'husband of Kira', 'Milo' => 'child of Kira, 6', 'Ada' => 'child of Kira, baby']])]
    #[TestWith(['Siblings of Sem: Aoi (+ husband Rory, 3 kids), Dov', [
        'Aoi' => '3 kids, sibling of Sem', 'Dov' => 'sibling of Sem', 'Rory' => 'husband of Aoi']])]
    #[TestWith(['Uncle Dev & Aunt Sun + their twins Rohan/Kiran', [
        'Uncle Dev' => null, 'Aunt Sun' => null, 'Rohan' => 'child of Uncle Dev', 'Kiran' => 'child of Uncle Dev']])]
    #[TestWith(["Photographer's assistant: Lou Ek, from noon", ['Lou Ek' => "Photographer's assistant, from noon"]])]
    #[TestWith(['Press officer Jon Vik (0047 912 33 455)', ['Jon Vik' => 'Press officer, 0047 912 33 455']])]
    #[TestWith(["Chef: Ove Lind\nFood stylist Mia (0170 5551234)\nHost: Rut", [
        'Ove Lind' => 'Chef', 'Mia' => 'Food stylist, 0170 5551234', 'Rut' => 'Host']])]
    #[TestWith(["Rigger: Ane Moe, from noon\nToril: Race Director", ['Ane Moe' => 'Rigger, from noon', 'Toril' => 'Race Director']])]
    #[TestWith(["MOB Sabine Ro\nFOG: Idar\nMOH - Nele", [
        'Sabine Ro' => 'Mother of the bride', 'Idar' => 'Father of the groom', 'Nele' => 'Maid of honour']])]
    #[TestWith(['Brides brother Jan w/ girlfriend Ella', ['Jan' => 'brother of Bride', 'Ella' => 'girlfriend of Jan']])]
    #[TestWith(["Idar's sister Tem and her two girls, Ayo 4 & Simi 7", [
        'Tem' => 'sister of Idar', 'Ayo' => 'child of Tem, 4', 'Simi' => 'child of Tem, 7']])]
    #[TestWith(["Flower girl Ayo, ring bearer Kofi (Tem's nephew)", ['Ayo' => 'Flower girl', 'Kofi' => "ring bearer, Tem's nephew"]])]
    #[TestWith(["Cousin Max + 1\nRut plus one", ['Cousin Max' => 'plus one', 'Rut' => 'plus one']])]
    #[TestWith(['Ngo (mum of the bride, remarried), husband Peter', ['Ngo' => 'mum of the bride, remarried', 'Peter' => 'husband of Ngo']])]
    #[TestWith(["Groom's people\nLasse's godson Emil, 4 yrs\nPlus-ones for Nils and Obi", ['Emil' => 'godson of Lasse, 4 yrs']])]
    #[TestWith(["Lasse's father Sven † 2019", ['Sven' => 'father of Lasse, late']])]
    #[TestWith(['Aunts: Nke, Uju, Bola - must be seated', ['Nke' => 'aunt', 'Uju' => 'aunt', 'Bola' => 'must be seated, aunt']])]
    #[TestWith(['Great-grandma Elsa turns 100!', ['Great-grandma Elsa' => 'turns 100!']])]
    #[TestWith(['Kids: Tim (2), Ole (8 mo.), Lis (11)', ['Tim' => '2, kid', 'Ole' => '8 mo., kid', 'Lis' => '11, kid']])]
    #[TestWith(['Best friend of the bride, Kemi', ['Kemi' => 'Best friend of the bride']])]
    #[TestWith(["Bride Sofie Lund\nGroom Mads Krag\nToastmaster: Bjarne", [
        'Sofie Lund' => 'Bride', 'Mads Krag' => 'Groom', 'Bjarne' => 'Toastmaster']])]
    #[TestWith(["Mads' parents (still married): Inge + Torben", ['Inge' => "Mads' parent", 'Torben' => "still married, Mads' parent"]])]
    #[TestWith(["Sofie's nieces (Alma 5 and Karla 3)\nBest man - to be decided\nUsher: TBC", [
        'Alma' => "5, Sofie's niece", 'Karla' => "3, Sofie's niece"]])]
    #[TestWith(["Ushers: Ole, TBC\nAunt Grace, tba", ['Ole' => 'Ushers', 'Aunt Grace' => 'perhaps']])]
    #[TestWith(['Bride and groom: Ana & Luis', ['Ana' => 'bride', 'Luis' => 'groom']])]
    #[TestWith(['The couple: Ana Prieto, Luis Moya', ['Ana Prieto' => 'couple', 'Luis Moya' => 'couple']])]
    #[TestWith(['Brides - Ana and Lou', ['Ana' => 'bride', 'Lou' => 'bride']])]
    #[TestWith(['Groom + bride: Luis and Ana', ['Luis' => 'groom', 'Ana' => 'bride']])]
    #[TestWith(["Bride: Ana, in white\nAunt Clara (Ana's side) + 2 kids", [
        'Ana' => 'Bride, in white', 'Aunt Clara' => "Ana's side, 2 kids"]])]
    #[TestWith(['Uncle Bent will be late (arrives 16:15)', ['Uncle Bent' => 'will be late (arrives 16:15)']])]
    #[TestWith(["Bente Ro, aunt of the bride\nBente Ro does not want flash", ['Bente Ro' => 'aunt of the bride, does not want flash']])]
    #[TestWith(["Speaker: Toril\nCEO: Dr. Ada Falk", ['Toril' => 'Speaker', 'Dr. Ada Falk' => 'CEO']])]
    #[TestWith(["Security lead Bo Lund\nHead of catering Mia Ro", ['Bo Lund' => 'Security lead', 'Mia Ro' => 'Head of catering']])]
    #[TestWith(["Maria della Rosa\nSanne de Wit", ['Maria della Rosa' => null, 'Sanne de Wit' => null]])]
    #[TestWith(['Mayor of the town, hands over the cup', ['Mayor of the town' => 'hands over the cup']])]
    #[TestWith(["Olga is the bride's grandmother and needs a chair", ['Olga' => "the bride's grandmother, needs a chair"]])]
    #[TestWith(['Uncle Jo leaves at 16:00', ['Uncle Jo' => 'leaves at 16:00']])]
    #[TestWith(['Grandpa Josef died last year', ['Grandpa Josef' => 'died last year']])]
    #[TestWith(["Anna's dad is Henrik", ['Henrik' => "Anna's dad"]])]
    #[TestWith(['Maria do Carmo Lopes', ['Maria do Carmo Lopes' => null]])]
    #[TestWith(['Carme Puig i Roca, friend', ['Carme Puig i Roca' => 'friend']])]
    #[TestWith(['Hamish, 41, brought up by Anna and Per', ['Hamish' => '41, brought up by Anna and Per']])]
    public function test_who_else_stands_on_a_line_is_somebody_too(string $text, array $roles): void
    {
        $this->assertSame($roles, self::roles($text));
    }

    #[TestWith(['Lova and Uno are not to stand next to each other'])]
    #[TestWith(['Please keep Kaisa away from Kira'])]
    #[TestWith(['We expect about 60 guests'])]
    #[TestWith(['Ceremony is at 15:00'])]
    #[TestWith(['Ben and Lia are divorced'])]
    #[TestWith(['- Lova is not to stand beside Uno'])]
    public function test_a_sentence_is_nobody(string $line): void
    {
        $read = PeopleText::read("Lova Ro, mother of the bride\n{$line}\nUno");
        $this->assertSame(['Lova Ro', 'Uno'], array_map(static fn (NamedLine $l): string => $l->name, $read->people));
        $this->assertSame([ltrim($line, '- ')], $read->sentences);
        $this->assertStringContainsString('“'.ltrim($line, '- ').'”', $read->sentencesTold());
        $this->assertSame('', PeopleText::read('Lova Ro')->sentencesTold());
    }

    public function test_two_of_one_name_in_the_family_are_not_made_one(): void
    {
        $names = array_map(static fn (NamedLine $l): string => $l->name, PeopleText::read("Anna, mother of Tuva\nAnna, aunt of Emrik")->people);
        $this->assertSame(['Anna', 'Anna'], $names);
    }
}
