<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use NorthSatchel\Kit\Carried;
use NorthSatchel\Kit\CarriedLenses;
use NorthSatchel\Kit\Judge\LensJudge;
use NorthSatchel\Kit\Needs\PlannedShot;
use NorthSatchel\Kit\Needs\PlannedStretch;
use NorthSatchel\Kit\Shelf\Gear;
use NorthSatchel\Kit\Shelf\GearKind;
use NorthSatchel\Plan\Segment;
use NorthSatchel\Plan\Setting;
use NorthSatchel\Plan\Shots\LitLine;
use NorthSatchel\Plan\Shots\ReadShot;
use NorthSatchel\Plan\Shots\SegmentShots;
use NorthSatchel\Plan\Shots\ShotPlacer;
use NorthSatchel\Plan\Shots\ShotText;
use NorthSatchel\Plan\Shots\SunOrder;
use NorthSatchel\Sky\GeoPoint;
use NorthSatchel\Sky\SunDay;
use NorthSatchel\Time\LocalDay;
use NorthSatchel\Time\Priority;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class ShotListTest extends TestCase
{
    /** @return array<string, array{string, array{what: string, priority: string, minutes: int, frames: int, focal_mm: int|null}}> */
    public static function lines(): array
    {
        $shot = static fn (
            string $what,
            string $priority = 'should',
            int $minutes = 3,
            int $frames = 10,
            ?int $focal = null,
            ?int $empty = null,
            ?string $distance = null,
            ?string $light = null,
            ?string $height = null,
            ?string $side = null,
        ): ReadShot => new ReadShot($what, $priority, $minutes, $frames, $focal, null, $distance, $light, $empty, $height, $side);

        return [
            'only words' => ['Rings close', $shot('Rings close')],
            'all there is' => ['Rings close, 5 min, 12 frames, 85 mm, must', $shot('Rings close', 'must', 5, 12, 85)],
            'any order, other marks' => ["MUST; 200mm;Vows\t8 minutes", $shot('Vows', 'must', 8, 10, 200)],
            'a comma within a number' => ['Window, 1,5 min, 12 frames', $shot('Window', minutes: 2, frames: 12)],
            'behind the words' => ['Reflection in the window 1.5 min', $shot('Reflection in the window', minutes: 2)],
            'a comma without a blank' => ['Vows,7 min,35mm', $shot('Vows', minutes: 7, focal: 35)],
            'a lens and its stop' => ['kiss 85mm f/2', $shot('kiss f/2', focal: 85)],
            'a short m is minutes' => ['Veil, 4 m', $shot('Veil', minutes: 4)],
            'a bullet' => ['• Bell tower', $shot('Bell tower')],
            'a number' => ['12) Bell tower', $shot('Bell tower')],
            'a number that belongs to it' => ['3 sisters by the door', $shot('3 sisters by the door')],
            'commas in the words' => ['Anna, Bo, and the dog', $shot('Anna, Bo, and the dog')],
            'a lens that is none' => ['Moon, 9000 mm', $shot('Moon, 9000 mm')],
            'room for words' => ['Bell tower, a third empty, 24 mm', $shot('Bell tower', focal: 24, empty: 33)],
            'so much of it' => ['Bell tower; 40 % left empty', $shot('Bell tower', empty: 40)],
            'for a headline' => ['Bell tower, room for a headline', $shot('Bell tower', empty: 33)],
            'empty is its name' => ['Half empty', $shot('Half empty')],
            'more than a frame' => ['Bell tower, 99 % empty', $shot('Bell tower, 99 % empty')],
            'a loud must' => ['Gate (must!), 85mm', $shot('Gate', 'must', focal: 85)],
            'must have' => ['must have - dancing elders, low angle, from behind, 35 mm f1.4', $shot(
                'dancing elders, f/1.4', 'must', focal: 35, height: 'low', side: 'behind',
            )],
            'nice to have' => ['Group of 27, f/8, 10 mins, nice to have', $shot('Group of 27, f/8', 'nice', 10)],
            'a lens with its stop between commas' => ['Hands, close up, 100mm f/4', $shot('Hands, f/4', focal: 100, distance: 'tight')],
            'behind a dash' => ['Waltz - 35mm, 5 mins, 30 shots, flash', $shot('Waltz, flash', minutes: 5, frames: 30, focal: 35, light: 'flash')],
            'a dash at the end' => ['Wide of the church - 24 mm, 3 pics', $shot('Wide of the church', frames: 3, focal: 24)],
            'so many times' => ['Walking in x5', $shot('Walking in', frames: 5)],
            'times before it' => ['Walking in, ×12', $shot('Walking in', frames: 12)],
            'a box to tick' => ['☐ Cake (3 minutes)', $shot('Cake')],
            'from where' => ['Cake; overhead; in profile', $shot('Cake', height: 'high', side: 'profile')],
            'in quotation marks' => ['“Toast”, 50 mm', $shot('Toast', focal: 50)],
            'a number of people' => ['Group x2 rows, eye level', $shot('Group x2 rows', height: 'eye')],
            'a date of a picture' => ['Room 5 - the blue one', $shot('Room 5 - the blue one')],
            'nothing but a length' => ['5 min', $shot('5 min', minutes: 5)],
        ];
    }

    #[DataProvider('lines')]
    public function test_a_line_is_read(string $line, ReadShot $shot): void
    {
        $this->assertEquals([$shot], ShotText::read("\n  \n{$line}\r\n"));
    }

    /** @param  array{string, string, int, int}  $shot  what, priority, minutes, frames */
    #[TestWith(['- Mum doing up dress *MUST*', ['Mum doing up dress', 'must', 3, 10]])]
    #[TestWith(['Guests – candid, low priority', ['Guests – candid', 'nice', 3, 10]])]
    #[TestWith(['Optional: band portrait', ['band portrait', 'nice', 3, 10]])]
    #[TestWith(['If time: band portrait', ['band portrait', 'nice', 3, 10]])]
    #[TestWith(['Band portrait (if possible)', ['Band portrait', 'nice', 3, 10]])]
    #[TestWith(['Essential: the ring', ['the ring', 'must', 3, 10]])]
    #[TestWith(["Don't forget the aunts' dance", ["the aunts' dance", 'must', 3, 10]])]
    #[TestWith(['Must have been a long day', ['Must have been a long day', 'should', 3, 10]])]
    #[TestWith(['Veil toss x 12 frames', ['Veil toss', 'should', 3, 12]])]
    #[TestWith(['Veil toss 12 frames', ['Veil toss', 'should', 3, 12]])]
    #[TestWith(['Table shots (8 tables x 2 min)', ['Table shots', 'should', 16, 10]])]
    #[TestWith(['A *star* in the sky', ['A star in the sky', 'should', 3, 10]])]
    public function test_how_much_it_matters_is_said_in_many_ways(string $line, array $shot): void
    {
        $read = ShotText::read($line)[0];
        $this->assertSame($shot, [$read->what, $read->priority, $read->minutes, $read->frames]);
    }

    public function test_a_part_of_the_day_heads_what_stands_below(): void
    {
        $under = static fn (string $text): array => array_map(static fn (ReadShot $s): string => "{$s->under}: {$s->what}", ShotText::read($text));
        $this->assertSame(
            ['Ceremony: Rings', 'COUPLE SESSION ~ 30 mins: Walking', 'Reception: Cake', 'Reception: Toast'],
            $under("Ceremony\n- Rings\nCOUPLE SESSION ~ 30 mins\n- Walking\nReception\nCake\nToast"),
        );
        $this->assertSame([': Ceremony', ': Speeches', ': Party'], $under("Ceremony\nSpeeches\nParty"), 'nothing stands below them');
        $this->assertSame([': First dance', ': Cake'], $under("First dance\nCake"));
    }

    public function test_headings_and_tables_name_the_segment(): void
    {
        $shots = ShotText::read("Ceremony:\n- Rings\n- Kiss, must\nParty:\nCake");
        $this->assertSame(
            [['Rings', 'Ceremony'], ['Kiss', 'Ceremony'], ['Cake', 'Party']],
            array_map(static fn (ReadShot $s): array => [$s->what, $s->under], $shots),
        );
        $table = ShotText::read("what,segment,minutes,mm,priority\n\"Rings, close\",Ceremony,4,100,must\n,,,,\nCake,,,,\n");
        $this->assertEquals(
            [
                new ReadShot('Rings, close', 'must', 4, 10, 100, 'Ceremony'),
                new ReadShot('Cake', 'should', 3, 10, null, null),
            ],
            $table,
        );
        $this->assertSame(
            'Shot of rum, minutes before',
            ShotText::read('Shot of rum, minutes before')[0]->what,
            'a line with such words is no table',
        );
    }

    /** @return array<string, array{string, string|null, int|null}> */
    public static function placed(): array
    {
        return [
            'its heading' => ['Cake', 'Ceremony', 2],
            'part of a heading' => ['Anything', 'the ceremony itself', 2],
            'a word of the title' => ['Boats at the harbour', null, 5],
            'a part of the day, by its name in the trade' => ['Walking', 'COUPLE SESSION', 5],
            'a part of the day that is several segments' => ['The aunt speaks', 'Reception', 4],
            'and by the words of the shot' => ["The aunt's speech", 'Evening reception', 7],
            'a moment of the trade' => ['Rings close', null, 2],
            'the plural' => ['Grandparents together', null, 3],
            'a shot that is there already' => ['Lantern by the gate', null, 4],
            'first of what' => ['First kiss', null, 2],
            'how the rite is led' => ['The celebrant giving the bride away', null, 2],
            'a speech among speeches' => ["The aunt's speech", null, 7],
            'a moment of the evening, thrown' => ['Bouquet toss', null, 6],
            'a light that names its scene' => ['Kiss at sunset', null, 5],
            'getting dressed' => ['Buttoning the waistcoat', null, 1],
            'children of children' => ['Nan and her grandchildren', null, 3],
            'nothing speaks for any' => ['Blue sky', null, null],
            'only common words' => ['Both from the back', null, null],
        ];
    }

    #[DataProvider('placed')]
    public function test_a_shot_goes_where_its_words_belong(string $what, ?string $under, ?int $segment): void
    {
        $segments = [
            1 => new SegmentShots(title: 'Getting ready', shots: []),
            2 => new SegmentShots(title: 'Ceremony', shots: ['Coming in']),
            3 => new SegmentShots(title: 'Family groups', shots: []),
            4 => new SegmentShots(title: 'Dinner', shots: ['Lanterns on the tables']),
            5 => new SegmentShots(title: 'Harbour portraits', shots: []),
            6 => new SegmentShots(title: 'First dance', shots: []),
            7 => new SegmentShots(title: 'Speeches', shots: []),
        ];
        $this->assertSame($segment, ShotPlacer::place($what, $under, $segments));
    }

    #[TestWith(['Cake, 20:10', null, 1210, 2])]
    #[TestWith(['Cake', null, null, 1])]
    #[TestWith(['Lanterns', null, 1320, null])]
    #[TestWith(['Lanterns', 'Dinner', 1320, 1])]
    public function test_an_hour_that_is_named_goes_before_words(string $what, ?string $under, ?int $at, ?int $segment): void
    {
        $segments = [
            1 => new SegmentShots('Dinner', ['Cake'], 1110, 1170),
            2 => new SegmentShots('First dance', [], 1200, 1230),
            3 => new SegmentShots('The floor', [], 1230, 1260),
        ];
        $this->assertSame($segment, ShotPlacer::place($what, $under, $segments, $at));
    }

    public function test_scenes_follow_the_sun(): void
    {
        $lines = static fn (?string ...$lights): array => array_map(
            static fn (int $id, ?string $light): LitLine => new LitLine(id: $id, light: $light, what: "Scene {$id}"),
            array_keys(array_values($lights)),
            array_values($lights),
        );
        $this->assertSame([2, 1, 4, 3, 0], SunOrder::sorted($lines('against', null, 'front', 'side', 'front'), true));
        $this->assertSame([0, 1, 3, 2, 4], SunOrder::sorted($lines('against', null, 'front', 'side', 'front'), false));
        $day = LocalDay::of('2027-07-03', 'Europe/Oslo');
        $sun = SunDay::of(GeoPoint::of(60, 10), $day);
        $at = static fn (int $hours, bool $isOutdoor = true): Segment => new Segment(
            id: 6,
            title: 'Shore',
            lane: 'lead',
            startsAt: $sun->solarNoon + 3600 * $hours,
            minutes: 60,
            priority: Priority::Should,
            setting: new Setting(placeId: null, placeName: null, isOutdoor: $isOutdoor),
            isAnchor: false,
        );
        $wrong = $lines('against', 'front');
        $this->assertSame('shots.sun-order', SunOrder::judge($at(5), $sun, $wrong)?->remedy?->action);
        $this->assertStringContainsString('begin with Scene 1', (string) SunOrder::judge($at(5), $sun, $wrong)?->because);
        $this->assertNull(SunOrder::judge($at(-5), $sun, $wrong), 'before noon that is the right order');
        $this->assertNull(SunOrder::judge($at(5, false), $sun, $wrong));
        $this->assertNull(SunOrder::judge($at(5), $sun, $lines('front', 'shade', 'against', 'flash')));
    }

    public function test_a_shot_wants_its_lens_with_its_photographer(): void
    {
        $reach = static fn (int $from, int $to): array => ['focal_min_mm' => $from, 'focal_max_mm' => $to];
        $lens = static fn (int $id, int $from, int $to): Gear => new Gear($id, "L{$id}", GearKind::Lens, $reach($from, $to));
        $lenses = new CarriedLenses([new Carried($lens(1, 100, 400), 'second'), new Carried($lens(2, 24, 70), 'lead')]);
        $of = static fn (string $lane, string $what, int $mm): PlannedStretch => new PlannedStretch(
            1, 'Vows', [$lane], 0, 600, '14:00', null, Priority::Must, null, [new PlannedShot($what, Priority::Must, 10, $mm)],
        );
        $day = [$of('lead', 'Vows', 200), $of('lead', 'Hall', 35), $of('second', 'Guests', 35), $of('assistant', 'Moon', 800)];
        $found = LensJudge::of($lenses, $day);
        $this->assertSame(
            [
                'The lead photographer has a shot without the lens for it.',
                'The second photographer has a shot without the lens for it.',
                'The assistant has a shot without the lens for it.',
            ],
            array_column($found, 'finding'),
        );
        $this->assertStringContainsString('The second photographer carries one', $found[0]->because);
        $this->assertStringContainsString('Nobody carries it', $found[2]->because);
    }
}
