<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use NorthSatchel\ImpossibleValue;
use NorthSatchel\Plan\Setups\DayBreak;
use NorthSatchel\Plan\Setups\DayFrame;
use NorthSatchel\Plan\Setups\ElementBoard;
use NorthSatchel\Plan\Setups\ElementCount;
use NorthSatchel\Plan\Setups\ElementDay;
use NorthSatchel\Plan\Setups\ElementJudge;
use NorthSatchel\Plan\Setups\ElementList;
use NorthSatchel\Plan\Setups\ElementTemplate;
use NorthSatchel\Plan\Setups\ElementText;
use NorthSatchel\Plan\Setups\PersonHours;
use NorthSatchel\Plan\Setups\TimedElement;
use NorthSatchel\Plan\Setups\WantedElement;
use NorthSatchel\Taps\Tap;
use NorthSatchel\Taps\TapKind;
use NorthSatchel\Taps\TapLog;
use NorthSatchel\Time\Priority;
use NorthSatchel\Verdict;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Final pictures, what each is put together from, and whether it is in the can. */
final class ElementsTest extends TestCase
{
    private const JARS = <<<'TEXT'
    Honey jar
        Dark ground
            Clean jar x2, 20 min
            - Wet jar ×3, 30 min, after clean jar, with Ida and Bo
        Tank
            Splash left ×2, 40 min, throws Bo, catches Ida, keeps dry Cia
    Jam jar
        dark ground:
            Clean jar, 20 min, before Lid
            Lid, 5 min: nice
    TEXT;

    private static function id(string $picture, string $name): int
    {
        return WantedElement::number($picture, $name);
    }

    /** @param  list<array{TapKind, int, string}>  $taps */
    private static function counted(array $taps = []): ElementCount
    {
        $list = [];
        foreach ($taps as $n => [$kind, $id, $words]) {
            $list[] = new Tap("tap {$n}", $kind, (float) $n, [$kind->subject() => $id, 'words' => $words]);
        }

        return new ElementCount(TapLog::of($list));
    }

    /** @return array<string, Verdict> by code */
    private static function judged(ElementList $list, ElementCount $count, DayFrame $frame): array
    {
        $found = [];
        foreach ((new ElementJudge($list, new ElementDay($list, $list->order(), $frame), $count))->verdicts() as $verdict) {
            $found[$verdict->code] = $verdict;
        }

        return $found;
    }

    public function test_an_indented_list_is_read(): void
    {
        [$honey, $jam] = ElementText::read(self::JARS);
        $this->assertSame(['Honey jar', 'Jam jar'], [$honey->name, $jam->name]);
        [$clean, $wet, $splash] = $honey->elements;
        $this->assertSame(['Clean jar', 'Dark ground', 2, 20], [$clean->name, $clean->setup, $clean->wanted, $clean->minutes]);
        $this->assertSame([[$clean->id], ['Ida', 'Bo'], 3], [$wet->after, $wet->people, $wet->wanted]);
        $this->assertSame('Tank', $splash->setup);
        $this->assertSame(['Bo', 'Ida', 'Cia'], [$splash->throwing?->throws, $splash->throwing?->catches, $splash->throwing?->keepsDry]);
        $this->assertSame(['Bo', 'Ida', 'Cia'], $splash->people);
        [$other, $lid] = $jam->elements;
        $this->assertSame('Dark ground', $other->setup, 'written otherwise it is the same setup, as it was written first');
        $this->assertNotSame($clean->id, $other->id);
        $this->assertSame([[$other->id], Priority::Nice], [$lid->after, $lid->priority]);
        $this->assertNull($other->throwing);
        $this->assertSame(self::id('HONEY JAR', 'clean jar'), $clean->id, 'typed again it is the same');
    }

