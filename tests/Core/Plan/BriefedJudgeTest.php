<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use NorthSatchel\Brief\BriefText;
use NorthSatchel\Brief\Restriction;
use NorthSatchel\Plan\Judge\BriefedJudge;
use NorthSatchel\Plan\Judge\MustHaveJudge;
use NorthSatchel\Plan\Judge\RestrictionJudge;
use NorthSatchel\Plan\Judge\Scene;
use NorthSatchel\Plan\Judge\SceneShot;
use NorthSatchel\Plan\PlannedDay;
use NorthSatchel\Plan\Segment;
use NorthSatchel\Plan\Travels;
use NorthSatchel\SceneKind;
use NorthSatchel\Time\ClockTime;
use NorthSatchel\Time\LocalDay;
use NorthSatchel\Time\Priority;
use NorthSatchel\Verdict;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** The plan is held against the brief. */
final class BriefedJudgeTest extends TestCase
{
    private static function day(string $clock, int $minutes): PlannedDay
    {
        $day = LocalDay::of('2027-06-05', 'Europe/Stockholm');

        return new PlannedDay(
            $day,
            [new Segment(1, 'Vows', 'lead', $day->instantOf(ClockTime::of($clock)), $minutes, Priority::Must)],
            new Travels([]),
            [],
            null,
        );
    }

    /** @return list<Verdict> */
    private static function hours(string $clock, int $minutes, string $from = '12:00', string $to = '20:00'): array
    {
        $day = self::day($clock, $minutes);

        return BriefedJudge::hours($day, $day->day->instantOf(ClockTime::of($from)), $day->day->instantOf(ClockTime::of($to)));
    }

    #[TestWith(['12:00', 480, ''])]
    #[TestWith(['11:59', 30, 'plan.before-hours'])]
    #[TestWith(['19:30', 30, ''])]
    #[TestWith(['19:30', 31, 'plan.overtime'])]
    #[TestWith(['22:30', 40, 'plan.overtime'])]
    #[TestWith(['11:30', 600, 'plan.before-hours plan.overtime'])]
    public function test_what_lies_outside_the_covered_hours(string $clock, int $minutes, string $codes): void
    {
        $found = self::hours($clock, $minutes);
        $this->assertSame($codes, implode(' ', array_map(static fn (Verdict $v): string => $v->code, $found)));
    }

    public function test_overtime_is_counted_and_one_press_covers_it(): void
    {
        $late = self::hours('23:30', 90, '12:00', '23:00')[0];
        $this->assertSame(120, $late->figures['minutes']);
        $this->assertSame('25:00', $late->remedy?->on['covered_to']);
        $this->assertSame([], self::hours('23:30', 90, '12:00', '25:00'), 'and takes it away');
        $early = self::hours('10:15', 60)[0];
        $this->assertSame([105, '10:15'], [$early->figures['minutes'], $early->remedy?->on['covered_from']]);
        $this->assertSame([], self::hours('10:15', 60, '10:15'));
    }

    public function test_must_haves_are_read_a_line_each(): void
    {
        $this->assertSame(['The rings', 'Two aunts'], BriefText::mustHaves("- The rings.\n\n 2. Two aunts"));
        $this->assertSame(['rings', 'cake'], BriefText::mustHaves('rings; cake'));
        $this->assertSame([], BriefText::mustHaves(" \n"));
        $this->assertSame([], BriefText::mustHaves(null));
    }

    #[TestWith(['The grandmothers together on the jetty', true])]
    #[TestWith(["Emrik's brother plays", true])]
    #[TestWith(['Dancing with the drummer', false])]
    #[TestWith(['The dog', false])]
    #[TestWith(['A boat with lanterns', true])]
    public function test_a_must_have_is_met_by_a_shot_a_segment_or_a_name(string $line, bool $isMet): void
    {
        $scenes = [
            new Scene(1, 'Portraits on the jetty', null, null, [new SceneShot('Grandmothers arm in arm', Priority::Must)]),
            new Scene(2, 'Party', null, null, [new SceneShot('Brother plays', Priority::Should)], ['Emrik']),
        ];
        $found = MustHaveJudge::planned([$line], $scenes, ['The boat, lanterns lit']);
        $this->assertSame($isMet, $found === []);
        if (! $isMet) {
            $this->assertSame($line, $found[0]->remedy?->on['what']);
            $this->assertSame([], MustHaveJudge::planned([$line], $scenes, [$line]), 'the remedy takes it away');
        }
    }

