<?php

declare(strict_types=1);

namespace Tests\Core\People;

use NorthSatchel\ImpossibleValue;
use NorthSatchel\People\Family;
use NorthSatchel\People\FamilyGroup;
use NorthSatchel\People\FamilyLine;
use NorthSatchel\People\FamilyText;
use NorthSatchel\People\FramesNeeded;
use NorthSatchel\People\PoseRota;
use NorthSatchel\People\StandChart;
use NorthSatchel\People\StandTime;
use NorthSatchel\People\Team;
use NorthSatchel\People\TeamDrawing;
use NorthSatchel\People\TeamSchedule;
use NorthSatchel\People\TeamSlip;
use NorthSatchel\People\TeamText;
use NorthSatchel\Time\Priority;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class FramesAndTeamsTest extends TestCase
{
    /** Common practice, no source: 8 to 10 frames of a big group. P. Svenson and N. Barnes, CSIRO, 2006: people ÷ 3, ÷ 2. */
    public function test_frames_against_blinks(): void
    {
        $twenty = FramesNeeded::of(20, true, 0.99, 0.005);
        $this->assertSame([9, null], [$twenty->frames, $twenty->ruleOfThumb]);
        $this->assertSame(
            [4, 6],
            [FramesNeeded::of(12, true, 0.9, 0.005)->ruleOfThumb, FramesNeeded::of(12, false, 0.9, 0.005)->ruleOfThumb],
        );
        $this->assertSame(7, FramesNeeded::of(19, true, 0.9, 0.005)->ruleOfThumb);
        // One person, a blink of a quarter of a second every six: q = (0.25 + t) / 6.
        $this->assertEqualsWithDelta(1 - 0.26 / 6, FramesNeeded::of(1, true, 0.5, 0.01)->chancePerFrame, 1e-12);
        $this->assertNull(FramesNeeded::of(5, true, 0.9, 6.0)->frames, 'in six seconds everybody blinks');
    }

    public function test_so_many_frames_are_enough_and_one_fewer_is_not(): void
    {
        foreach ([[1, 0.99], [7, 0.5], [40, 0.95], [150, 0.9], [300, 0.99]] as [$people, $confidence]) {
            $found = FramesNeeded::of($people, true, $confidence, 0.004);
            $chance = static fn (int $frames): float => 1 - (1 - $found->chancePerFrame) ** $frames;
            $this->assertGreaterThanOrEqual($confidence, $chance((int) $found->frames));
            $this->assertTrue($found->frames === 1 || $chance((int) $found->frames - 1) < $confidence);
        }
    }

    /** Every order of up to six teams is tried (S. M. Johnson, 1954). */
    public function test_two_light_sets_finish_as_early_as_any_order_can(): void
    {
        $random = new Randomizer(new Mt19937(8));
        for ($run = 0; $run < 40; $run++) {
            $teams = [];
            for ($i = 0, $count = $random->getInt(1, 6); $i < $count; $i++) {
                $teams[] = new Team("t{$i}", $random->getInt(0, 15), $random->getInt(1, 10), $random->getInt(20, 120));
            }
            $best = INF;
            foreach (self::orders($teams) as $order) {
                $first = $second = 0.0;
                foreach ($order as $team) {
                    $first += $team->teamMinutes;
                    $second = max($first, $second) + $team->playerMinutes();
                }
                $best = min($best, max($first, $second));
            }
            $found = TeamSchedule::of($teams, 2);
            $this->assertEqualsWithDelta($best, $found->finishMinutes, 1e-9, "run {$run}");
            $this->assertCount(2 * count($teams), $found->segments);
        }
    }

    /**
     * @param  list<Team>  $teams
     * @return \Generator<list<Team>>
     */
    private static function orders(array $teams): \Generator
    {
        if ($teams === []) {
            yield [];
        }
        foreach ($teams as $i => $first) {
            $rest = $teams;
            unset($rest[$i]);
            foreach (self::orders(array_values($rest)) as $order) {
                yield [$first, ...$order];
            }
        }
    }

    public function test_one_set_does_everything_in_turn_and_a_set_does_one_thing_at_a_time(): void
    {
        $teams = [new Team('a', 10, 3, 60), new Team('b', 4, 5, 30)];
        $one = TeamSchedule::of($teams, 1);
        $this->assertSame(20.0, $one->finishMinutes);
        $this->assertSame([1, 1, 1, 1], array_column($one->segments, 'set'));
        $at = 0.0;
        foreach ($one->segments as $segment) {
            $this->assertSame($at, $segment->from);
            $at = $segment->to;
        }
        $this->assertSame(0.0, TeamSchedule::of([], 2)->finishMinutes);
        $this->expectException(ImpossibleValue::class);
        TeamSchedule::of($teams, 3);
    }

    public function test_teams_are_read_a_line_each_and_said_in_a_sentence(): void
    {
        $teams = TeamText::read("Juniors, 14 players, 4 min, 60 s\n\nSeniors, 9");
        $this->assertEquals([new Team('Juniors', 14, 4, 60), new Team('Seniors', 9, 3, 100)], $teams);
        foreach (
            ['Juniors' => 'how many players', 'Juniors, 14, soon' => '“soon”', "A, 3\nA, 4" => 'twice', ', 5' => 'need a '.
                'name'] as $text => $says
        ) {
            try {
                TeamText::read((string) $text);
                $this->fail("{$text} was taken");
            } catch (ImpossibleValue $e) {
                $this->assertStringContainsString($says, $e->must);
            }
        }
        $two = TeamSchedule::of($teams, 2);
        // Seniors first: 3 + 15 and the juniors' 14 behind it, against 4 + 14 + 15.
        $this->assertSame(32.0, $two->finishMinutes);
        $this->assertStringStartsWith('Over after 32 min: Seniors, then Juniors', (string) $two->verdicts()->worst()?->finding);
        $this->assertStringContainsString('makes it 32 min: 4 fewer', (string) TeamSchedule::of($teams, 1)->verdicts()->worst()?->because);
        $this->assertSame('teams.none', TeamSchedule::of([], 2)->verdicts()->worst()?->code);
        $slips = (new TeamDrawing($two))->slips();
        $this->assertSame([0, 1, 0, 1], array_column($slips, 'lane'));
        $this->assertLessThanOrEqual(1000.0, max(array_map(static fn (TeamSlip $s): float => $s->x + $s->width, $slips)));
    }

    public function test_no_two_neighbours_stand_alike_or_turn_the_same_way(): void
    {
        foreach ([PoseRota::POSES, ['a', 'b'], ['a', 'b', 'c']] as $poses) {
            $rota = PoseRota::of(17, $poses);
            for ($i = 1; $i < 17; $i++) {
                $this->assertNotSame($rota[$i - 1]->pose, $rota[$i]->pose);
                $this->assertNotSame($rota[$i - 1]->turned, $rota[$i]->turned);
            }
        }
        $this->expectException(ImpossibleValue::class);
        PoseRota::of(3, ['a', 'a']);
    }

    public function test_a_short_list_is_drawn_too(): void
    {
        $this->assertSame([0], array_column((new TeamDrawing(TeamSchedule::of([new Team('Cubs', 2, 1, 60)], 2)))->minutes(), 'minute'));
        $this->assertSame(
            [0, 10, 20, 30],
            array_column((new TeamDrawing(TeamSchedule::of([new Team('Cubs', 14, 4, 120)], 2)))->minutes(), 'minute'),
        );
        $family = new Family(FamilyText::read([new FamilyLine(name: 'Ann', text: 'bride'), new FamilyLine(name: 'Bo', text: 'groom')]));
        $stand = new StandTime([new FamilyGroup('The two', ['Ann', 'Bo'], Priority::Must)], $family, true);
        $this->assertLessThan(5, $stand->totalMinutes);
        $this->assertSame([0], array_column((new StandChart($stand))->minutes(), 'minute'));
    }

    /** Every way to stand is tried: none puts more of the differences the right way round. */
    public function test_of_two_neighbours_the_shorter_stands_half_a_step_forward(): void
    {
        $random = new Randomizer(new Mt19937(8));
        $worth = static function (array $heights, array $forward): int {
            $sum = 0;
            for ($i = 1; $i < count($heights); $i++) {
                $step = $heights[$i - 1] - $heights[$i];
                $sum += abs($step) < 4 ? 0 : ((int) $forward[$i] - (int) $forward[$i - 1]) * $step;
            }

            return $sum;
        };
        for ($run = 0; $run < 40; $run++) {
            $heights = array_map(static fn (): int => $random->getInt(140, 195), range(1, $random->getInt(1, 8)));
            $ours = array_column(PoseRota::of(count($heights), heightsCm: $heights), 'isForward');
            $best = 0;
            for ($way = 0; $way < 1 << count($heights); $way++) {
                $best = max($best, $worth($heights, array_map(static fn (int $i): bool => (($way >> $i) & 1) === 1, array_keys($heights))));
            }
            // One who gains nothing by it stays where they are: at most a centimetre each is given up for that.
            $this->assertGreaterThanOrEqual($best - count($heights), $worth($heights, $ours), implode(' ', $heights));
        }
        $this->assertSame(
            [false, true, false, true, false],
            array_column(PoseRota::of(5, heightsCm: [180, 160, 175, 150, 182]), 'isForward'),
        );
        $this->assertSame(
            [false, false, false],
            array_column(PoseRota::of(3, heightsCm: [170, 171, 172]), 'isForward'),
            'less nobody sees',
        );
        $this->assertSame(
            [false, true, false],
            array_column(PoseRota::of(3, heightsCm: [180, 160]), 'isForward'),
            'of whom the height is not known',
        );
        // Two planes 0.35 m apart at 50 mm from 13.8 m: the handbook's depth at f/1.4, and no row is taken wide open.
        $this->assertStringContainsString('50 mm from 13.8 m', PoseRota::sharpness(15));
        $this->assertStringContainsString('f/4 holds both with room to spare.', PoseRota::sharpness(15));
        // Near by, f²·depth ÷ (2·c·near·far) = 50²·350 ÷ (2·0.03·1650·2000) is f/4.4, and f/4.5 misses by a millimetre.
        $this->assertStringContainsString('f/5 holds both.', PoseRota::sharpness(2));
    }

    public function test_heights_are_read_and_no_more_than_players(): void
    {
        $this->assertSame([152, 98, 160], TeamText::read('Cubs, 5, heights 152 98  160')[0]->heightsCm);
        foreach (
            [
                'Cubs, 2, heights 150 151 152' => 'more heights than players in line 1: 3 for 2',
                'Cubs, 2, heights' => 'cannot be read',
                'Cubs, 2, heights 150 tall' => 'cannot be read',
            ] as $text => $says
        ) {
            try {
                TeamText::read($text);
                $this->fail("{$text} was taken");
            } catch (ImpossibleValue $e) {
                $this->assertStringContainsString($says, $e->must);
            }
        }
    }
}