    public function test_tabs_and_an_element_right_below_its_picture(): void
    {
        [$one, $two] = ElementText::read("Poster\n\tGround\n\tLamp\n\t\tBulb\n\t\tCord\n\tSky\nCard\n\tFront");
        $this->assertSame([null, 'Lamp', 'Lamp', null], array_map(static fn (WantedElement $e): ?string => $e->setup, $one->elements));
        $this->assertSame([null], array_map(static fn (WantedElement $e): ?string => $e->setup, $two->elements));
        $this->assertSame([], ElementText::read(" \n\n"));
        [$fox] = ElementText::read("A\n  B\n    Fox 2\n    Box x3\n    Mix×4");
        $this->assertSame(
            [['Fox 2', 1], ['Box', 3], ['Mix', 4]],
            array_map(static fn (WantedElement $e): array => [$e->name, $e->wanted], $fox->elements),
            'a word that ends in x is no number of alternatives',
        );
    }

    /** @return iterable<string, array{string, string}> */
    public static function bad(): iterable
    {
        yield 'a word that says nothing' => ["A\n  B\n    C, soonish", 'line 3'];
        yield 'twice' => ["A\n  B\n    C\n    c, 5 min", 'line 4'];
        yield 'a picture twice' => ["A\n  B\na", 'line 3'];
        yield 'after what is not there' => ["A\n  B\n    C, after D", '“D” is no element'];
        yield 'after itself' => ["A\n  B\n    C, after c", 'after itself'];
        yield 'after one of two' => ["A\n  X\n    C\nB\n  X\n    C\nE\n  X\n    F, after C", 'of several pictures'];
        yield 'none wanted' => ["A\n  B\n    C ×0", 'from 1 to 40'];
        yield 'too long' => ["A\n  B\n    C, 700 min", 'from 1 to 40'];
    }

    #[DataProvider('bad')]
    public function test_a_bad_line_is_named(string $text, string $says): void
    {
        $this->expectException(ImpossibleValue::class);
        $this->expectExceptionMessage($says);
        ElementText::read($text);
    }

    public function test_a_circle_and_a_wrong_change_are_refused(): void
    {
        foreach ([
            ["A\n  B\n    C, after D\n    D, after C", '', 'circle'],
            [self::JARS, 'Dark ground to Tank', 'line 1'],
            [self::JARS, 'Dark ground to Shed, 5 min', 'does not name two setups'],
            [self::JARS, "Dark ground to Tank, 5 min\nTank to tank, 5 min", 'both are one'],
            [self::JARS, "Dark ground to Tank, 5 min\nDark ground to Tank, 6 min", 'already'],
        ] as [$elements, $changes, $says]) {
            try {
                ElementList::read($elements, $changes, 10);
                $this->fail($says);
            } catch (ImpossibleValue $e) {
                $this->assertStringContainsString($says, $e->getMessage());
            }
        }
    }

    public function test_the_order_is_laid_around_the_meal(): void
    {
        $list = ElementList::read(self::JARS, 'Dark ground to Tank, 30 min', 10);
        $order = $list->order();
        $this->assertSame(145, $order->minutes, '115 min of work and one change of 30');
        $this->assertSame(145, $list->typedMinutes() - 30, 'typed, the ground is built twice');
        $day = new ElementDay($list, $order, new DayFrame(540, 780, [new DayBreak(600, 630)]));
        $says = array_map(static fn (TimedElement $t): string => trim("{$t->changeFrom} {$t->element->name} {$t->from}-{$t->to}"), $day->timed);
        $this->assertSame(['Clean jar 540-560', 'Wet jar 560-590', 'Clean jar 630-650', 'Lid 650-655', '655 Splash left 685-725'], $says,
            'what would be cut in two by the meal begins after it; the change is made once');
        $this->assertSame(725, $day->ends);
        $this->assertEquals([new PersonHours('Bo', 560, 725), new PersonHours('Cia', 685, 725), new PersonHours('Ida', 560, 725)], $day->people());
        $this->assertSame('11:25 to 12:05', $day->people()[1]->says());
    }