    /** @param  list<string>  $kinds */
    #[TestWith(['No flash in the chapel.', ['no-flash chapel']])]
    #[TestWith(['Chapel: stay behind the fourth pew during the vows, no flash.', ['from-the-back Chapel', 'no-flash Chapel']])]
    #[TestWith(['from the back only', ['from-the-back ']])]
    #[TestWith(['In the chapel from the back only', ['from-the-back chapel']])]
    #[TestWith(['No flash in the nave during the vows', ['no-flash nave']])]
    #[TestWith(['at the altar no photographers', ['no-pictures altar']])]
    #[TestWith(['no flash on stage without a word to the director', ['no-flash stage']])]
    #[TestWith(['Flash is not allowed; no tripods', ['no-flash ', 'no-stands ']])]
    #[TestWith(['No photography during the prayer', ['no-pictures ']])]
    #[TestWith(['Flash is welcome everywhere', []])]
    #[TestWith(['Flash photography is strictly prohibited in the nave', ['no-flash nave']])]
    #[TestWith(['Please refrain from using flash in the nave', ['no-flash nave']])]
    #[TestWith(['Flash OK except in the nave', ['no-flash nave']])]
    #[TestWith(['Photography is allowed but not in the crypt', ['no-pictures crypt']])]
    #[TestWith(['Photographs may not be taken in the crypt', ['no-pictures crypt']])]
    #[TestWith(['Remain at the rear of the church', ['from-the-back church']])]
    #[TestWith(['Stay at the back during the vows', ['from-the-back ']])]
    #[TestWith(['Photographers stay behind the last row of chairs', ['from-the-back ']])]
    #[TestWith(['No photos of the children of family Berg', []])]
    #[TestWith(['Shoes off at the door', []])]
    public function test_restrictions_are_understood_where_their_words_are_known(string $text, array $kinds): void
    {
        $this->assertSame(
            $kinds,
            array_map(static fn (Restriction $r): string => "{$r->kind->value} {$r->where}", BriefText::restrictions($text)),
        );
    }

    public function test_from_the_back_holds_where_people_sit_and_look_on(): void
    {
        $scene = static fn (SceneKind $kind): Scene => new Scene(1, 'Part', null, null, [new SceneShot('A', Priority::Must)], [], null, $kind);
        $keeps = static fn (string $text, SceneKind $kind): bool => RestrictionJudge::keepsBack(BriefText::restrictions($text), $scene($kind));
        $this->assertTrue($keeps('stay behind the last row of chairs', SceneKind::Ceremony));
        $this->assertTrue($keeps('stay behind the last row of chairs', SceneKind::Stage));
        $this->assertFalse($keeps('stay behind the last row of chairs', SceneKind::Groups));
        $this->assertTrue($keeps('in this part from the back only', SceneKind::Groups), 'where somebody says where it holds there');
    }

    public function test_what_no_plan_is_held_against_is_known(): void
    {
        $text = "No flash in the chapel.\nYard: cars until 12:00 only; no tripods. Stay behind the third row";
        $this->assertSame(['Yard: cars until 12:00 only'], BriefText::unheld($text));
        $this->assertSame([], BriefText::unheld("no flash\n \n"));
        $this->assertSame([], BriefText::unheld(null));
        $this->assertSame(['No drones'], BriefText::unheld("No drones\nOlle and Siv must not stand next to each other"));
        $wishes = ['Siv with her divorced parents', 'Group of all, Olle and Siv not side by side', 'No. 7 with the cup', 'Notes on the piano'];
        $this->assertSame(['no fingerprints', 'please don’t crop'], BriefText::mustNots("Cake\nno fingerprints; please don’t crop\nNo 7 alone"));
        $this->assertSame(['Cake'], BriefText::mustHaves("Cake\nno fingerprints"));
        $this->assertSame(['no fingerprints', 'keep Olle and Siv apart'], BriefText::noPictures("Cake\nno fingerprints\nkeep Olle and Siv apart"));
        $this->assertSame($wishes, BriefText::mustHaves(implode("\n", [...$wishes, 'Olle and Siv not in one picture', 'keep apart Olle and Siv'])));
    }

