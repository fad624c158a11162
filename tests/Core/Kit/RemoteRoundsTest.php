<?php

declare(strict_types=1);

namespace Tests\Core\Kit;

use NorthSatchel\ImpossibleValue;
use NorthSatchel\Kit\Needs\PlannedStretch;
use NorthSatchel\Kit\Remote\RemoteBody;
use NorthSatchel\Kit\Remote\RemotePlan;
use NorthSatchel\Kit\Remote\RemoteRounds;
use NorthSatchel\Kit\Remote\RemoteSheet;
use NorthSatchel\Kit\Remote\RemoteStep;
use NorthSatchel\Optics\MotionBlur;
use NorthSatchel\Sky\GeoPoint;
use NorthSatchel\Sky\Sun;
use NorthSatchel\Time\ClockTime;
use NorthSatchel\Time\LocalDay;
use NorthSatchel\Time\Priority;
use NorthSatchel\Verdict;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** When a camera that stands alone is mounted, reached and fetched. */
final class RemoteRoundsTest extends TestCase
{
    private static function at(string $clock): int
    {
        return LocalDay::of('2030-09-14', 'Europe/Stockholm')->instantOf(ClockTime::of($clock));
    }

    /** @param  list<string>  $plan  as “13:00-14:00 Heats lead” */
    private static function rounds(array $plan, string $mounted, string $until, float $walk = 6, float $mount = 20, float $fetch = 10): RemoteRounds
    {
        $stretches = [];
        $fires = self::at('14:00');
        foreach ($plan as $id => $line) {
            [$hours, $title, $lanes] = explode(' ', $line);
            [$from, $to] = explode('-', $hours);
            $fires = $to === $until ? self::at($from) : $fires;
            $stretches[] = new PlannedStretch(
                $id, $title, explode('+', $lanes), self::at($from), self::at($to), $from, null, Priority::Must, null, [],
            );
        }

        return new RemoteRounds($stretches, 'lead', self::at($mounted), $fires, self::at($until), $walk, $mount, $fetch,
            LocalDay::of('2030-09-14', 'Europe/Stockholm'));
    }

    /** @return array<string, Verdict> */
    private static function said(RemoteRounds $rounds): array
    {
        $by = [];
        foreach ($rounds->verdicts() as $verdict) {
            $by[$verdict->code] = $verdict;
        }

        return $by;
    }

    public function test_it_is_fetched_in_the_first_break_that_holds_the_round(): void
    {
        $plan = ['14:00-15:00 Heats lead', '15:15-16:00 Relay lead', '16:22-18:00 Prizes lead'];
        $rounds = self::rounds($plan, '13:00', '15:00');
        $fetch = self::said($rounds)['remote.fetch'];
        $this->assertSame('It is fetched at 16:06, before “Prizes”.', $fetch->finding, '15 min are too few for 6 + 10 + 6, 22 are enough');
        $this->assertStringStartsWith('6 min there, 10 min to take it down, 6 min back are 22 min of the 22 min from 16:00.', $fetch->because);
        $this->assertSame(3.1, $rounds->hoursAlone(), '13:00 to 16:06, not to the last frame');
    }

    public function test_where_no_break_is_long_enough_it_hangs_to_the_end(): void
    {
        $fetch = self::said($late = self::rounds(['14:00-15:00 Heats lead', '15:21-18:00 Prizes lead+second'], '13:00', '15:00'))['remote.fetch'];
        $this->assertSame('mind', $fetch->severity->value);
        $this->assertSame('It is fetched after the last of the plan, at 18:06.', $fetch->finding);
        $this->assertStringContainsString('The longest break before is 21 min.', $fetch->because);
        $this->assertSame(5.1, $late->hoursAlone());
        $none = self::said(self::rounds(['14:00-15:00 Heats lead', '15:00-18:00 Prizes lead'], '13:00', '15:00'))['remote.fetch'];
        $this->assertStringContainsString('There is no break before.', $none->because);
        $free = self::rounds(['14:00-15:00 Heats lead', '15:00-18:00 Prizes second'], '13:00', '15:00');
        $this->assertSame(self::at('15:06'), $free->fetchedAt, 'what somebody else does holds nobody up');
    }

    public function test_it_is_mounted_when_nothing_else_is_planned(): void
    {
        $plan = ['10:00-11:00 Warm-up lead', '14:00-15:00 Heats lead'];
        // 6 min there and 20 to mount it: out at 11:00 for 11:26; back at 14:00 from 13:54.
        $this->assertSame(self::at('11:00'), self::rounds($plan, '11:26', '15:00')->setsOutAt);
        foreach (['11:26' => 'fine', '11:25' => 'fix', '13:54' => 'fine', '13:55' => 'fix'] as $mounted => $is) {
            $this->assertSame($is, self::said(self::rounds($plan, $mounted, '15:00'))['remote.mount']->severity->value, $mounted);
        }
        $early = self::said(self::rounds($plan, '10:30', '15:00'))['remote.mount'];
        $this->assertSame('While it is mounted, “Warm-up” runs.', $early->finding);
        $this->assertStringContainsString('back for “Heats” at 14:00: it stands at 13:54', $early->because, 'as late as can be: fresh cells');
        $late = self::said(self::rounds($plan, '14:10', '15:00'))['remote.mount'];
        $this->assertStringContainsString('back for “Heats” at 14:00: it stands at 13:54', $late->because);
        $short = ['10:00-11:00 Warm-up lead', '11:31-15:00 Heats lead'];
        $this->assertStringContainsString('it stands at 09:54', self::said(self::rounds($short, '11:20', '15:00'))['remote.mount']->because,
            '31 min between hold no 32');
        $this->assertSame('mind', self::said(self::rounds([], '11:20', '15:00'))['remote.mount']->severity->value, 'an empty plan proves nothing');
    }

