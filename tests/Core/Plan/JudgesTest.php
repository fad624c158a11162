<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use NorthSatchel\Plan\DayPasses;
use NorthSatchel\Plan\Gates;
use NorthSatchel\Plan\Handover;
use NorthSatchel\Plan\Judge\AccessJudge;
use NorthSatchel\Plan\Judge\AccessWindow;
use NorthSatchel\Plan\Judge\ChainJudge;
use NorthSatchel\Plan\Judge\CuedShot;
use NorthSatchel\Plan\Judge\CueJudge;
use NorthSatchel\Plan\Judge\NightJudge;
use NorthSatchel\Plan\Judge\PeopleJudge;
use NorthSatchel\Plan\Judge\Separation;
use NorthSatchel\Plan\Judge\SightJudge;
use NorthSatchel\Plan\Judge\WantsJudge;
use NorthSatchel\Plan\Judge\ZoneJudge;
use NorthSatchel\Plan\PlanJudge;
use NorthSatchel\Plan\PlannedDay;
use NorthSatchel\Plan\Segment;
use NorthSatchel\Plan\Setting;
use NorthSatchel\Plan\Site;
use NorthSatchel\Plan\Travels;
use NorthSatchel\Plan\Wants;
use NorthSatchel\Sky\GeoPoint;
use NorthSatchel\Sky\LightWanted;
use NorthSatchel\Sky\SunDay;
use NorthSatchel\Time\ClockTime;
use NorthSatchel\Time\LocalDay;
use NorthSatchel\Time\Priority;
use NorthSatchel\Time\Span;
use NorthSatchel\Verdict;
use NorthSatchel\Verdicts;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Segments;

/** People, sight, passes, light, cues and nights, each on a day of two places twenty minutes apart. */
final class JudgesTest extends TestCase
{
    private const TOWN = 1;

    private const FIELD = 2;

    private static function local(string $date = '2027-08-14'): LocalDay
    {
        return LocalDay::of($date, 'Europe/Madrid');
    }

    private static function at(string $clock): int
    {
        return self::local()->instantOf(ClockTime::of($clock));
    }

    /** @param  list<Segment>  $segments */
    private static function day(array $segments, bool $hasSun = true): PlannedDay
    {
        return new PlannedDay(
            self::local(),
            $segments,
            new Travels([self::TOWN => [self::FIELD => 20]]),
            [],
            $hasSun ? SunDay::of(GeoPoint::of(42.3, -3.7), self::local()) : null,
        );
    }

    /** @param  array<string, mixed>  $wants */
    private static function segment(
        int $id,
        string $clock,
        int $minutes,
        array $wants = [],
        int $place = self::TOWN,
        mixed ...$more,
    ): Segment {
        return Segments::of([
            'id' => $id,
            'title' => "Part {$id}",
            'lane' => 'lead',
            'startsAt' => self::at($clock),
            'minutes' => $minutes,
            'priority' => Priority::Should,
            'isOutdoor' => false,
            'isAnchor' => false,
            'placeId' => $place,
            'placeName' => $place === self::TOWN ? 'Town' : 'Field',
            'wants' => new Wants(...$wants),
            ...$more,
        ]);
    }

    private static function only(Verdicts $verdicts): ?Verdict
    {
        self::assertLessThan(
            2,
            count($verdicts),
            implode(' | ', array_map(static fn (Verdict $v): string => $v->finding, iterator_to_array($verdicts))),
        );

        return $verdicts->worst();
    }

    /** @return array<string, array{string, int, string, int|null}> start of the second, its place, its lane, minutes missing */
    public static function needed(): array
    {
        return [
            'in time after the way' => ['11:20', self::FIELD, 'second', null],
            'five minutes short of the way' => ['11:15', self::FIELD, 'second', 5],
            'at once in two places' => ['10:40', self::FIELD, 'second', 40],
            'two photographers, one person, one place' => ['10:40', self::TOWN, 'second', null],
            'right after, same place' => ['11:00', self::TOWN, 'lead', null],
            'right after, another place' => ['11:00', self::FIELD, 'second', 20],
        ];
    }