    #[TestWith(['Olle and Siv must not be seated together'])]
    #[TestWith(['Olle should never be photographed beside Siv'])]
    #[TestWith(['Olle and Siv are not to be put at one table'])]
    #[TestWith(["Olle and Siv shouldn't stand next to each other"])]
    public function test_who_is_to_be_kept_apart_is_no_picture(string $line): void
    {
        $this->assertSame([], BriefText::mustHaves($line));
        $this->assertSame([], BriefText::unheld($line));
        $this->assertSame([$line], BriefText::apart($line));
    }

    #[TestWith(['first kiss', true])]
    #[TestWith(['exchange of vows', true])]
    #[TestWith(['first song', false])]
    #[TestWith(['kiss under the arch', false])]
    public function test_a_moment_has_more_than_one_name(string $line, bool $isMet): void
    {
        $scenes = [
            new Scene(1, 'Ceremony', null, null, [new SceneShot('Kiss', Priority::Must), new SceneShot('Vows', Priority::Must)]),
            new Scene(2, 'First lap', null, null, []),
        ];
        $this->assertSame($isMet, MustHaveJudge::planned([$line], $scenes, []) === []);
    }

    public function test_a_must_have_that_is_not_found_says_what_is_near(): void
    {
        $scenes = [
            new Scene(1, 'Ceremony', null, null, [new SceneShot('Petals', Priority::Must), new SceneShot('Kiss', Priority::Must)]),
            new Scene(2, 'Boat trip', null, null, []),
        ];
        $reason = static fn (string $line): string => MustHaveJudge::planned([$line], $scenes, ['Oars'])[0]->because;
        $this->assertStringContainsString('“Kiss” in Ceremony', $reason('Kiss under the arch'));
        $this->assertStringContainsString('“Boat trip” is', $reason('Captain of the boat'));
        $this->assertStringContainsString('“Oars”', $reason('Oars and a net'));
        $this->assertStringNotContainsString('near', $reason('Lighthouse'));
    }

    /** @param  list<string>  $codes */
    #[TestWith(['cake at 21:00', [['Dinner', 1140, 1200, 'Cake']], ['plan.must-at-another-hour']])]
    #[TestWith(['cake at 21:00', [['Dinner', 1140, 1200, 'Cake'], ['Party', 1230, 1290, 'The cake is cut']], []])]
    #[TestWith(['cake at 19:00', [['Dinner', 1140, 1200, 'Cake']], []])]
    #[TestWith(['cake at 20:00', [['Dinner', 1140, 1200, 'Cake']], ['plan.must-at-another-hour']])]
    #[TestWith(['cake at 18:45', [['Dinner', 1140, 1200, 'Cake']], []])]
    #[TestWith(['cake at 18:44', [['Dinner', 1140, 1200, 'Cake']], ['plan.must-at-another-hour']])]
    #[TestWith(['cake', [['Dinner', 1140, 1200, 'Cake']], []])]
    #[TestWith(['cake at 21:00', [['Dinner', 1140, 1200, 'Toast']], []])]
    #[TestWith(['cake at 21:00', [['Dinner', null, null, 'Cake']], []])]
    public function test_a_must_have_is_planned_at_the_hour_that_it_names(string $line, array $scenes, array $codes): void
    {
        $scenes = array_map(static fn (array $s): Scene => new Scene(
            1,
            $s[0],
            null,
            null,
            [new SceneShot($s[3], Priority::Must)],
            from: $s[1],
            to: $s[2],
        ), $scenes);
        $found = MustHaveJudge::atTheirHours([$line], array_values($scenes), 660, 1350);
        $this->assertSame($codes, array_map(static fn (Verdict $v): string => $v->code, $found));
    }

