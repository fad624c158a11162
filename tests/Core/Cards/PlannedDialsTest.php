<?php

declare(strict_types=1);

namespace Tests\Core\Cards;

use NorthSatchel\Cards\Check\PlannedDials;
use NorthSatchel\Cards\Check\SettingsSheet;
use NorthSatchel\Kit\Needs\PlannedStretch;
use NorthSatchel\Time\Priority;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Held against log2(N²/t) − log2(ISO/100) = EV (ISO 2720, from memory), to a third of a stop. */
final class PlannedDialsTest extends TestCase
{
    private static function at(?float $ev, SettingsSheet $sheet = new SettingsSheet()): PlannedDials
    {
        return PlannedDials::of(new PlannedStretch(1, 'Vows', ['lead'], 0, 3600, '14:00', null, Priority::Must, $ev, []), $sheet);
    }

    #[DataProvider('lights')]
    public function test_the_dials_expose_for_the_light(float $ev): void
    {
        $dials = self::at($ev);
        $this->assertEqualsWithDelta($ev, log($dials->fNumber ** 2 * $dials->shutter, 2) - log($dials->iso / 100, 2), 0.34);
        $this->assertGreaterThanOrEqual(160, $dials->shutter);
        $this->assertLessThanOrEqual(4000, $dials->shutter);
        $this->assertNull($dials->minds);
    }

    /** @return array<string, array{float}> */
    public static function lights(): array
    {
        return ['candles' => [4.0], 'a room' => [7.0], 'shade' => [12.0], 'sun' => [15.0], 'snow' => [16.5]];
    }

    public function test_the_sheet_is_kept_and_what_does_not_fit_it_is_said(): void
    {
        $sheet = new SettingsSheet(1 / 250, 1600, 2.8, 8.0);
        $shade = self::at(12.0, $sheet);
        $this->assertGreaterThanOrEqual(250, $shade->shutter);
        $this->assertLessThanOrEqual(8.0, $shade->fNumber);
        // EV 4 at f/2.8 and 1/250 s: 2.8² · 250 ÷ 2⁴ = ISO 12,250, three stops beyond 1600.
        $dark = self::at(4.0, $sheet);
        $this->assertSame([2.8, 250], [$dark->fNumber, $dark->shutter]);
        $this->assertStringContainsString('Too dark by 2.9 stops at f/2.8 and ISO 1600', (string) $dark->minds);
        $this->assertStringContainsString(
            'Too bright for the sheet by 2',
            (string) self::at(17.0, new SettingsSheet(null, null, 2.8, 2.8))->minds,
        );
        // EV 6.5 at f/4 and 1/160 s would be ISO 2800: opened a stop to f/2.8 it is 1400.
        $this->assertSame([2.8, 1250], [self::at(6.5)->fNumber, self::at(6.5)->iso]);
        $this->assertSame(4.0, self::at(9.0)->fNumber);
        $this->assertSame('f/2.8, 1/250 s, ISO 1600', $dark->says());
        $this->assertSame('meter it', self::at(null)->says());
    }
}