    #[DataProvider('needed')]
    public function test_nobody_is_needed_twice(string $start, int $place, string $lane, ?int $missing): void
    {
        $verdict = self::only(
            PeopleJudge::of(
                self::day([
                    self::segment(1, '10:30', 30, ['people' => ['Iris']]),
                    self::segment(2, $start, 20, ['people' => ['Bruno', 'iris']], $place, lane: $lane),
                ]),
            ),
        );
        $this->assertSame($missing, $verdict?->figures['missing_minutes'] ?? null);
        if ($missing !== null) {
            $this->assertSame(['segment' => 2, 'minutes' => $missing], $verdict?->remedy?->on);
            $this->assertStringStartsWith(
                $start < '11:00' ? 'Part 1 has them until 11:00' : Span::hours(20 - $missing).' lie between',
                $verdict->because,
            );
        }
    }

    public function test_two_who_must_not_meet_are_watched_until_the_moment_for_it(): void
    {
        $pair = [new Separation('Iris', 'Bruno', 3)];
        $reveal = self::segment(3, '12:00', 20, ['people' => ['Iris', 'Bruno']]);
        $iris = self::segment(1, '10:00', 30, ['people' => ['Iris']]);
        $codes = static fn (Segment ...$s): array => array_map(
            static fn (Verdict $v): string => $v->code,
            iterator_to_array(SightJudge::of(self::day(array_values($s)), $pair)),
        );

        $this->assertSame(['plan.sight'], $codes($iris, self::segment(2, '10:20', 30, ['people' => ['Bruno']]), $reveal));
        $this->assertSame(
            ['plan.sight'],
            $codes($iris, self::segment(2, '10:35', 30, ['people' => ['Bruno']]), $reveal),
            'five minutes after she has left is too near',
        );
        $said = static fn (string $start): string => iterator_to_array(
            SightJudge::of(self::day([$iris, self::segment(2, $start, 30, ['people' => ['Bruno']]), $reveal]), $pair),
        )[0]->because;
        $this->assertStringStartsWith('Part 1 ends at 10:30, and Part 2 starts there at 10:30', $said('10:30'), 'one after the other');
        $this->assertStringStartsWith('Part 1 ends at 10:30, and Part 2 starts there at 10:31', $said('10:31'));
        $this->assertStringStartsWith('Part 1 is there until 10:30, and Part 2 from 10:29', $said('10:29'));
        $this->assertSame([], $codes($iris, self::segment(2, '10:40', 30, ['people' => ['Bruno']]), $reveal));
        $this->assertSame([], $codes($iris, self::segment(2, '10:20', 30, ['people' => ['Bruno']], self::FIELD), $reveal), 'another place');
        $this->assertSame(
            [],
            $codes($iris, self::segment(2, '12:30', 30, ['people' => ['Bruno', 'Iris']]), $reveal),
            'afterwards they may',
        );
        $this->assertSame(['plan.sight'], $codes(self::segment(1, '10:00', 30, ['people' => ['Iris', 'Bruno']]), $reveal), 'both in one');
        $this->assertSame(
            ['plan.sight-near'],
            $codes(
                self::segment(1, '10:00', 30, ['people' => ['Iris'], 'spotId' => 7]),
                self::segment(2, '10:20', 30, ['people' => ['Bruno'], 'spotId' => 8]),
                $reveal,
            ),
        );
        $this->assertSame(['plan.sight-end'], $codes(self::segment(3, '12:00', 20, ['people' => ['Iris']])));

        $verdict = SightJudge::of(self::day([$iris, self::segment(2, '10:35', 30, ['people' => ['Bruno']]), $reveal]), $pair)->worst();
        $this->assertSame(['segment' => 2, 'minutes' => 5], $verdict?->remedy?->on);
        $allDay = SightJudge::of(self::day([$iris, self::segment(2, '10:35', 30, ['people' => ['Bruno']])]), [
            new Separation('Iris', 'Bruno', null),
        ]);
        $this->assertSame('plan.sight', $allDay->worst()?->code);
    }

    /** @return array<string, array{string, int, string, string|null, int|null}> start, minutes, lane, code, shift of the remedy */
    public static function zones(): array
    {
        return [
            'inside' => ['08:10', 60, 'lead', null, null],
            'before it opens, gates counted' => ['08:00', 30, 'lead', 'plan.zone-closed', 4],
            'runs past its closing' => ['09:20', 40, 'lead', 'plan.zone-closed', -20],
            'too long for it' => ['07:50', 160, 'lead', 'plan.zone-closed', null],
            'no pass' => ['08:10', 60, 'second', 'plan.no-pass', null],
        ];
    }

