<?php

declare(strict_types=1);

namespace Tests\Core\Kit;

use NorthSatchel\Cards\Check\BumpCheck;
use NorthSatchel\Cards\Check\ExposedFrame;
use NorthSatchel\Cards\Check\SettingsSheet;
use NorthSatchel\ImpossibleValue;
use NorthSatchel\Kit\Pack\BagDrawing;
use NorthSatchel\Kit\Pack\CardsSeen;
use NorthSatchel\Kit\Pack\DayKit;
use NorthSatchel\Kit\Pack\KitStop;
use NorthSatchel\Kit\Pack\Label;
use NorthSatchel\Kit\Pack\LeaveCheck;
use NorthSatchel\Kit\Pack\LightMarks;
use NorthSatchel\Kit\Pack\ListLine;
use NorthSatchel\Kit\Pack\NightList;
use NorthSatchel\Kit\Pack\PackedBag;
use NorthSatchel\Kit\Pack\PackedItem;
use NorthSatchel\Kit\Pack\PackJudge;
use NorthSatchel\Kit\Pack\Placement;
use NorthSatchel\Kit\Pack\StopRow;
use NorthSatchel\Kit\Pack\StopThing;
use NorthSatchel\Kit\Remote\RemoteBody;
use NorthSatchel\Kit\Remote\RemotePlan;
use NorthSatchel\Kit\Shelf\GearField;
use NorthSatchel\Kit\Shelf\GearKind;
use NorthSatchel\Kit\Test\PlainFrame;
use NorthSatchel\Kit\Test\TestDays;
use NorthSatchel\Kit\Test\TestResult;
use NorthSatchel\Kit\Test\TestState;
use NorthSatchel\Sky\GeoPoint;
use NorthSatchel\Sky\Sun;
use NorthSatchel\Sky\SunPosition;
use NorthSatchel\Time\ClockTime;
use NorthSatchel\Time\LocalDay;
use NorthSatchel\Verdict;
use PHPUnit\Framework\TestCase;

/** Tests in time, bags and labels, what stands alone, and what comes home. */
final class PackingTest extends TestCase
{
    use GearHelp;

    /** @param  list<Verdict>  $verdicts */
    private static function codes(array $verdicts): string
    {
        return implode(' ', array_map(static fn (Verdict $v): string => $v->code, $verdicts));
    }

    /** M4: a test is in time while another can still be ordered. */
    public function test_the_latest_sensible_day_of_each_test(): void
    {
        $bag = [
            new \NorthSatchel\Kit\Shelf\Gear(1, 'Trigger', GearKind::Trigger, leadDays: 6),
            new \NorthSatchel\Kit\Shelf\Gear(2, 'Body', GearKind::Body, leadDays: 2),
            new \NorthSatchel\Kit\Shelf\Gear(3, 'Tape', GearKind::Tool),
        ];
        $state = static fn (string $today, array $tests = []): array => array_column(
            array_map(
                static fn ($d): array => ['label' => $d->gear->label, 'is' => [$d->state, $d->latestOn]],
                TestDays::of($bag, $tests, '2030-06-20', $today),
            ),
            'is',
            'label',
        );
        $this->assertSame(
            ['Trigger' => [TestState::Open, '2030-06-13'], 'Body' => [TestState::Open, '2030-06-17']],
            $state('2030-06-13'),
            'it should be there the day before',
        );
        $this->assertSame([TestState::TooLate, '2030-06-13'], $state('2030-06-14')['Trigger']);
        $this->assertSame(TestState::Passed, $state('2030-06-14', [1 => new TestResult('2030-06-10', true)])['Trigger'][0]);
        $this->assertSame(
            TestState::TooLate,
            $state('2030-06-14', [1 => new TestResult('2030-03-10', true)])['Trigger'][0],
            'a test of the spring says little',
        );
        $failed = TestDays::of($bag, [2 => new TestResult('2030-06-15', false, 'shutter sticks')], '2030-06-20', '2030-06-16');
        $this->assertStringContainsString('Order another by 2030-06-17', $failed[0]->mend());
        $this->assertSame('kit.test-failed kit.test-late', self::codes(TestDays::verdicts($failed)));
        $this->assertStringContainsString(
            'Borrow one',
            TestDays::of($bag, [2 => new TestResult('2030-06-15', false)], '2030-06-20', '2030-06-18')[0]->mend(),
        );
        $this->assertSame(
            'kit.tested',
            self::codes(TestDays::verdicts(TestDays::of([$bag[1]], [2 => new TestResult('2030-06-15', true)], '2030-06-20', '2030-06-18'))),
        );
    }

