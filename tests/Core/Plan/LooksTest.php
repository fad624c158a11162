<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use NorthSatchel\ImpossibleValue;
use NorthSatchel\Plan\Looks\Look;
use NorthSatchel\Plan\Looks\LooksJudge;
use NorthSatchel\Plan\Looks\LooksText;
use NorthSatchel\Plan\Looks\LookTurn;
use NorthSatchel\Plan\Looks\Pose;
use NorthSatchel\Plan\Looks\TimeBox;
use NorthSatchel\Time\Priority;
use NorthSatchel\Verdict;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Looks in a box of time: two-machine flow shops are known to be right by trying all; here small ones are worked out by hand. */
final class LooksTest extends TestCase
{
    private const LIST = <<<'TEXT'
    Coat, with Mira, change 10 min, hair 20 min
        Collar up, 10 min, supported
        Throw, 20 min, free, throws 12, helpers 2
    Scarf, with Juno, change 5 min, hair 10 min, nice
        Standing, 15 min
        Floor, 5 min, nice, floor
    Cap, with Mira, change 5 min
        Close, 10 min
    TEXT;

    /**
     * @param  list<int>  $walls
     * @return array<string, Verdict> by code
     */
    private static function judged(string $text, int $box, int $hands = 1, array $walls = []): array
    {
        $found = [];
        foreach ((new LooksJudge(LooksText::read($text), new TimeBox($hands), $box, $walls))->verdicts() as $verdict) {
            $found[$verdict->code] = $verdict;
        }

        return $found;
    }

    public function test_looks_are_read(): void
    {
        [$coat, $scarf, $cap] = LooksText::read(self::LIST);
        $this->assertEquals(new Look('Coat', 'Mira', 10, 20, [
            new Pose('Collar up', 10, 'supported'), new Pose('Throw', 20, 'free', 12, 2),
        ]), $coat);
        $this->assertSame([Priority::Nice, Priority::Nice, 20], [$scarf->priority, $scarf->poses[1]->priority, $scarf->minutes()]);
        $this->assertSame([Pose::USUAL_MINUTES, null], [LooksText::read("A\n  B")[0]->minutes(), LooksText::read("A\n  B")[0]->model]);
        $this->assertSame([], LooksText::read(''));
        $this->assertSame(0, $cap->hairMinutes);
    }

    /** @return iterable<string, array{string, string}> */
    public static function bad(): iterable
    {
        yield 'twice' => ["A\na", 'line 2'];
        yield 'a word of a pose at a look' => ['A, supported', 'with Mira'];
        yield 'a word of a look at a pose' => ["A\n  B, change 5 min", 'supported (or floor'];
        yield 'too long' => ['A, change 300 min', 'from 0 to 240'];
    }

    #[DataProvider('bad')]
    public function test_a_bad_line_is_named(string $text, string $says): void
    {
        $this->expectException(ImpossibleValue::class);
        $this->expectExceptionMessage($says);
        LooksText::read($text);
    }

    public function test_the_next_is_made_while_one_is_shot(): void
    {
        $looks = LooksText::read(self::LIST);
        $says = static fn (LookTurn $t): string => "{$t->look->name} {$t->changeFrom} {$t->hairFrom} {$t->readyAt} {$t->shotFrom}-{$t->shotTo}";
        $this->assertSame(
            ['Coat 0 10 30 30-60', 'Scarf 0 30 40 60-80', 'Cap 60 65 65 80-90'],
            array_map($says, (new TimeBox(1))->laid($looks)),
            'Juno waits for the hands that are at the coat; Mira changes while the scarf is shot',
        );
        $this->assertSame('Scarf 0 5 15 60-80', $says((new TimeBox(2))->laid($looks)[1]), 'with two pairs of hands');
        // Begin with what is ready first: the cap from 5 to 15, the scarf from 15 to 35, the coat's hair from 25 to 45 meanwhile.
        $box = new TimeBox(1);
        $this->assertSame(['Cap', 'Scarf', 'Coat'], array_map(static fn (Look $l): string => $l->name, $box->best($looks)));
        $this->assertSame([90, 75], [$box->minutes($looks), $box->minutes($box->best($looks))]);
    }