    #[DataProvider('zones')]
    public function test_a_zone_is_open_when_its_pass_says_so(string $start, int $minutes, string $lane, ?string $code, ?int $shift): void
    {
        $window = new AccessWindow('Start area', self::FIELD, null, ['lead'], self::at('08:00'), self::at('09:40'), 4);
        $verdict = self::only(
            AccessJudge::of(
                self::day([self::segment(1, $start, $minutes, place: self::FIELD, lane: $lane), self::segment(2, '15:00', 10)]),
                [$window],
            ),
        );
        $this->assertSame($code, $verdict?->code);
        $this->assertSame($shift, $verdict?->remedy?->on['minutes'] ?? null);
        if ($shift !== null) {
            $moved = self::segment(1, $start, $minutes, place: self::FIELD)->at(self::at($start) + 60 * $shift, $minutes);
            $this->assertCount(0, AccessJudge::of(self::day([$moved]), [$window]), 'the remedy helps');
        }
    }

    public function test_a_spot_with_its_own_pass_is_judged_by_that(): void
    {
        $windows = [
            new AccessWindow('Field', self::FIELD, null, [], self::at('07:00'), self::at('20:00')),
            new AccessWindow('Tower', self::FIELD, 9, [], self::at('10:00'), self::at('11:00')),
        ];
        $on = static fn (?int $spot): ?string => AccessJudge::of(
            self::day([self::segment(1, '12:00', 30, ['spotId' => $spot], self::FIELD)]),
            $windows,
        )->worst()?->code;
        $this->assertSame([null, null, 'plan.zone-closed'], [$on(null), $on(4), $on(9)]);
    }

    public function test_gates_lengthen_the_way_in_and_setting_up_the_leave_by(): void
    {
        $day = self::day([
            self::segment(1, '10:00', 30),
            self::segment(2, '11:30', 30, ['setupMinutes' => 25], self::FIELD, isAnchor: true),
        ]);
        $gated = new PlannedDay($day->day, $day->segments, $day->travels, [], null, new Gates([self::gate(6)]));
        $passes = DayPasses::of($gated);
        // 11:30 less 25 of setting up, 20 of way and 6 of gates.
        $this->assertSame([2 => self::at('10:39')], $passes->leaveBy());
        $this->assertSame([2 => self::at('10:39')], $passes->leaveAt());
        $this->assertSame(9, $passes->slack(1));
        $this->assertSame(9, $gated->handovers()[0]->slackMinutes());
        $late = self::day([self::segment(1, '10:00', 30), self::segment(2, '10:40', 30, ['setupMinutes' => 25])]);
        $this->assertStringContainsString('Setting up takes 25 min, and only 10 min', (string) PlanJudge::of($late)->worst()?->because);
    }

    public function test_stairs_to_a_spot_are_minutes_of_the_way_from_its_own_place_too(): void
    {
        $planned = self::day([
            self::segment(1, '10:00', 30, place: self::FIELD),
            self::segment(2, '10:35', 30, ['spotId' => 9], self::FIELD, isAnchor: true),
            self::segment(3, '11:05', 30, ['spotId' => 9], self::FIELD),
        ]);
        $day = new PlannedDay($planned->day, $planned->segments, $planned->travels, [], null, new Gates([self::gate(6), self::gate(8, 9)]));
        // Already inside the gate of the field, so the stairs alone: 8 of the 5 minutes between; none for who stays up there.
        $this->assertSame([-3, 0], array_map(static fn (Handover $h): int => $h->slackMinutes(), $day->handovers()));
        $this->assertSame([2 => self::at('10:27')], DayPasses::of($day)->leaveAt());
        $this->assertStringContainsString('takes 8 min, 8 of them gates and stairs', (string) PlanJudge::of($day)->worst()?->because);
        $this->assertSame([26, 34], [
            $day->likelyWay(new Site(self::TOWN), $day->siteOf($day->segments[0])),
            $day->likelyWay(new Site(self::TOWN), $day->siteOf($day->segments[1])),
        ]);
    }