    /**
     * A wall with a light falling off to one side, and dark spots in it.
     *
     * @param  list<array{int, int, int, float}>  $spots  x, y, radius, how much darker
     * @return list<list<float>>
     */
    private static function wall(array $spots, float $fall = 0.2): array
    {
        $rows = [];
        for ($y = 0; $y < 80; $y++) {
            for ($x = 0; $x < 120; $x++) {
                $value = 0.7 * (1 - ($fall * $x) / 120) + 0.004 * sin($x * 12.9898 + $y * 78.233);
                foreach ($spots as [$cx, $cy, $radius, $darker]) {
                    $value *= hypot($x - $cx, $y - $cy) <= $radius ? 1 - $darker : 1;
                }
                $rows[$y][$x] = $value;
            }
        }

        return $rows;
    }

    public function test_a_plain_frame_shows_dust_and_smudges(): void
    {
        $this->assertSame('kit.clean', self::codes(PlainFrame::of(self::wall([]))->verdicts('Body A')));
        $dust = PlainFrame::of(self::wall([[20, 12, 1, 0.15], [100, 70, 2, 0.12]]));
        $this->assertCount(2, $dust->spots);
        $this->assertEqualsWithDelta(100 / 120, $dust->spots[0]['x'], 0.03, 'the larger one first');
        $this->assertSame('kit.dust', self::codes($dust->verdicts('Body A')));
        $this->assertSame('kit.smudge', self::codes(PlainFrame::of(self::wall([[60, 40, 6, 0.2]]))->verdicts('Body A')));
        $this->assertSame(
            'kit.clean',
            self::codes(PlainFrame::of(self::wall([[20, 12, 1, 0.03]]))->verdicts('Body A')),
            'a thirtieth is not seen',
        );
        $this->assertSame('kit.frame-not-plain', self::codes(PlainFrame::of(self::wall([], 0.95))->verdicts('Body A')));
        $this->expectException(ImpossibleValue::class);
        PlainFrame::of([[0.5, 0.5], [0.5]]);
    }

    /** M13: dials turn on the hip. */
    public function test_a_bumped_dial(): void
    {
        $sheet = new SettingsSheet(1 / 125, 6400, 2.8, 8.0);
        $frame = static fn (float $shutter, float $stop, int $iso): ExposedFrame => new ExposedFrame('14:05', $shutter, $stop, $iso);
        $good = array_fill(0, 10, $frame(1 / 250, 4.0, 800));
        $this->assertSame('bump.fine', self::codes(BumpCheck::of('Body A', $good, $sheet)));
        $this->assertSame('bump.shutter', self::codes(BumpCheck::of('Body A', [...$good, $frame(1 / 30, 4.0, 800)], $sheet)));
        $this->assertSame('bump.iso bump.stop', self::codes(BumpCheck::of('Body A', [...$good, $frame(1 / 250, 11.0, 12800)], $sheet)));
        $this->assertSame(
            'bump.jump',
            self::codes(BumpCheck::of('Body A', [...$good, ...array_fill(0, 3, $frame(1 / 4000, 4.0, 400))], $sheet)),
            'sixteen times shorter and half the ISO',
        );
        $this->assertSame('bump.no-frames', self::codes(BumpCheck::of('Body A', [], $sheet)));
        $this->assertStringContainsString(
            'Nothing is written',
            BumpCheck::of('Body A', [new ExposedFrame('14:05', null, null, null)], new SettingsSheet())[0]->because,
        );
    }