    public function test_the_best_order_is_no_worse_than_any_random_one(): void
    {
        mt_srand(5);
        for ($i = 0; $i < 60; $i++) {
            $looks = [];
            for ($l = 0; $l < 5; $l++) {
                $looks[] = new Look("L{$l}", ['A', 'B', 'C'][mt_rand(0, 2)], mt_rand(0, 15), mt_rand(0, 25), [new Pose('p', mt_rand(1, 30))]);
            }
            $box = new TimeBox(mt_rand(1, 2));
            $best = $box->minutes($box->best($looks));
            for ($try = 0; $try < 40; $try++) {
                shuffle($looks);
                $this->assertLessThanOrEqual($box->minutes($looks), $best);
            }
            $work = array_sum(array_map(static fn (Look $l): int => $l->minutes(), $looks));
            $this->assertGreaterThanOrEqual($work, $best, 'one camera takes one after the other');
        }
    }

    public function test_it_fits_or_it_says_what_is_left_out(): void
    {
        $this->assertSame(15, self::judged(self::LIST, 90)['looks.fit']->figures['spare_minutes']);
        $this->assertSame(15, self::judged(self::LIST, 90)['looks.order']->figures['more_minutes']);
        $this->assertSame(0, self::judged(self::LIST, 75)['looks.fit']->figures['spare_minutes']);
        $small = str_replace('Close, 10 min', "Close, 10 min\n    Far, 8 min, nice\n    Back, 6 min, nice", self::LIST);
        $late = self::judged($small, 84);
        $this->assertSame(5, $late['looks.late']->figures['more_minutes']);
        $this->assertStringContainsString('keeping most: Far (Cap).', $late['looks.late']->because);
        $this->assertStringContainsString('Nothing that may be left out is enough', self::judged(self::LIST, 40)['looks.late']->because);
        $this->assertArrayNotHasKey('looks.fit', $late);
        $this->assertSame([], self::judged('', 90));
    }

    public function test_a_look_that_nobody_wears_and_cloth_that_nobody_throws(): void
    {
        $this->assertStringContainsString('Hat: nobody wears it', self::judged("Hat\n  Close", 90)['looks.incomplete']->because);
        $this->assertStringContainsString('Hat: no pose', self::judged('Hat, with Mira', 90)['looks.incomplete']->because);
        $this->assertArrayNotHasKey('looks.incomplete', self::judged(self::LIST, 90));
        $this->assertArrayNotHasKey('looks.helpers', self::judged(self::LIST, 90));
        $this->assertArrayHasKey('looks.helpers', self::judged(str_replace('helpers 2', 'helpers 1', self::LIST), 90));
        $says = static fn (int $throws, int $helpers): string => (new Pose('Up', throws: $throws, helpers: $helpers))->throwsSay();
        $this->assertSame(['1 throw with nobody who helps', '6 throws with 1 helper'], [$says(1, 0), $says(6, 1)]);
        $fast = "A, with B\n".implode("\n", array_map(static fn (int $n): string => "  p{$n}, 1 min", range(1, 5)));
        $this->assertArrayNotHasKey('looks.pace', self::judged($fast, 90), 'sixty an hour');
    }

    public function test_one_frame_a_look_for_a_wall(): void
    {
        $lines = array_map(static fn (Look $l): int => $l->wallLine(), LooksText::read(self::LIST));
        $this->assertArrayNotHasKey('looks.no-wall', self::judged(self::LIST, 90), 'before the first is picked nothing is said');
        $this->assertStringContainsString('Scarf, Cap', self::judged(self::LIST, 90, 1, [$lines[0]])['looks.no-wall']->because);
        $this->assertArrayHasKey('looks.walls', self::judged(self::LIST, 90, 1, $lines));
    }
}
