<?php

declare(strict_types=1);

namespace Tests\Core\Kit;

use NorthSatchel\Kit\Needs\Ask;
use NorthSatchel\Kit\Needs\FillNeeds;
use NorthSatchel\Kit\Needs\Need;
use NorthSatchel\Kit\Needs\NeedWhat;
use NorthSatchel\Kit\Needs\PlannedShot;
use NorthSatchel\Kit\Needs\PlannedStretch;
use NorthSatchel\Scout\FaceLight;
use NorthSatchel\Scout\Skyline;
use NorthSatchel\Scout\Spot;
use NorthSatchel\Sky\GeoPoint;
use NorthSatchel\Time\Priority;
use PHPUnit\Framework\TestCase;

/** Where the sun leaves faces dark and nothing else lights them (common practice, no source). */
final class FillNeedsTest extends TestCase
{
    private static function stretch(int $id, ?string $fill, bool $isFlash = false, int $frames = 20): PlannedStretch
    {
        return new PlannedStretch(
            $id, "Scene {$id}", ['lead', 'second'], 3600 * $id, 3600 * $id + 1800, "1{$id}:00", null, Priority::Must, 12.0,
            $frames === 0 ? [] : [new PlannedShot('Portrait', Priority::Must, $frames)], $isFlash, false, $fill,
        );
    }

    public function test_one_reflector_for_all_that_wants_fill_and_has_no_flash(): void
    {
        $needs = FillNeeds::of([self::stretch(1, 'the sun stands behind the faces'), self::stretch(2, null), self::stretch(3, 'high', true)], []);
        $this->assertSame(['reflector-fill'], array_map(static fn (Need $n): string => $n->id, $needs));
        $this->assertSame([1, Priority::Should], [$needs[0]->count, $needs[0]->priority]);
        $this->assertStringStartsWith('“Scene 1” at 11:00: the sun stands behind the faces.', $needs[0]->because);
        $this->assertCount(1, $needs[0]->at);
        $this->assertSame([], FillNeeds::of([self::stretch(2, null), self::stretch(3, 'high', true), self::stretch(4, 'high', false, 0)], []));
        $asked = new Ask(1, NeedWhat::Reflector, 1, Priority::Should);
        $this->assertSame([], FillNeeds::of([self::stretch(1, 'high')], [$asked]), 'who asked for one has one');
    }

    /** At 48° north in June the sun stands 65° high in the south at noon and 20° high in the west-north-west at half past six (CEST). */
    public function test_faces_want_fill_against_a_low_sun_and_under_a_high_one(): void
    {
        $place = GeoPoint::of(48.2, 16.37);
        $fill = static function (float $facing, string $clock, string $skyline = '', bool $isIndoor = false) use ($place): ?string {
            $at = (new \DateTimeImmutable("2027-06-12 {$clock}", new \DateTimeZone('Europe/Vienna')))->getTimestamp();

            return FaceLight::fill(new Spot(1, 'Terrace', null, $facing, $isIndoor, [], Skyline::read($skyline)), true, $place, $at);
        };
        $this->assertSame('the sun stands behind the faces', $fill(100.0, '18:30'));
        $this->assertNull($fill(280.0, '18:30'), 'in their faces');
        $this->assertNull($fill(190.0, '18:30'), 'from the side');
        $this->assertStringContainsString('° high and puts shadows into the eyes', (string) $fill(180.0, '13:00'));
        $this->assertNull($fill(100.0, '22:30'), 'down');
        $this->assertNull($fill(100.0, '18:30', "200 0\n240 40\n320 40\n340 0"), 'behind the ridge');
        $this->assertNull($fill(100.0, '18:30', '', true));
        $this->assertNull(FaceLight::fill(null, true, $place, 0), 'of a place without a spot nothing is known');
    }
}
