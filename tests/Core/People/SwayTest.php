<?php

declare(strict_types=1);

namespace Tests\Core\People;

use NorthSatchel\Optics\MotionBlur;
use NorthSatchel\People\FamilyLine;
use NorthSatchel\People\FamilyText;
use NorthSatchel\People\GroupSetup;
use NorthSatchel\People\Relative;
use NorthSatchel\People\StandLens;
use NorthSatchel\People\Sway;
use PHPUnit\Framework\TestCase;

/**
 * Held against the formula of motion blur in docs/compute.md, and the reciprocal of the focal length for a hand (common practice, no
 * source).
 */
final class SwayTest extends TestCase
{
    /** @return list<Relative> */
    private static function grown(int $count = 12): array
    {
        return FamilyText::read(
            array_map(static fn (int $i): FamilyLine => new FamilyLine(name: "G{$i}", text: $i === 1 ? 'bride' : ''), range(1, $count)),
        );
    }

    /** @return list<Relative> */
    private static function withBaby(): array
    {
        return [...self::grown(4), ...FamilyText::read([new FamilyLine(name: 'Pip', text: 'infant')])];
    }

    public function test_the_shutter_holds_the_smear_below_the_circle_of_confusion(): void
    {
        foreach ([[35, 2.0], [50, 5.0], [85, 9.4], [85, 3.0], [200, 12.0]] as [$focal, $distance]) {
            foreach ([self::grown(), self::withBaby()] as $people) {
                $sway = Sway::of($people, $focal, $distance, 0.03);
                $smear = MotionBlur::of($sway->speedMS, $distance, $focal, 1 / $sway->slowest, 4.0)->mm;
                $this->assertLessThanOrEqual(0.03 * 1.03, $smear, "{$focal} mm from {$distance} m");
                $this->assertGreaterThanOrEqual(0.98 * $focal, $sway->slowest, 'a hand holds no longer');
                // A third of a stop slower would smear, or the hand would shake.
                $slower = ($sway->slowest / 2 ** (1 / 3)) * 0.99;
                $this->assertTrue(
                    MotionBlur::of($sway->speedMS, $distance, $focal, 1 / $slower, 4.0)->mm > 0.0298 || $slower < $focal,
                    "{$focal} mm from {$distance} m",
                );
            }
        }
    }

    public function test_who_fidgets_is_named_and_sets_the_pace(): void
    {
        $still = Sway::of(self::grown(), 50, 2.0, 0.03);
        $baby = Sway::of(self::withBaby(), 50, 2.0, 0.03);
        $this->assertSame([null, 'Pip'], [$still->restless, $baby->restless]);
        // 50 mm · 0.3 m/s ÷ 2 m = 7.5 mm/s; 0.03 mm in 1/250 s.
        $this->assertSame([100, 250], [$still->slowest, $baby->slowest]);
        $this->assertSame(3.0, $baby->smearHundredths(250));
        $this->assertStringContainsString('Pip fidgets by 3 hundredths', $baby->why(250));
        $this->assertTrue(Sway::of(self::grown(), 200, 30.0, 0.03)->isByHand);
    }

    public function test_in_the_dark_the_shutter_goes_as_slow_as_the_people_allow(): void
    {
        $bright = GroupSetup::best(self::grown(), [new StandLens(null, 50, 1.4)], null, 12.0);
        $this->assertGreaterThanOrEqual(200, $bright->shutter);
        $this->assertTrue($bright->verdicts()->has('people.light'));
        $dim = GroupSetup::best(self::grown(), [new StandLens(null, 50, 1.4)], null, 3.0, rowCount: 2);
        $this->assertLessThan(200, $dim->shutter);
        $this->assertTrue($dim->verdicts()->has('people.slow'));
        $this->assertLessThanOrEqual(3200, $dim->iso);
        $this->assertTrue(
            GroupSetup::best(self::grown(), [new StandLens(null, 50, 1.4)], null, -1.0, rowCount: 2)
                ->verdicts()
                ->has('people.dark'),
        );
        // With a child close by 1/200 s is too slow in the brightest shade.
        $close = GroupSetup::best([FamilyText::read([new FamilyLine(name: 'Pip', text: 'infant')])[0]], [new StandLens(null, 35, 1.4)], null, 8.0);
        $this->assertGreaterThan(200, $close->shutter);
    }
}