    public function test_bags_with_places(): void
    {
        $item = static fn (int $id, bool $isSmall, bool $isIn, int $grams = 900): PackedItem => new PackedItem(
            $id,
            "Thing {$id}",
            'lens',
            $grams,
            $isSmall,
            $isIn,
        );
        $bag = new PackedBag(1, 'Roller', 'case', 6, 5000, [
            $item(1, false, true),
            $item(2, false, false),
            ...array_map(static fn (int $i): PackedItem => $item($i, true, $i % 2 === 0, 20), range(3, 10)),
        ]);
        $this->assertSame(4, $bag->placesTaken(), 'two large things, and eight small ones in two places');
        $this->assertSame(1960, $bag->grams());
        $drawn = (new BagDrawing($bag))->compartments();
        $this->assertSame(['in', 'out', 'part', 'part', 'empty', 'empty'], array_column($drawn, 'state'));
        $this->assertSame('Thing 1', $drawn[0]->lines[0]->text);
        $this->assertGreaterThan($drawn[0]->x, $drawn[1]->x);
        $this->assertSame('pack.open', self::codes(PackJudge::of([$bag], [], ['lead' => 9000])));
        $this->assertStringContainsString('Next, in packing order: Thing 2, then Thing 3', PackJudge::of([$bag], [], [])[0]->because);
        $this->assertSame('pack.done', self::codes(PackJudge::of([], [$item(1, true, true)], [])));
        $of = static fn (string $kind, string $bag): PackedBag => new PackedBag(
            2,
            'Bag',
            $bag,
            6,
            null,
            [new PackedItem(5, 'A', $kind, 5, true, true)],
        );
        $this->assertSame('pack.at-hand pack.done', self::codes(PackJudge::of([$of('card', 'case')], [], [])));
        $this->assertSame('pack.at-hand pack.done', self::codes(PackJudge::of([$of('cell', 'backpack'), $of('card', 'hip')], [], [])));
        $this->assertSame('pack.done', self::codes(PackJudge::of([$of('cell', 'case'), $of('cell', 'harness')], [], [])), 'one on the body will do');
        $seen = new CardsSeen(0, 0, []);
        $water = static fn (float $hours, float $c): string => NightList::of([], ['A'], $seen, [], [], 9, [], $hours, $c)->door[2]->why;
        $this->assertStringContainsString('11.5 h at 26 °C: about 6 l', $water(11.5, 26.0));
        $this->assertStringContainsString('3 h at 12 °C: about 1 l', $water(3.0, 12.0));
        $full = new PackedBag(1, 'Pouch', 'pouch', 1, 1000, [$item(1, false, true), $item(2, false, true)]);
        $this->assertSame('over', (new BagDrawing($full))->compartments()[1]->state);
        $this->assertSame(
            'pack.full pack.heavy pack.loose pack.weight pack.open',
            self::codes(PackJudge::of([$full], [$item(9, true, false)], ['lead' => 12500])),
        );
    }

    public function test_labels_are_read_back_and_misreadings_are_not(): void
    {
        foreach ([1, 7, 42, 4711, 999999] as $id) {
            $this->assertSame($id, Label::read(' '.strtolower(Label::of($id)).' '));
        }
        // ISO 7064, MOD 97-10: 794 has the check characters 44.
        $this->assertSame('NSATCHEL-794-44', Label::of(794));
        $this->assertNull(Label::read('NSATCHEL-795-44'));
        $this->assertNull(Label::read('NSATCHEL-749-44'), 'two digits swapped');
        $this->assertNull(Label::read('4006381333931'));
    }

