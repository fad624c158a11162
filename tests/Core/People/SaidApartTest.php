<?php

declare(strict_types=1);

namespace Tests\Core\People;

use NorthSatchel\Brief\BriefText;
use NorthSatchel\People\Family;
use NorthSatchel\People\FamilyLine;
use NorthSatchel\People\FamilyText;
use NorthSatchel\People\RowOrder;
use NorthSatchel\People\SaidApart;
use NorthSatchel\People\WhoIsWhere;
use NorthSatchel\Verdict;
use PHPUnit\Framework\TestCase;

/** What the brief says of people, and what a line leaves open, is asked about before groups follow from it. */
final class SaidApartTest extends TestCase
{
    private const LINES = ['Rika Moen' => 'bride', 'Aksel Lund' => 'groom', 'Siv Moen' => 'mother of Rika', 'Per Moen' => 'father of Rika',
        'Ulla Lund' => 'mother of Aksel', 'Ulla Falk' => 'aunt of Aksel',
    ];

    /** @param  array<string, string>  $lines */
    private static function family(array $lines = self::LINES): Family
    {
        return new Family(FamilyText::read(array_map(
            static fn (string $name, string $text): FamilyLine => new FamilyLine($name, $text),
            array_keys($lines),
            $lines,
        )));
    }

    /**
     * @param  array<string, string>  $more
     * @return list<array{string, string, string|null}> severity, finding, label of the remedy
     */
    private static function said(string $text, array $more = []): array
    {
        return array_map(
            static fn (Verdict $v): array => [$v->severity->value, $v->finding, $v->remedy?->label],
            SaidApart::of(self::family([...self::LINES, ...$more]), BriefText::apart($text)),
        );
    }

    public function test_two_who_are_named_are_offered_to_be_kept_apart_as_far_as_is_said(): void
    {
        $beside = ['fix', 'Siv Moen and Per Moen do not get on, says the brief.', 'Never side by side'];
        $this->assertSame([$beside], self::said('Hall closes at ten. Siv and Per are divorced, never next to each other.'));
        $this->assertSame([['fix', 'Siv Moen and Ulla Lund do not get on, says the brief.', 'Never in one frame']],
            self::said('Siv Moen and Ulla Lund: never in one picture'));
        $this->assertSame([['fix', 'Siv Moen and Per Moen do not get on, says the brief.', 'Never in one frame']],
            self::said("The bride's parents are divorced"));
        $this->assertSame([$beside], self::said('Parents of Rika never side by side; no confetti'));
        $this->assertSame([$beside], self::said('Siv and Per must not be seated together'));
        $this->assertSame([['fix', 'Rika Moen and Siv Moen do not get on, says the brief.', 'Never side by side']],
            self::said('Rika and Siv never in one picture'), 'no group lacks the bride');
        $on = SaidApart::of(self::family(), BriefText::apart('Siv and Per are divorced'))[0]->remedy?->on;
        $this->assertSame(['one' => 'Siv Moen', 'other' => 'Per Moen', 'how' => 'apart', 'former' => 1], $on);
    }

    public function test_what_the_lines_say_already_is_not_said_again(): void
    {
        foreach (['not beside Siv Moen', 'apart from Siv'] as $known) {
            $this->assertSame([], self::said('Siv and Per never next to each other', ['Per Moen' => "father of Rika, {$known}"]));
        }
        $this->assertSame([], self::said('Cars and bicycles are kept apart'));
        $this->assertSame([], self::said('No flash'));
    }

    public function test_who_is_not_found_is_asked_for(): void
    {
        [[$severity, $finding, $label]] = self::said('Ulla and Per do not speak');
        $this->assertSame(['mind', null], [$severity, $label], 'there are two of that name');
        $this->assertStringContainsString('Who are they?', $finding);
        $this->assertSame('mind', self::said('The aunts are not on speaking terms')[0][0]);
    }

    public function test_a_relation_without_a_name_is_asked_about(): void
    {
        $found = WhoIsWhere::whose(self::family([...self::LINES, 'uncle Jens' => '', 'Berit' => 'step mother', 'Kaj' => 'brother of Rika']));
        $this->assertCount(1, $found);
        $this->assertStringStartsWith('uncle Jens (uncle), Berit (stepmother): write the name behind it, such as “of Rika Moen”', $found[0]->because);
        $this->assertSame([], WhoIsWhere::whose(self::family([...self::LINES, 'Kaj' => 'best man', 'Ida' => 'a colleague of my brother'])));
    }

    public function test_each_stands_beside_their_own_of_the_two_and_neither_side_grows_long(): void
    {
        $family = self::family([...self::LINES, 'Tom' => 'brother of Rika', 'Una' => 'sister of Rika', 'Vera' => 'cousin of Rika']);
        $row = array_column(RowOrder::of($family->people()), 'name');
        [$rika, $aksel] = [(int) array_search('Rika Moen', $row, true), (int) array_search('Aksel Lund', $row, true)];
        $this->assertSame(1, abs($rika - $aksel));
        $isHers = static fn (string $name): bool => ((int) array_search($name, $row, true) < $aksel) === ($rika < $aksel);
        $this->assertTrue($isHers('Siv Moen') && $isHers('Per Moen'));
        $this->assertFalse($isHers('Ulla Lund'));
        $this->assertLessThanOrEqual(2, abs(min($rika, $aksel) - (count($row) - 1 - max($rika, $aksel))), 'the two stay in the middle');
    }

    public function test_a_side_tells_whose_they_are(): void
    {
        $family = self::family([...self::LINES, 'Grandma Ada' => "wheelchair, bride's side", 'Odd' => "uncle, Aksel's side"]);
        $this->assertSame(['Grandma Ada'], $family->grandparentsOf('Rika Moen'));
        $this->assertContains('Odd', $family->wideOf('Aksel Lund'));
        $this->assertSame([], WhoIsWhere::whose($family));
    }

    public function test_words_apart_and_babies(): void
    {
        $family = self::family([...self::LINES, 'Berit' => 'step-mother of Aksel', 'Nils' => 'baby of Ulla Falk', 'Odd' => 'grand father of Rika']);
        $this->assertContains('Berit', $family->parentsOf('Aksel Lund'));
        $this->assertSame([['infant'], ['Nils']], [$family->person('Nils')?->needs, $family->childrenOf('Ulla Falk')]);
        $this->assertSame(['Odd'], $family->grandparentsOf('Rika Moen'));
    }
}