    public function test_it_fits_or_it_says_what_gives(): void
    {
        $list = ElementList::read(self::JARS, 'Dark ground to Tank, 30 min', 10);
        $fits = self::judged($list, self::counted(), new DayFrame(540, 720));
        $this->assertSame(35, $fits['elements.fit']->figures['spare_minutes']);
        $this->assertSame(30, $fits['elements.order']->figures['more_minutes']);
        $this->assertSame(
            '5 elements. From 09:00: 2 h 25 with 1 change of setup, no order takes less; 35 min are left.',
            $fits['elements.fit']->because,
        );
        $three = "A\n  One\n    a\n  Two\n    b\n  Three\n    c";
        $over = ElementList::read($three, "One to Two, 30 min\nOne to Three, 10 min\nThree to Two, 15 min", 10);
        $said = self::judged($over, self::counted(), new DayFrame(540, 780))['elements.change-through']->finding;
        $this->assertSame('From “One” to “Two” 30 min are typed, and 25 count.', $said);
        $even = ElementList::read($three, "One to Two, 20 min\nOne to Three, 10 min", 10);
        $this->assertArrayNotHasKey('elements.change-through', self::judged($even, self::counted(), new DayFrame(540, 780)));
        $signed = self::judged($list, self::counted(), new DayFrame(540, 780, [new DayBreak(750, 770)], 'Sign-off'));
        $this->assertStringContainsString(' are left until “Sign-off”.', $signed['elements.fit']->because);
        $this->assertSame(20, self::judged($list, self::counted(), new DayFrame(540, 780))['elements.fit']->figures['spare_minutes']
            - $signed['elements.fit']->figures['spare_minutes'], 'a break is no time for pictures');
        $over = self::judged($list, self::counted(), new DayFrame(540, 600, [], 'Sign-off'))['elements.late']->finding;
        $this->assertStringEndsWith(' after “Sign-off” begins.', $over);
        $meal = self::judged($list, self::counted(), new DayFrame(540, 780, [new DayBreak(600, 630)]));
        $this->assertStringContainsString('taken at 12:05', $meal['elements.fit']->finding);
        $this->assertStringContainsString(
            'From 09:00: 2 h 25 with 1 change of setup, no order takes less, and 30 min of breaks, 10 min of waiting for them; ',
            $meal['elements.fit']->because,
            '145, 30 and 10 min from 09:00 are 12:05',
        );
        $behind = self::judged($list, self::counted(), new DayFrame(540, 780, [new DayBreak(685, 715)]));
        $this->assertStringNotContainsString('of breaks', $behind['elements.fit']->because, 'a break after the last held nothing up');
        $late = self::judged($list, self::counted(), new DayFrame(540, 680));
        $this->assertSame(5, $late['elements.late']->figures['late_minutes']);
        $this->assertStringContainsString('Lid (Jam jar) is left out.', $late['elements.late']->because);
        $hopeless = self::judged($list, self::counted(), new DayFrame(540, 600));
        $this->assertStringContainsString('Nothing that may give is enough', $hopeless['elements.late']->because);
        $this->assertArrayNotHasKey('elements.fit', $hopeless);
        $this->assertSame(['elements.none'], array_keys(self::judged(ElementList::read('', '', 10), self::counted(), new DayFrame(540, 600))));
    }

    public function test_who_works_longer_than_six_hours_without_a_meal_is_told_so(): void
    {
        $list = ElementList::read("Lamp\n  Fog\n    Lit, 200 min\n    Smoke, 160 min", '', 10);
        $six = self::judged($list, self::counted(), new DayFrame(540, 1200));
        $this->assertArrayNotHasKey('elements.no-meal', $six, 'six hours to the minute');
        $longer = ElementList::read("Lamp\n  Fog\n    Lit, 200 min\n    Smoke, 161 min", '', 10);
        $none = self::judged($longer, self::counted(), new DayFrame(540, 1200));
        $this->assertSame(361, $none['elements.no-meal']->figures['minutes']);
        $this->assertStringContainsString('From 09:00 to 15:01', $none['elements.no-meal']->because);
        $after = self::judged($longer, self::counted(), new DayFrame(540, 1200, [new DayBreak(1000, 1030)]));
        $this->assertArrayHasKey('elements.no-meal', $after, 'a meal when all is taken is none');
        $between = self::judged($longer, self::counted(), new DayFrame(540, 1200, [new DayBreak(741, 771)]));
        $this->assertArrayNotHasKey('elements.no-meal', $between);
    }

