<?php

declare(strict_types=1);

namespace Tests\Core\Sky;

use NorthSatchel\Sky\Coordinates;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class CoordinatesTest extends TestCase
{
    #[TestWith(['57.63, 18.29', 57.63, 18.29])]
    #[TestWith(['57.63 18.29', 57.63, 18.29])]
    #[TestWith([' -33.9,18.4 ', -33.9, 18.4])]
    #[TestWith(['57,63 18,29', 57.63, 18.29])]
    #[TestWith(['57,63; 18,29', 57.63, 18.29])]
    #[TestWith(['57°, 18°', 57.0, 18.0])]
    #[TestWith(['57.63N, 18.29W', 57.63, -18.29])]
    #[TestWith(['33.9 S 18.4 E', -33.9, 18.4])]
    #[TestWith(['57°37\'48"N 18°17\'24"E', 57.63, 18.29])]
    #[TestWith(['57° 37′ 48″ n, 18° 17′ 24″ e', 57.63, 18.29])]
    #[TestWith(['N 57 37.8 E 18 17.4', 57.63, 18.29])]
    #[TestWith(['57 37.8 N 18 17.4 O', 57.63, 18.29])]
    public function test_as_people_write_them(string $text, float $latitude, float $longitude): void
    {
        $point = Coordinates::read($text);
        $this->assertEqualsWithDelta([$latitude, $longitude], [$point?->latitudeDeg, $point?->longitudeDeg], 1e-6);
    }

    /** RFC 5870, section 6.1 and 6.3, the first two. */
    #[TestWith(['geo:13.4125,103.8667', 13.4125, 103.8667])]
    #[TestWith(['geo:48.198634,16.371648;crs=wgs84;u=40', 48.198634, 16.371648])]
    #[TestWith(['https://maps.example/@57.63,18.29,15z', 57.63, 18.29])]
    #[TestWith(['https://maps.example/?q=57.63,18.29', 57.63, 18.29])]
    #[TestWith(['https://maps.example/?q=57.63%2C-18.29&z=4', 57.63, -18.29])]
    #[TestWith(['https://maps.example/#map=15/57.63/18.29', 57.63, 18.29])]
    #[TestWith(['https://maps.example/?mlat=57.63&mlon=18.29', 57.63, 18.29])]
    public function test_as_maps_hand_them_over(string $text, float $latitude, float $longitude): void
    {
        $point = Coordinates::read($text);
        $this->assertEqualsWithDelta([$latitude, $longitude], [$point?->latitudeDeg, $point?->longitudeDeg], 1e-9);
    }

    #[TestWith([''])]
    #[TestWith(['Visby'])]
    #[TestWith(['95, 10'])]
    #[TestWith(['10, 195'])]
    #[TestWith(['57 61.0 N 18 17.4 E'])]
    #[TestWith(['https://maps.example/place/Visby'])]
    #[TestWith(['1, 2, 3'])]
    #[TestWith(['12 High Street'])]
    public function test_what_holds_none(string $text): void
    {
        $this->assertNull(Coordinates::read($text));
    }
}