    public function test_gates_take_as_long_as_the_pass_that_one_holds_and_stairs_are_walked_down_too(): void
    {
        $planned = self::day([
            self::segment(1, '10:00', 30),
            self::segment(2, '11:00', 30, ['alsoLanes' => ['second']], self::FIELD),
            self::segment(3, '12:00', 30, isAnchor: true),
            self::segment(4, '12:00', 30, lane: 'second'),
        ]);
        $gates = [
            self::gate(3, lanes: ['lead']),
            self::gate(7, out: 5, lanes: ['lead', 'second']),
            // Quick, but shut by then: it shortens nothing.
            new AccessWindow('Lift', self::FIELD, null, [], self::at('07:00'), self::at('09:00'), 1, 1),
        ];
        $day = new PlannedDay($planned->day, $planned->segments, $planned->travels, [], null, new Gates($gates));
        $this->assertSame(
            [['lead', 23, 3], ['lead', 20, 0], ['second', 25, 5]],
            array_map(static fn (Handover $h): array => [$h->lane, $h->travelMinutes, $h->gateMinutes], $day->handovers()),
        );
        // The second has no segment before; the lead leaves the town at 10:37 and the field, by a gate that costs nothing outwards, at 11:40.
        $this->assertSame([2 => self::at('10:37'), 3 => self::at('11:40'), 4 => self::at('11:35')], DayPasses::of($day)->leaveAt());
        $nobodys = new PlannedDay($planned->day, $planned->segments, $planned->travels, [], null, new Gates([
            self::gate(3, lanes: ['second']),
            self::gate(7, lanes: ['assistant']),
        ]));
        $this->assertSame(27, $nobodys->handovers()[0]->travelMinutes, 'who holds none counts the slowest');
        $alone = new Gates([self::gate(3, lanes: ['lead']), self::gate(7, 9, 4)]);
        $up = new PlannedDay($planned->day, [
            self::segment(1, '10:00', 30, ['spotId' => 9], self::FIELD),
            self::segment(2, '11:00', 30, place: self::FIELD),
            self::segment(3, '12:00', 30, ['spotId' => 9], self::FIELD),
            self::segment(4, '13:00', 30),
        ], $planned->travels, [], null, $alone);
        $this->assertSame([4, 7, 24], array_map(static fn (Handover $h): ?int => $h->travelMinutes, $up->handovers()));
    }

    /** @param  list<string>  $lanes */
    private static function gate(int $minutes, ?int $spot = null, int $out = 0, array $lanes = []): AccessWindow
    {
        return new AccessWindow("Gate {$minutes}", self::FIELD, $spot, $lanes, self::at('06:00'), self::at('23:00'), $minutes, $out);
    }

    public function test_nobody_is_told_when_to_leave_for_a_way_of_unknown_length_or_later_than_works(): void
    {
        $unknown = self::day([self::segment(1, '10:00', 30), self::segment(2, '11:30', 30, place: 77, isAnchor: true)]);
        $this->assertSame([[], []], [DayPasses::of($unknown)->leaveAt(), DayPasses::of($unknown)->leaveBy()]);
        // 40 min at the field are planned to end at 11:10, ten minutes into what cannot move: who leaves as planned is late.
        $tight = self::day([
            self::segment(1, '09:00', 30),
            self::segment(2, '10:30', 40, place: self::FIELD),
            self::segment(3, '11:00', 30, place: self::FIELD, isAnchor: true),
        ]);
        $passes = DayPasses::of($tight);
        $this->assertSame([2 => self::at('10:00')], $passes->leaveBy());
        $this->assertSame($passes->leaveBy(), $passes->leaveAt());
    }

    public function test_what_two_do_together_stands_in_both_lanes_and_binds_both(): void
    {
        $day = self::day([
            self::segment(1, '10:00', 30, ['alsoLanes' => ['second']]),
            self::segment(2, '10:40', 30, isAnchor: true, lane: 'second'),
            self::segment(3, '12:00', 30, isAnchor: true),
        ]);
        $this->assertSame(
            ['lead' => [1, 3], 'second' => [1, 2]],
            array_map(static fn (array $lane): array => array_map(static fn (Segment $s): int => $s->id, $lane), $day->lanes()),
        );
        $this->assertSame(10, DayPasses::of($day)->slack(1), 'the second has less to spare');
    }