    public function test_on_the_day_what_is_left_is_laid_from_now_on(): void
    {
        $list = ElementList::read(self::JARS, 'Dark ground to Tank, 30 min', 10);
        $splash = self::id('Honey jar', 'Splash left');
        $left = new ElementDay($list, $list->order([$splash], 'Dark ground'), new DayFrame(640, 720), 'Dark ground');
        $count = self::counted([[TapKind::Kept, self::id('Jam jar', 'Lid'), '']]);
        $this->assertSame(self::id('Jam jar', 'Lid'), $count->last());
        $found = [];
        foreach ((new ElementJudge($list, $left, $count))->verdicts() as $verdict) {
            $found[$verdict->code] = $verdict;
        }
        $this->assertStringStartsWith('1 element left. From 10:40: 1 h 10', $found['elements.fit']->because);
        $late = new ElementDay($list, $list->order([$splash], 'Dark ground'), new DayFrame(660, 720), 'Dark ground');
        $codes = static fn (bool $isOver): array => array_map(
            static fn (Verdict $v): string => $v->code,
            iterator_to_array((new ElementJudge($list, $late, $count, $isOver))->verdicts(), false),
        );
        $this->assertContains('elements.late', $codes(false));
        $over = $codes(true);
        $this->assertSame([], array_intersect(['elements.late', 'elements.fit', 'elements.order'], $over), 'of a day that is gone no hour is said');
        $this->assertContains('elements.missing', $over);
    }

    public function test_of_what_has_no_setup_no_order_is_called_enough(): void
    {
        $found = self::judged(ElementList::read("A\n  B\n    C\n  D", '', 10), self::counted(), new DayFrame(540, 900));
        $this->assertSame(['elements.no-setup'], array_keys($found), 'D is counted by no order');
    }

    public function test_counted_by_taps_until_all_is_in_the_can(): void
    {
        $list = ElementList::read("Jar\n  Ground\n    Clean ×2\n    Pour ×2, after Clean", '', 10);
        $frame = new DayFrame(540, 900);
        [$clean, $pour] = [self::id('Jar', 'Clean'), self::id('Jar', 'Pour')];
        $this->assertArrayNotHasKey('elements.missing', self::judged($list, self::counted(), $frame), 'before anybody counts nothing lacks');
        $tried = [TapKind::Tried, $pour, ''];
        $taps = [[TapKind::Kept, $clean, ''], [TapKind::Kept, $clean, ''], $tried, $tried, [TapKind::Kept, $pour, '']];
        $found = self::judged($list, self::counted($taps), $frame);
        $this->assertStringContainsString('Pour (Jar): 1 of 2', $found['elements.missing']->because);
        // Jeffreys: a = 1.5, b = 2.5; P(at least 1 of m) >= 0.9 first at m = 10 (the product of (2.5 + i) / (4 + i) is 0.099 there, 0.112 before).
        $this->assertSame(['tries' => 3, 'keepers' => 1, 'throws_needed' => 10], $found['elements.throws']->figures);
        $all = self::judged($list, self::counted([...$taps, [TapKind::Kept, $pour, '']]), $frame);
        $this->assertArrayHasKey('elements.all-in', $all);
        $this->assertArrayNotHasKey('elements.throws', $all);
        $back = self::judged($list, self::counted([...$taps, [TapKind::Kept, $pour, ''], [TapKind::Dropped, $pour, '']]), $frame);
        $this->assertArrayHasKey('elements.missing', $back);
        $gone = self::judged($list, self::counted([...$taps, [TapKind::Kept, self::id('Jar', 'Gone'), '']]), $frame);
        $this->assertSame(1, $gone['elements.gone']->figures['keepers']);
    }