    public function test_the_night_before_and_the_door(): void
    {
        $codes = static fn (array $lines): array => array_map(
            static fn (ListLine $l): ?bool => $l->proved,
            array_column($lines, null, 'code'),
        );
        $lists = NightList::of(
            ['OV-16' => 5],
            ['Body A', 'Body B'],
            new CardsSeen(6, 0, []),
            ['clock' => true, 'mode' => false],
            ['Reader'],
            9,
            ['Press pass'],
        );
        $this->assertSame('Charge 5 cells of type OV-16', $lists->night[0]->what);
        $night = $codes($lists->night);
        $this->assertSame([true, false, true, true], [$night['clocks'], $night['modes'], $night['test-frames'], $night['cards']]);
        $this->assertFalse($codes($lists->door)['packed']);
        $this->assertContains('Press pass', array_column($lists->door, 'what'));
        $waiting = NightList::of([], ['Body A'], new CardsSeen(4, 0, ['S01', 'S02']), [], [], 9, []);
        $this->assertNull($codes($waiting->night)['clocks'], 'nothing was read, so only a person can tell');
        $this->assertContains('2 cards still hold frames', array_column($waiting->night, 'what'));
        $cards = static fn (CardsSeen $seen): array => array_values(
            array_filter(
                array_map(
                    static fn (ListLine $l): ?array => $l->code === 'cards' ? [$l->what, $l->proved] : null,
                    NightList::of([], [], $seen, [], [], 9, [])->night,
                ),
            ),
        )[0];
        $this->assertSame(['6 cards are empty, or hold test frames alone', true], $cards(new CardsSeen(6, 0, [])));
        $this->assertSame(['2 cards were not looked at', null], $cards(new CardsSeen(4, 2, [])), 'a log alone proves nothing');
        $this->assertSame(['No card is on the list', null], $cards(new CardsSeen(0, 0, [])), 'nor does an empty list');
        $this->assertSame(['S01 still holds frames', null], $cards(new CardsSeen(5, 1, ['S01'])));
    }

    /** M11: what was placed and not fetched. */
    public function test_nothing_is_left_behind(): void
    {
        $placed = [
            new Placement(5, 'Small light', 'Chapel', '13:40', false),
            new Placement(6, 'Stand', 'Chapel', '13:41', false),
            new Placement(6, 'Stand', 'Chapel', '15:20', true),
            new Placement(5, 'Small light', 'Barn', '18:00', false),
        ];
        $this->assertSame([5], array_keys(LeaveCheck::standing($placed)));
        $found = LeaveCheck::of($placed, ['Barn' => '23:30'], [5 => 'Small light', 6 => 'Stand', 7 => 'Body'], []);
        $this->assertSame('Small light still stands at Barn.', $found[0]->finding);
        $this->assertStringContainsString('for good at 23:30', $found[0]->because);
        $count = LeaveCheck::of(
            [...$placed, new Placement(5, 'Small light', 'Barn', '23:00', true)],
            [],
            [5 => 'Small light', 6 => 'Stand', 7 => 'Body'],
            [6 => true],
        );
        $this->assertSame('home.missing', self::codes($count));
        $this->assertStringContainsString('Small light (last at Barn, 23:00); Body (last seen when it was packed)', $count[0]->because);
        $this->assertSame('home.all', self::codes(LeaveCheck::of([], [], [7 => 'Body'], [7 => true])));
        $left = [new Placement(9, 'Clamp', 'Barn', '22:00', false)];
        $all = LeaveCheck::of($left, [], [7 => 'Body'], [7 => true]);
        $this->assertSame('home.standing', self::codes($all), 'something that nobody packed stands there still: not everything is home');
        $this->assertSame('home.all', self::codes(LeaveCheck::of($left, [], [9 => 'Clamp'], [9 => true])), 'it is here, so it is not there');
        $this->assertSame([], LeaveCheck::of([], [], [7 => 'Body'], []), 'nobody has begun to count');
    }

    /** M18: a stand moved overnight. */
    public function test_marks_of_a_light_that_stayed(): void
    {
        $marks = ['heightCm' => 210.0, 'angleDeg' => 358.0, 'distanceCm' => 180.0];
        $this->assertSame(
            'marks.same',
            LightMarks::compare('Key', $marks, ['heightCm' => 211.0, 'angleDeg' => 0.0, 'distanceCm' => 178.0])->code,
        );
        $moved = LightMarks::compare('Key', $marks, ['heightCm' => 195.0, 'angleDeg' => 358.0]);
        $this->assertSame('marks.moved', $moved->code);
        $this->assertStringContainsString('Its height by −15 cm (back to 210 cm)', $moved->because);
        $this->assertStringContainsString(
            'Its height by −15.2 cm (back to 210.4 cm)',
            LightMarks::compare('Key', ['heightCm' => 210.36], ['heightCm' => 195.13])->because,
            'to the millimetre',
        );
        $this->assertSame('marks.none', LightMarks::compare('Key', $marks, [])->code);
        $some = LightMarks::compare('Key', $marks, array_slice($marks, 0, 1));
        $this->assertSame('marks.some', $some->code, 'what nobody measured again may stand anywhere');
    }