    #[TestWith(["Bride's side", true])]
    #[TestWith(['Family of the groom', true])]
    #[TestWith(['Friends', true])]
    #[TestWith(['Witnesses:', true])]
    #[TestWith(['# Table 4', true])]
    #[TestWith(['Cousin Pim', false])]
    #[TestWith(['Amber Vollan, bride', false])]
    #[TestWith(['Guest of honour Lia Strand, friend of Amber', false])]
    #[TestWith(['', false])]
    public function test_a_line_that_heads_a_list_names_nobody(string $line, bool $is): void
    {
        $this->assertSame($is, BriefText::isHeading($line));
    }

    public function test_a_restriction_is_held_against_the_scenes_that_it_means(): void
    {
        $scene = static fn (string $title, ?string $place, SceneShot ...$shots): Scene => new Scene(1, $title, $place, null, array_values($shots));
        $codes = static fn (string $text, Scene $scene): array => array_map(
            static fn (Verdict $v): string => "{$v->severity->value} {$v->code}",
            RestrictionJudge::restrictions(BriefText::restrictions($text), [$scene]),
        );
        $lit = new SceneShot('Kiss', Priority::Must, 'flash');
        $plain = new SceneShot('Rings', Priority::Must, 'front', 85);
        $this->assertSame(['stop plan.no-flash'], $codes('no flash in the chapel', $scene('Ceremony', 'Old Chapel', $lit)));
        $this->assertSame(['stop plan.no-flash'], $codes('no flash', $scene('Ceremony', null, new SceneShot('Rim flash', Priority::Nice))));
        $this->assertSame(
            ['mind plan.restriction-nowhere'],
            $codes('no flash in the chapel', $scene('Dinner', 'Barn', $lit)),
            'elsewhere: and then it is held against nothing, which is said',
        );
        $song = BriefText::restrictions('During songs no shutter noise and no flash; from behind row 6 only');
        $this->assertSame(['songs', null], array_map(static fn (Restriction $r): ?string => $r->during, $song));
        $this->assertEqualsWithDelta(3 + 6 * 0.9, $song[1]->fromM, 0.01, 'the first row is 3 m away, and six rows are of 0.9 m');
        $this->assertSame('first dance', BriefText::restrictions('no flash during the first dance')[0]->during);
        $where = static fn (string $text): array => array_map(static fn (Restriction $r): ?string => $r->where, BriefText::restrictions($text));
        $this->assertSame(['in-goal areas'], $where('No photographers behind the in-goal areas.'), 'not everywhere');
        $this->assertSame(['goals'], $where('No cameras near the goals in the hall'));
        $this->assertSame([], $where('No pictures until the blessing is over'), 'for whoever reads it');
        $this->assertSame(['No pictures until the blessing is over'], BriefText::unheld('No pictures until the blessing is over'));
        $this->assertSame([], RestrictionJudge::restrictions(BriefText::restrictions('no flash in the chapel'), []), 'of no plan nothing is said');
        $this->assertSame([], $codes('no flash in the chapel', $scene('Ceremony', 'Old Chapel', $plain)));
        $this->assertSame(['stop plan.no-pictures'], $codes('no photos during the prayer', $scene('Prayer', null, $plain)));
        $this->assertSame([], $codes('no photos during the prayer', $scene('Prayer', null)));
        $this->assertSame(['mind plan.restriction-nowhere'], $codes('no photos during the prayer', $scene('Dinner', null, $plain)));
        $half = static fn (?SceneKind $kind): Scene => new Scene(1, 'First half', 'Hall', null, [$lit], [], null, $kind);
        $this->assertSame(['stop plan.no-flash'], $codes('No flash during play', $half(SceneKind::Action)), 'a half is play');
        $this->assertSame(['mind plan.restriction-nowhere'], $codes('No flash during play', $half(null)));
        $this->assertStringContainsString(
            'Nothing is planned during “play”',
            RestrictionJudge::restrictions(BriefText::restrictions('No flash during play'), [$half(null)])[0]->because,
        );
        $this->assertSame(['stop plan.no-flash'], $codes('Chapel: no flash during the vows', $scene('Ceremony', 'Chapel', $lit)), 'one thing');
        $this->assertSame(['mind plan.restriction-nowhere'], $codes('Chapel: no flash during the vows', $scene('Family groups', 'Chapel', $lit)));
        $this->assertSame([], $codes('no stands', $scene('Dinner', null, $plain)));
        $this->assertSame(['mind plan.no-stands'], $codes('no stands', $scene('Dinner', null, $lit)));
        $this->assertSame([], $codes('Barn: no tripods', $scene('Dinner in the barn', null, $plain)));
    }

