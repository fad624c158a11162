<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use NorthSatchel\Plan\Judge\CuedShot;
use NorthSatchel\Plan\Judge\CueJudge;
use NorthSatchel\Verdict;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** A shot that follows a cue, to the second and the millimetre. */
final class CueJudgeTest extends TestCase
{
    #[TestWith([44, 85, 35, 'plan.cue-lens'])]
    #[TestWith([45, 85, 35, 'plan.cue'])]
    #[TestWith([44, 85, 85, 'plan.cue'])]
    #[TestWith([44, 85, null, 'plan.cue'])]
    #[TestWith([44, null, 35, 'plan.cue'])]
    #[TestWith([null, 85, 35, 'plan.cue'])]
    #[TestWith([44, 70, 24, 'plan.cue'])]
    #[TestWith([44, 71, 24, 'plan.cue-lens'])]
    #[TestWith([44, 24, 23, 'plan.cue-lens'])]
    public function test_a_change_of_lens_takes_three_quarters_of_a_minute(?int $within, ?int $focal, ?int $before, string $code): void
    {
        $this->assertSame($code, self::verdict($within, $focal, $before)->code);
    }

    #[TestWith([119, 'After rings, expect kiss within 119 s.'])]
    #[TestWith([120, 'After rings, expect kiss within 2 min.'])]
    #[TestWith([null, 'After rings, expect kiss.'])]
    public function test_how_soon_is_said_in_seconds_or_minutes(?int $within, string $finding): void
    {
        $this->assertSame($finding, self::verdict($within, null, null)->finding);
    }

    public function test_who_is_ready_is_told_what_is_on(): void
    {
        $this->assertStringContainsString(', 85 mm on', self::verdict(60, 85, 85)->because);
        $this->assertStringNotContainsString('mm on', self::verdict(60, null, 85)->because);
    }

    private static function verdict(?int $within, ?int $focal, ?int $before): Verdict
    {
        $shot = new CuedShot(3, 'kiss', 'rings', $within, $focal, $before, 'hands', 'lead');
        $found = iterator_to_array(CueJudge::of([$shot], ['lead' => [[24, 70]], 'second' => [[10, 400]]]));
        self::assertCount(1, $found, 'one shot, one finding');

        return $found[0];
    }
}