    /** The cosine of the angle to a level lens is that of the height times that of the turn (spherical law of cosines). */
    public function test_the_sun_above_the_axis_is_as_far_from_it_as_beside(): void
    {
        $body = new RemoteBody(rawMb: 50.0, jpegMb: 10.0, framesPerCharge: 600.0, standbyHours: 40.0, cardGb: 128.0);
        $said = static fn (float $high, float $bears): Verdict => (new RemotePlan(
            new SunPosition(30.0, 90.0), new SunPosition($high, $bears), 250.0, 4.0, 100, $body, 12.0,
        ))->verdicts()[1];
        $this->assertSame(['fine', 38.0], [$said(38.0, 246.0)->severity->value, $said(38.0, 246.0)->figures['off_deg']]);
        $this->assertSame(['fix', 33.0], [$said(33.0, 250.0)->severity->value, $said(33.0, 250.0)->figures['off_deg']]);
        // cos 35° = cos 33° × cos 12.4°.
        $this->assertStringContainsString('point it 13° further away', $said(33.0, 250.0)->because);
        $this->assertStringContainsString('point it 9° further away', $said(33.0, 246.0)->because, 'of these it is four away');
        $this->assertSame('fine', $said(33.0, 250.0 - 13.0)->severity->value);
        $this->assertSame('fix', $said(33.0, 250.0 - 12.0)->severity->value);
    }

    /** M12: dead or wrong hours later. */
    public function test_a_camera_that_stands_alone(): void
    {
        $place = GeoPoint::of(59.0, 15.0);
        $day = LocalDay::of('2030-09-14', 'Europe/Stockholm');
        $sun = static fn (string $clock) => Sun::at($place, $day->instantOf(ClockTime::of($clock)));
        $body = new RemoteBody(rawMb: 50.0, jpegMb: 10.0, framesPerCharge: 600.0, standbyHours: 40.0, cardGb: 128.0);
        $late = new RemotePlan($sun('12:30'), $sun('19:00'), 280.0, 7.0, 1500, $body, 12.0);
        $this->assertLessThan(-2.0, $late->change());
        $codes = array_map(static fn (Verdict $v): string => "{$v->severity->value} {$v->code}", $late->verdicts());
        $this->assertSame(['fix remote.light', 'fix remote.sun', 'fix remote.cells', 'fine remote.cards', 'mind remote.rig'], $codes);
        $schools = $late->exposures();
        $this->assertGreaterThan($schools->isoFrom, $schools->isoTo);
        $this->assertSame(
            $schools->isoTo,
            $schools->fixed->iso,
            'darker then, so the higher ISO is the one of that hour',
        );
        $same = new RemotePlan(
            $sun('12:30'),
            $sun('13:00'),
            0.0,
            1.0,
            2200,
            new RemoteBody($body->rawMb, $body->jpegMb, $body->framesPerCharge, 100.0, $body->cardGb),
            20.0,
            cellsIn: 5,
        );
        $this->assertSame(
            ['remote.light', 'remote.sun', 'remote.cells', 'remote.cards', 'remote.rig'],
            array_map(static fn (Verdict $v): string => $v->code, $same->verdicts()),
        );
        $this->assertSame(
            ['fine', 'fine', 'fine', 'fix'],
            array_map(static fn (Verdict $v): string => $v->severity->value, array_slice($same->verdicts(), 0, 4)),
            '2,200 frames are more than a pair holds',
        );
    }