    /** @param  list<bool>  $held  from 15:00 to 16:00, from 15:50 to 16:10, from 16:00 to 17:00, and of what nobody knows the hour */
    #[TestWith(['no flash in the hall after 16:00', [false, true, true, true]])]
    #[TestWith(['no flash after 4 pm', [false, true, true, true]])]
    #[TestWith(['Hall: no flash before 16.00', [true, true, false, true]])]
    #[TestWith(['no flash between 16:05 and 16:20', [false, true, true, true]])]
    #[TestWith(['no flash in the hall from 17:00 until 18:00', [false, false, false, true]])]
    #[TestWith(['no flash in the hall', [true, true, true, true]])]
    #[TestWith(['Flash is allowed until 15:55', [true, true, true, true]])]
    #[TestWith(['Flash permitted only from 4 pm', [true, true, false, true]])]
    #[TestWith(['no flash after 1 am', [false, false, false, true]], 'of the night after the day')]
    #[TestWith(['no flash before 1:30', [true, true, true, true]], 'as late as it can be')]
    #[TestWith(['flash photography not permitted at any time', [true, true, true, true]])]
    #[TestWith(['no flash after the first song', [false, false, false, false]], 'whoever reads it keeps it')]
    public function test_what_holds_for_some_hours_is_held_then(string $text, array $held): void
    {
        $scene = static fn (?int $from, ?int $to): Scene => new Scene(1, 'Speeches', 'Hall', null, [], from: $from, to: $to);
        $this->assertSame($held, array_map(
            static fn (Scene $s): bool => RestrictionJudge::forbidsFlash(BriefText::restrictions($text), $s),
            [$scene(900, 960), $scene(950, 970), $scene(960, 1020), $scene(null, null)],
        ));
    }