    /**
     * Three activities of 40, 25 and 30 minutes and a way of 20 before an event at 12:30, begun at 10:00: 35 to
     * spare; and a shorter side chain with more.
     */
    public function test_the_critical_chain_is_the_one_with_the_least_slack(): void
    {
        $segments = [
            self::segment(1, '10:00', 40),
            self::segment(2, '10:40', 25),
            self::segment(3, '11:05', 30),
            self::segment(4, '12:30', 30, place: self::FIELD, isAnchor: true),
            self::segment(5, '10:00', 30, lane: 'second'),
            self::segment(6, '12:30', 30, lane: 'second', isAnchor: true),
        ];
        $verdict = self::only(ChainJudge::of(self::day($segments)));
        $this->assertSame(35, $verdict?->figures['slack_minutes']);
        $this->assertStringStartsWith('Part 1 → Part 2 → Part 3 → Part 4: 1 h 35', (string) $verdict?->because);
        $segments[2] = self::segment(3, '11:55', 30);
        $this->assertStringContainsString('already 15 min late', (string) self::only(ChainJudge::of(self::day($segments)))?->finding);
        $this->assertStringStartsWith('Part 3 → Part 4', (string) self::only(ChainJudge::of(self::day($segments)))?->because);
        // Three quarters of an hour to spare are worth a word, a minute more is not.
        $roomy = static fn (int $minutes): ?Verdict => self::only(ChainJudge::of(self::day([
            self::segment(1, '10:00', $minutes),
            self::segment(2, '12:00', 30, isAnchor: true),
        ])));
        $this->assertSame(45, $roomy(75)?->figures['slack_minutes']);
        $this->assertNull($roomy(74));
    }

    public function test_golden_light_daylight_and_dark_are_held_against_the_sun(): void
    {
        $sun = SunDay::of(GeoPoint::of(42.3, -3.7), self::local());
        $golden = $sun->goldenEvening();
        $this->assertNotNull($golden);
        $early = new Segment(
            id: 1,
            title: 'Couple',
            lane: 'lead',
            startsAt: (int) $golden->from - 1800,
            minutes: 40,
            priority: Priority::Should,
            setting: new Setting(placeId: null, placeName: null, isOutdoor: true),
            isAnchor: false,
            wants: new Wants(LightWanted::Golden),
        );
        $verdict = self::only(WantsJudge::of(self::day([$early])));
        $this->assertSame('plan.light-missed', $verdict?->code);
        $this->assertSame(30, $verdict?->remedy?->on['minutes']);
        $this->assertCount(0, WantsJudge::of(self::day([$early->at($early->startsAt + 1800, 40)])));

        $sunset = (int) $sun->sunset();
        $late = new Segment(
            id: 1,
            title: 'Fields',
            lane: 'lead',
            startsAt: $sunset - 600,
            minutes: 20,
            priority: Priority::Should,
            setting: new Setting(placeId: null, placeName: null, isOutdoor: true),
            isAnchor: false,
            wants: new Wants(LightWanted::BeforeSunset),
        );
        $this->assertSame(-10, self::only(WantsJudge::of(self::day([$late])))?->remedy?->on['minutes']);
        $this->assertFalse(PlanJudge::of(self::day([$late]))->has('plan.after-sunset'), 'said once, by what it wants');
        $dark = new Segment(
            id: 1,
            title: 'Sparklers',
            lane: 'lead',
            startsAt: $sunset,
            minutes: 20,
            priority: Priority::Should,
            setting: new Setting(placeId: null, placeName: null, isOutdoor: true),
            isAnchor: false,
            wants: new Wants(LightWanted::Dark),
        );
        $this->assertEqualsWithDelta(
            ($sun->evening(-6) - $sunset) / 60,
            self::only(WantsJudge::of(self::day([$dark])))?->remedy?->on['minutes'],
            1,
        );
        $this->assertSame('plan.no-coordinates', self::only(WantsJudge::of(self::day([$dark], hasSun: false)))?->code);
        $polar = SunDay::of(GeoPoint::of(78.2, 15.6), LocalDay::of('2027-06-20', 'Arctic/Longyearbyen'));
        $this->assertNull(WantsJudge::stretch(LightWanted::Dark, $polar, $polar->solarNoon), 'no night in June');
    }