    /** It fires for hours: what is true of the first frame need not be of the last. */
    public function test_a_camera_that_stands_alone_is_judged_to_its_last_frame(): void
    {
        $place = GeoPoint::of(59.0, 15.0);
        $day = LocalDay::of('2030-09-14', 'Europe/Stockholm');
        $sun = static fn (string $clock) => Sun::at($place, $day->instantOf(ClockTime::of($clock)));
        $body = new RemoteBody(50.0, 10.0, 600.0, 40.0, 128.0);
        $of = static fn (array $firing): array => array_map(
            static fn (Verdict $v): string => "{$v->severity->value} {$v->finding}",
            array_slice((new RemotePlan($sun('13:00'), $sun('14:00'), 270.0, 1.0, 10, $body, 12.0, firing: $firing))->verdicts(), 0, 2),
        );
        $this->assertSame(['fine The light is the same when it fires.', 'fine The sun stands clear of its lens.'], $of([]));
        $long = $of([$sun('14:00'), $sun('17:30'), $sun('19:10')]);
        $this->assertMatchesRegularExpression('/^fix The light falls by [\d.]+ stops while it hangs\.$/', $long[0]);
        $this->assertSame('fix The sun stands in its lens when it fires.', $long[1], 'by half past five it has come round to the west');
        $hump = new RemotePlan($sun('07:30'), $sun('07:30'), 0.0, 1.0, 10, $body, 12.0, firing: [$sun('12:45'), $sun('18:20')]);
        $this->assertGreaterThan(1.0, $hump->change(), 'as bright at its end as at its begin, and brighter at noon');
        $this->assertStringStartsWith('The light rises by', $hump->verdicts()[0]->finding);
        $dusk = new RemotePlan($sun('21:00'), $sun('21:30'), 270.0, 1.0, 10, $body, 12.0, firing: [$sun('22:00')]);
        $this->assertSame('The sun is down while it fires.', $dusk->verdicts()[1]->finding);
        $hall = new RemotePlan($sun('13:00'), $sun('17:30'), 270.0, 1.0, 10, $body, 12.0, firing: [$sun('19:10')], lampsEv: 7.0);
        $this->assertSame(['mind remote.light', 'fine remote.cells'], array_map(
            static fn (Verdict $v): string => "{$v->severity->value} {$v->code}",
            array_slice($hall->verdicts(), 0, 2),
        ), 'under a roof the sky says nothing, good or bad');
        $this->assertSame(0.0, $hall->change());
        // EV 7 at f/5.6 and 1/1000 s wants ISO 24,500; EV 5 wants 98,000, which is 1.9 stops over 25,600, or 1/267 s.
        $this->assertSame('f/5.6, 1/1000 s, ISO 25600.', $hall->exposures()->says());
        $this->assertSame(15.0, $hall->temperatureC, 'a hall is warmer than the winter outside');
        $in = static fn (float $outside, ?float $lamps): float => (new RemotePlan(
            $sun('13:00'), $sun('17:30'), 270.0, 1.0, 10, $body, $outside, lampsEv: $lamps,
        ))->temperatureC;
        $this->assertSame([-8.0, 15.0, 31.0], [$in(-8.0, null), $in(-8.0, 7.0), $in(31.0, 7.0)]);
        $dim = new RemotePlan($sun('13:00'), $sun('17:30'), 270.0, 1.0, 10, $body, 12.0, lampsEv: 5.0);
        $this->assertSame(
            'f/5.6, 1/1000 s, ISO 25600. In the darkest moment even ISO 25600 is 1.9 stops too little at f/5.6: 1/267 s, or a faster lens.',
            $dim->exposures()->says(),
        );
        $this->assertStringContainsString('1.9 stops too little', $dim->verdicts()[0]->because);
    }

    public function test_a_lone_camera_without_planned_frames_proves_nothing(): void
    {
        $sun = Sun::at(GeoPoint::of(59.0, 15.0), LocalDay::of('2030-09-14', 'Europe/Stockholm')->instantOf(ClockTime::of('12:30')));
        $of = static fn (int $frames, float $cardGb): array => array_map(
            static fn (Verdict $v): string => $v->severity->value,
            array_slice((new RemotePlan($sun, $sun, 0.0, 1.0, $frames, new RemoteBody(50.0, 10.0, 600.0, 40.0, $cardGb), 20.0))->verdicts(), 2, 2),
        );
        $this->assertSame(['mind', 'mind'], $of(0, 128.0));
        $this->assertSame(['fine', 'fine'], $of(100, 128.0));
        $this->assertSame(['fine', 'fix'], $of(100, 0.01), 'not one frame goes onto its cards');
    }