    public function test_from_the_back_wants_reach_by_the_length_of_the_place(): void
    {
        $of = static fn (?float $room, ?int $mm): array => RestrictionJudge::restrictions(
            BriefText::restrictions('Chapel: from the back only'),
            [new Scene(1, 'Vows', 'Chapel', 'Nave', [new SceneShot('Rings', Priority::Must, null, $mm)], [], $room)],
        );
        // 12 m × 36 mm ÷ 1.4 m = 309 mm.
        $this->assertSame(310, $of(12.0, 85)[0]->figures['focal_mm']);
        $this->assertSame([], $of(12.0, 280));
        $this->assertNotSame([], $of(12.0, 278), 'a tenth less will do, and no more');
        $this->assertStringContainsString('nobody has measured', $of(null, null)[0]->because);
        $this->assertSame([390, 'mind'], [$of(null, 85)[0]->figures['focal_mm'], $of(null, 85)[0]->severity->value]);
        $this->assertStringEndsWith('from how far?', $of(null, null)[0]->finding);
        $this->assertStringEndsWith('The kit asks for it.', $of(12.0, 85)[0]->because);
        $far = static function (string $text, ?float $room, ?int $has = null): ?int {
            $scene = new Scene(1, 'Vows', 'Chapel', 'Nave', [], [], $room);

            return RestrictionJudge::reachFromTheBack(
                BriefText::restrictions($text),
                $scene,
                [$scene, new Scene(2, 'Vows from the gallery', 'Chapel', null, [new SceneShot('Kiss', Priority::Must, null, $has)])],
            );
        };
        $this->assertSame([310, null], [$far('Chapel: from the back', 12.0, 278), $far('Chapel: from the back', 12.0, 279)], 'one has it');
        $this->assertSame(
            [310, null, 260, null, null],
            [
                $far('Chapel: from the back only', 12.0), $far('Chapel: from the back only', null), $far('from the back, 10 m', 12.0),
                $far('Barn: from the back, 10 m', 12.0), $far('no flash', 12.0),
            ],
        );
        $where = static fn (string $text): array => array_map(static fn (Restriction $r): ?string => $r->where, BriefText::restrictions($text));
        $this->assertSame(
            [['km 2'], ['lane 4'], ['hall 2'], ['hall'], ['chapel'], ['dining room']],
            array_map($where, [
                'No photographers on the course between km 2 and km 3', 'no flash next to lane 4', 'In hall 2 no flash',
                'no flash in the hall 10 min before',
                'no flash in the chapel', 'no flash in the dining room after 16:00',
            ]),
        );
        $this->assertSame([380, 390], [$far('from the back', 14.94), $far('from the back', 14.97)], 'as far as is said, to a tenth of a metre');
        $said = static fn (string $text): ?float => BriefText::restrictions($text)[0]->fromM;
        $this->assertSame(
            [12.0, 17.5, 9.0, null, 5.7],
            array_map($said, [
                'From the back only during the ceremony, 12 m', 'Chapel: from the back, 17,5 m', 'stay behind the third row, 9 metres',
                'from the back, 20 min at most', 'behind the third row',
            ]),
        );
        $rows = ['first', 'second', 'third', 'fourth', 'fifth', 'sixth', 'seventh', 'eighth', 'ninth', 'tenth'];
        foreach ([...$rows, 11 => 'last'] as $i => $row) {
            $this->assertEqualsWithDelta(3 + 0.9 * ($i + 1), $said("behind the {$row} pew"), 1e-9, $row);
        }
        $this->assertEqualsWithDelta(3 + 0.9 * 3, $said('behind the 3rd row'), 1e-9);
        $this->assertNull($said('behind the eleventh pew'));
        // 3 m and four rows of 0.9 m: 6.6 m × 36 mm ÷ 1.4 m = 170 mm.
        $pew = static fn (int $mm): array => RestrictionJudge::restrictions(
            BriefText::restrictions('Chapel: stay behind the fourth pew'),
            [new Scene(1, 'Vows', 'Chapel', null, [new SceneShot('Rings', Priority::Must, null, $mm)])],
        );
        $this->assertSame([], $pew(180));
        $this->assertSame([170, 'mind'], [$pew(85)[0]->figures['focal_mm'], $pew(85)[0]->severity->value]);
    }

    /** As a venue writes them. */
    #[TestWith(['Please do not use flash in the chapel', 'no-flash', 'chapel'])]
    #[TestWith(['Flash photography is prohibited in the crypt', 'no-flash', 'crypt'])]
    #[TestWith(['Photography is not allowed in the crypt', 'no-pictures', 'crypt'])]
    #[TestWith(['You may not take pictures in the sacristy', 'no-pictures', 'sacristy'])]
    #[TestWith(['Tripods and monopods prohibited on the stairs', 'no-stands', 'stairs'])]
    #[TestWith(['Don’t set up stands on the parquet', 'no-stands', 'parquet'])]
    #[TestWith(['You may not photograph the choir', null, null])]
    #[TestWith(['No flash in the chapel except during the exit', 'no-flash', 'chapel'])]
    #[TestWith(['Chapel: no flash, unless the vicar nods', 'no-flash', 'Chapel'])]
    #[TestWith(['Flash is not allowed except at the party', null, null])]
    #[TestWith(['No flash, except at the party', null, null])]
    #[TestWith(['No flash except during the party', null, null])]
    #[TestWith(['No flash during the vows, except from the gallery', 'no-flash', null])]
    #[TestWith(['Flash is fine at the party', null, null])]
    public function test_a_restriction_is_read_or_left_to_the_reader(string $line, ?string $kind, ?string $where): void
    {
        $found = array_map(static fn (Restriction $r): array => [$r->kind->value, $r->where], BriefText::restrictions($line));
        $this->assertSame($kind === null ? [] : [[$kind, $where]], $found);
        $this->assertSame($kind === null ? [$line] : [], BriefText::unheld($line));
    }
}