    public function test_a_struck_setup_is_told_as_long_as_something_of_it_lacks(): void
    {
        $list = ElementList::read("Jar\n  Ground\n    Clean\n  Tank\n    Liquid", '', 10);
        $frame = new DayFrame(540, 900);
        $ground = WantedElement::numberOfSetup('Ground');
        $struck = self::judged($list, self::counted([[TapKind::Struck, $ground, '']]), $frame);
        $this->assertArrayHasKey('elements.struck-short', $struck);
        $written = self::judged($list, self::counted([[TapKind::Struck, $ground, 'Ida: goes without']]), $frame);
        $this->assertStringContainsString('Ida: goes without', $written['elements.struck-in-writing']->because);
        foreach ([[TapKind::Stands, $ground, ''], [TapKind::Kept, self::id('Jar', 'Clean'), '']] as $then) {
            $found = self::judged($list, self::counted([[TapKind::Struck, $ground, ''], $then]), $frame);
            $this->assertArrayNotHasKey('elements.struck-short', $found);
        }
    }

    public function test_who_throws_catches_and_keeps_the_water_away(): void
    {
        $read = static fn (string $line): ElementList => ElementList::read("Jar\n  Ground\n    {$line}", '', 10);
        $frame = new DayFrame(540, 900);
        $of = static fn (string $line): ?Verdict => self::judged($read($line), self::counted(), $frame)['elements.nobody-throws'] ?? null;
        $this->assertStringContainsString('who throws, catches or holds the water away', (string) $of('Splash')?->finding);
        $this->assertStringContainsString('mains', (string) $of('Splash')?->because);
        $this->assertStringContainsString('who catches.', (string) $of('Cloth, throws Bo')?->finding);
        $this->assertNull($of('Cloth, throws Bo, catches Ida'));
        $this->assertNull($of('Splash, throws Bo, catches Ida, keeps dry Cia'));
        $this->assertNull($of('Clean jar'));
    }

    public function test_every_template_is_read_and_can_be_taken(): void
    {
        foreach (ElementTemplate::cases() as $template) {
            $list = ElementList::read($template->text(), '', 10);
            $this->assertCount(count($list->elements()), $list->order()->order, $template->label());
            $this->assertArrayNotHasKey('elements.no-setup', self::judged($list, self::counted(), new DayFrame(480, 1080)));
        }
    }

    public function test_the_board_has_a_compartment_for_each_and_beads_for_what_is_in_the_can(): void
    {
        $list = ElementList::read(self::JARS, '', 10);
        $count = self::counted([[TapKind::Kept, self::id('Honey jar', 'Clean jar'), ''], [TapKind::Tried, self::id('Honey jar', 'Clean jar'), '']]);
        $board = new ElementBoard($list, $count, new ElementDay($list, $list->order(), new DayFrame(540, 900)));
        $this->assertSame([6, 2], array_map(static fn ($t): int => $t->lacks, $board->trays));
        $clean = $board->trays[0]->cells[0];
        $this->assertSame([[true, false], '1 of 2, 2 tried'], [$clean->beads, $clean->says]);
        $name = 'Clean jar with a linen lid and a hand-lettered paper label tied twice with jute';
        $long = ElementList::read("Honey jar\n    Dark ground\n        {$name} x2", '', 10);
        $cell = (new ElementBoard($long, self::counted(), new ElementDay($long, $long->order(), new DayFrame(540, 900))))->trays[0]->cells[0];
        $this->assertSame($name, implode(' ', $cell->name->lines), 'never cut off');
        $this->assertCount(5, $board->thread);
        $turns = array_map(static fn ($c): ?int => $c->turn, [...$board->trays[0]->cells, ...$board->trays[1]->cells]);
        sort($turns);
        $this->assertSame([1, 2, 3, 4, 5], $turns);
        $boxes = array_map(static fn ($c): array => [$c->x, $c->y], [...$board->trays[0]->cells, ...$board->trays[1]->cells]);
        $this->assertSame(count($boxes), count(array_unique($boxes, SORT_REGULAR)), 'none lies on another');
    }
}