    public function test_hours_that_were_written_down_are_kept(): void
    {
        $early = self::only(WantsJudge::of(self::day([self::segment(1, '09:00', 30, ['earliestAt' => self::at('09:15')])])));
        $late = self::only(WantsJudge::of(self::day([self::segment(1, '09:00', 30, ['latestEndAt' => self::at('09:20')])])));
        $this->assertSame(
            ['plan.too-early', 15, 'plan.too-late', -10],
            [$early?->code, $early?->remedy?->on['minutes'], $late?->code, $late?->remedy?->on['minutes']],
        );
        $this->assertCount(
            0,
            WantsJudge::of(
                self::day([self::segment(1, '09:00', 30, ['earliestAt' => self::at('09:00'), 'latestEndAt' => self::at('09:30')])]),
            ),
        );
    }

    public function test_a_cue_leaves_time_for_the_lens_or_says_so(): void
    {
        $cue = static fn (?int $within, ?int $focal, ?int $before): string => (string) CueJudge::of(
            [new CuedShot(1, 'The embrace', 'the whistle', $within, $focal, $before, 'The shot', 'lead')],
            ['lead' => [[24, 70], [70, 200]]],
        )->worst()?->code;
        $this->assertSame('plan.cue-lens', $cue(20, 35, 135));
        $this->assertSame('plan.cue', $cue(20, 35, 50), 'one zoom holds both');
        $this->assertSame('plan.cue', $cue(60, 35, 135), 'a minute is enough');
        $this->assertSame('plan.cue', $cue(null, 35, 135));
        $this->assertSame('plan.cue', $cue(20, null, 135));
        $said = CueJudge::of([new CuedShot(1, 'The embrace', 'the whistle', 300, 35, null, null, 'assistant')], [])->worst();
        $this->assertSame('After the whistle, expect The embrace within 5 min.', $said?->finding);
        $this->assertStringStartsWith('The assistant is ready before the cue', (string) $said?->because);
    }

    public function test_a_night_between_two_days(): void
    {
        $on = static fn (string $date, string $clock, int $minutes): PlannedDay => new PlannedDay(
            self::local($date),
            [
                new Segment(
                    id: 1,
                    title: 'Work',
                    lane: 'lead',
                    startsAt: self::local($date)->instantOf(ClockTime::of($clock)),
                    minutes: $minutes,
                    priority: Priority::Must,
                    setting: new Setting(placeId: null, placeName: null, isOutdoor: false),
                    isAnchor: false,
                ),
            ],
            new Travels([]),
            [],
            null,
        );
        $this->assertSame(
            600,
            NightJudge::of([$on('2027-08-14', '18:00', 240), $on('2027-08-15', '08:00', 60)])->worst()?->figures['minutes'],
        );
        $this->assertCount(0, NightJudge::of([$on('2027-08-14', '18:00', 180), $on('2027-08-15', '08:00', 60)]));
        // The clocks go back that night: an hour more to sleep.
        $this->assertCount(0, NightJudge::of([$on('2027-10-30', '18:00', 240), $on('2027-10-31', '08:00', 60)]));
    }

    /** @return array<string, array{float, float, string, bool}> */
    public static function clocks(): array
    {
        return [
            'Madrid keeps Berlin time' => [40.4, -3.7, 'Europe/Madrid', false],
            'the sign of the longitude was lost' => [40.4, 75.0, 'Europe/Madrid', true],
            'over the date line' => [-36.8, 174.8, 'Pacific/Auckland', false],
            'Kiritimati, fourteen hours ahead' => [1.9, -157.4, 'Pacific/Kiritimati', false],
            'a zone of another ocean' => [59.3, 18.1, 'America/New_York', true],
        ];
    }

    #[DataProvider('clocks')]
    public function test_a_zone_that_disagrees_with_the_coordinates_is_asked_about(
        float $latitude,
        float $longitude,
        string $zone,
        bool $isAsked,
    ): void {
        $this->assertSame($isAsked, ZoneJudge::of('There', GeoPoint::of($latitude, $longitude), LocalDay::of('2027-01-20', $zone)) !== []);
        $this->assertSame([], ZoneJudge::of('There', null, LocalDay::of('2027-01-20', $zone)));
    }
}