    public function test_a_fresh_cell_goes_in_as_late_as_can_be(): void
    {
        $plan = ['13:30-14:00 Warm-up lead', '14:17-15:00 Heats lead', '15:16-16:00 Relay lead', '16:10-17:30 Final lead'];
        $rounds = self::rounds($plan, '10:00', '17:30');
        $this->assertSame(self::at('14:06'), $rounds->freshAt, '6 + 5 + 6 min: 17 will do, 16 will not; back at 14:17');
        $this->assertSame(7.6, $rounds->hoursAlone(), '10:00 to 17:36');
        $this->assertSame(3.5, $rounds->hoursSinceFresh());
        $none = self::rounds(['13:17-14:00 Warm-up lead', '14:16-15:00 Heats lead'], '13:00', '15:00');
        $this->assertNull($none->freshAt, '11 and 16 min hold no round');
        $this->assertNull($none->hoursSinceFresh());
    }

    /** 100 frames of 600 a charge take a sixth; 10 h of 12 standing by take most of the rest, 4 h do not. */
    public function test_a_walk_is_only_offered_where_it_helps(): void
    {
        $sun = Sun::at(GeoPoint::of(59.0, 15.0), self::at('13:00'));
        $cells = static function (int $frames, float $standby, array $plan) use ($sun): array {
            $rounds = self::rounds($plan, '06:00', '15:00');
            $plan = new RemotePlan($sun, $sun, 200.0, $rounds->hoursAlone(), $frames, new RemoteBody(50.0, 10.0, 600.0, $standby, 128.0), 20.0,
                rounds: $rounds);

            return [$plan->isHelpedByFreshCell(), $plan->verdicts()[2]->because];
        };
        $free = ['14:00-15:00 Heats lead'];
        [$helps, $says] = $cells(100, 12.0, $free);
        $this->assertTrue($helps);
        $this->assertStringEndsWith('or a fresh cell at 13:49: that one lasts.', $says);
        [$helps, $says] = $cells(900, 12.0, $free);
        $this->assertFalse($helps, 'its frames alone are more than a charge');
        $this->assertStringEndsWith('; no walk to it before it fires is enough.', $says);
        $this->assertFalse($cells(100, 12.0, ['06:05-14:00 Heats lead', '14:00-15:00 Final lead'])[0], 'no break');
        $this->assertFalse($cells(100, 100.0, $free)[0], 'nor is it needed where they last');
    }

    /** What passes at 8 m/s, 12 m away, under 135 mm and pixels of 6 µm: 90 mm a second on the sensor, so 3 mm or 500 pixels in 1/30 s. */
    public function test_the_sheet_goes_through_it_in_order(): void
    {
        $rounds = self::rounds(['14:00-15:00 Heats lead'], '13:00', '15:00');
        $place = GeoPoint::of(59.0, 15.0);
        $sheet = static fn (float $charge, float $cardGb): RemoteSheet => new RemoteSheet(
            new RemotePlan(Sun::at($place, self::at('13:00')), Sun::at($place, self::at('14:00')), 200.0, $rounds->hoursAlone(), 900,
                new RemoteBody(50.0, 10.0, $charge, 100.0, $cardGb), 20.0, rounds: $rounds),
            $rounds, 200.0, 2 * 6e-6 / 0.09, MotionBlur::of(8.0, 12.0, 135.0, 1 / 30, 6.0), 30.0,
        );
        $steps = static fn (float $charge, float $cardGb): array => array_map(
            static fn (RemoteStep $s): string => trim("{$s->clock} {$s->what}"),
            $sheet($charge, $cardGb)->steps(),
        );
        $lasts = $steps(3000.0, 128.0);
        $this->assertCount(8, $lasts);
        $this->assertSame(
            '12:34 Set out with the camera, its clamp, a second safety cable, tape, a fresh cell and an empty pair of cards.',
            $lasts[0],
        );
        $this->assertStringStartsWith('Nobody below while it is rigged.', $lasts[1]);
        $this->assertStringContainsString('Point it to 200°', $lasts[2]);
        // 500 pixels at 1/30 s are 12 at 1/1250 s.
        $this->assertStringContainsString('over 12 pixels, at 1/7500 s nobody sees any. By intent: 1/30 s streaks it over 500 pixels', $lasts[4]);
        $this->assertStringStartsWith('13:00 It stands.', $lasts[6]);
        $this->assertStringStartsWith('15:06 Fetch it', $lasts[7]);
        $short = $steps(500.0, 32.0);
        $this->assertStringContainsString('3 fresh cells and an empty pair of cards', $short[0]);
        $this->assertStringStartsWith('Its cells do not last: a grip', $short[7]);
        $this->assertStringStartsWith('Its cards do not hold it all', $short[8]);
        $this->assertNotContains('Its cells do not last.', $sheet(3000.0, 128.0)->open());
        $this->assertContains('Its cells do not last.', $sheet(500.0, 32.0)->open(), 'a sheet does not hide what is still to mend');
    }

    #[TestWith([-1.0])]
    #[TestWith([601.0])]
    public function test_a_walk_that_cannot_be(float $walk): void
    {
        $this->expectException(ImpossibleValue::class);
        self::rounds([], '13:00', '14:00', $walk);
    }
}