    public function test_fields_of_the_shelf(): void
    {
        $focal = GearKind::Lens->field('focal_min_mm');
        $this->assertInstanceOf(GearField::class, $focal);
        $this->assertSame(
            ['This is needed.', 'This must be a number.', 'This must be a whole number.', 'This must lie between 4 and 2000.', null],
            array_map($focal->wrong(...), ['', 'wide', '24.5', '3', ' 24 ']),
        );
        $this->assertSame(1.8, GearKind::Lens->field('widest_stop')?->value('1,8'));
        $this->assertTrue(GearKind::Cable->field('for_tether')?->value('yes'));
        $this->assertSame('This must be yes or no.', GearKind::Cable->field('for_tether')?->wrong('perhaps'));
        $this->assertArrayHasKey('guide_number_m', GearKind::allFields());
    }

    /** A day of three stops: what comes out where, what goes on, and what cannot be at both. */
    public function test_the_kit_of_a_day_stop_by_stop(): void
    {
        $thing = static fn (string $kind, string ...$labels): array => array_map(
            static fn (string $label): StopThing => new StopThing(label: $label, kind: $kind),
            $labels,
        );
        [$body, $zoom, $card, $cell, $light] = [
            ...$thing('body', 'Body'),
            ...$thing('lens', 'Zoom'),
            ...$thing('card', 'Card 1'),
            ...$thing('cell', 'Cell 1'),
            ...$thing('flash', 'Light'),
        ];
        $noon = new KitStop(2, 'Noon', 11 * 60, 12 * 60, [1 => $body, 2 => $zoom, 5 => $light]);
        $early = new KitStop(1, 'Early', 9 * 60, 10 * 60, [1 => $body, 3 => $card, 4 => $cell]);
        $late = new KitStop(3, 'Late', 14 * 60 + 30, 16 * 60, [1 => $body, 3 => $card, 4 => $cell]);
        $day = new DayKit([$noon, $late, $early], static fn (int $from, int $to): int => 20);
        $this->assertSame(['Early', 'Noon', 'Late'], array_map(static fn (StopRow $r): string => $r->stop->name, $day->rows()));
        $this->assertSame(
            [
                [['Body', 'Card 1', 'Cell 1'], [], ['Light', 'Zoom']],
                [['Light', 'Zoom'], ['Body'], ['Card 1', 'Cell 1']],
                [['Card 1', 'Cell 1'], ['Body'], ['Light', 'Zoom']],
            ],
            array_map(static fn (StopRow $r): array => [$r->out, $r->on, $r->home], $day->rows()),
        );
        $this->assertSame('pack.goes-on pack.spent-card pack.spent-cell pack.goes-on', self::codes($day->verdicts()));
        $this->assertStringContainsString('Card 1 comes from “Early” full of its frames.', $day->verdicts()[1]->finding);
        $this->assertStringContainsString('4 h 10 later', $day->verdicts()[1]->because, '250 min from 10:00 and 20 min of way');
        $this->assertStringContainsString('wanted again at 11:00: 40 min', $day->verdicts()[0]->because);
        $this->assertSame('pack.goes-on pack.goes-on', self::codes($day->verdicts(2)), 'of the one in the middle alone');
        // An hour of way, and the second starts before one can be there with the same body.
        $far = (new DayKit([$early, $noon], static fn (int $from, int $to): int => 75))->verdicts();
        $this->assertSame('pack.two-jobs', self::codes($far));
        $this->assertStringContainsString('15 min too early', $far[0]->because);
        $this->assertSame([], (new DayKit([$early], static fn (int $from, int $to): int => 0))->verdicts());
        $this->assertSame(
            [],
            (new DayKit([$early, new KitStop(4, 'Bare', 9 * 60, 10 * 60, [])], static fn (int $from, int $to): int => 0))->verdicts(),
        );
    }
}
