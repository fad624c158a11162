<?php

declare(strict_types=1);

namespace Tests\Core\Scout;

use App\Devices\StandIn\StandInPhone;
use NorthSatchel\Drawing\Point;
use NorthSatchel\ImpossibleValue;
use NorthSatchel\Picture\Exif;
use NorthSatchel\Picture\Jpeg;
use NorthSatchel\Picture\TextBytes;
use NorthSatchel\Scout\TestPicture;
use NorthSatchel\Scout\TestPictureJudge;
use NorthSatchel\Sky\GeoPoint;
use NorthSatchel\Time\LocalDay;
use NorthSatchel\Verdict;
use PHPUnit\Framework\TestCase;

final class TestPictureTest extends TestCase
{
    private static function phone(): string
    {
        return (new StandInPhone(-33.8612, 151.2099, 350.5, 1_750_000_000, 36000, 2.0, 500, 200))->treeAt(25, 9, 2, 15);
    }

    private static function read(string $jpeg): TestPicture
    {
        $exif = Exif::of(new TextBytes((string) Jpeg::exifBlock(new TextBytes($jpeg))));
        self::assertNotNull($exif);

        return TestPicture::of($exif, 1200, 900, 0);
    }

    private static function picture(int $width = 4000, int $height = 3000, ?float $focal = 26): TestPicture
    {
        return TestPicture::known(GeoPoint::of(50, 8), 10, false, 12.0, 1_750_000_000, $width, $height, $focal);
    }

    public function test_place_direction_and_light_are_read(): void
    {
        $picture = self::read(self::phone());
        $this->assertEqualsWithDelta(-33.8612, (float) $picture->place?->latitudeDeg, 1e-6);
        $this->assertEqualsWithDelta(151.2099, (float) $picture->place?->longitudeDeg, 1e-6);
        $this->assertSame(350.5, $picture->directionDeg);
        $this->assertFalse($picture->isMagnetic);
        $this->assertSame(1_750_000_000, $picture->takenAt);
        // f/2, 1/500 s, ISO 200: log2(4 × 500) − 1.
        $this->assertEqualsWithDelta(log(2000, 2) - 1, (float) $picture->ev100, 1e-9);
    }

    /** The reader is held against exiftool, which knows the standard on its own. */
    public function test_exiftool_reads_the_same(): void
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'phone');
        file_put_contents($file, self::phone());
        $out = [];
        exec('exiftool -n -j -GPSLatitude -GPSLongitude -GPSImgDirection -FocalLengthIn35mmFormat '.escapeshellarg($file), $out, $exit);
        unlink($file);
        $this->assertSame(0, $exit, 'exiftool is needed');
        /** @var array{array<string, float>} $said */
        $said = json_decode(implode('', $out), true, flags: JSON_THROW_ON_ERROR);
        $picture = self::read(self::phone());
        $this->assertEqualsWithDelta($said[0]['GPSLatitude'], (float) $picture->place?->latitudeDeg, 1e-6);
        $this->assertEqualsWithDelta($said[0]['GPSLongitude'], (float) $picture->place?->longitudeDeg, 1e-6);
        $this->assertEqualsWithDelta($said[0]['GPSImgDirection'], (float) $picture->directionDeg, 1e-6);
        $this->assertEqualsWithDelta($said[0]['FocalLengthIn35mmFormat'], (float) $picture->focal35Mm, 1e-6);
    }

    /** A 26 mm lens on the full format sees 69.4° across and 79.5° over the diagonal (by 2·atan(side ÷ 2 ÷ focal)). */
    public function test_the_angle_of_view_is_that_of_the_format(): void
    {
        $this->assertEqualsWithDelta(2 * rad2deg(atan(18 / 26)), (float) self::picture(6000, 4000)->angleOfViewDeg(), 0.01);
        $square = self::picture(3000, 3000)->angleOfViewDeg();
        $this->assertEqualsWithDelta(2 * rad2deg(atan(43.2666 / sqrt(2) / 2 / 26)), (float) $square, 0.01);
        $this->assertNull(self::picture(focal: null)->angleOfViewDeg());
    }

    public function test_the_drawn_tree_is_measured_back(): void
    {
        $image = imagecreatefromstring(self::phone());
        $this->assertNotFalse($image);
        // Taps where the picture shows them: the tree is the dark thing.
        $isTree = static fn (int $x, int $y): bool => (imagecolorat($image, $x, $y) & 0xFF) < 0x50 &&
            ((imagecolorat($image, $x, $y) >> 16) & 0xFF) < 0x50;
        $rows = array_values(
            array_filter(
                range(0, 899),
                static fn (int $y): bool => array_filter(range(0, 1199, 2), static fn (int $x): bool => $isTree($x, $y)) !== [],
            ),
        );
        [$top, $foot] = [$rows[0], $rows[count($rows) - 1]];
        $columns = array_values(array_filter(range(0, 1199), static fn (int $x): bool => $isTree($x, $foot - 2)));
        $middle = ($columns[0] + $columns[count($columns) - 1]) / 2;
        $measured = self::read(self::phone())->measure(
            new Point(x: $middle / 1200, y: $foot / 900),
            new Point(x: $middle / 1200, y: $top / 900),
            new Point(x: $columns[0] / 1200, y: $foot / 900),
            1.6,
            null,
        );
        $this->assertEqualsWithDelta(25, $measured->distanceM, 0.6);
        $this->assertEqualsWithDelta(9, $measured->heightM, 0.4);
        $this->assertEqualsWithDelta(2, (float) $measured->widthM, 0.2);
        $this->assertEqualsWithDelta(5.5, (float) $measured->bearingDeg, 0.3, '350.5° and 15° to the right');
        $paced = self::read(self::phone())->measure(new Point(x: 0.5, y: 0.56), new Point(x: 0.5, y: 0.3), null, 1.6, 40);
        $this->assertSame(40.0, $paced->distanceM);
        $this->assertNull($paced->widthM);
    }

    public function test_a_picture_on_its_side_is_turned(): void
    {
        $exif = Exif::of(new TextBytes(\App\Devices\StandIn\TiffBlock::build([0x0112 => [3, 6]], [0xA405 => [3, 26]])));
        $this->assertNotNull($exif);
        $turned = TestPicture::of($exif, 4000, 3000, 0);
        $this->assertSame([3000, 4000], [$turned->width, $turned->height]);
        $this->assertNull($turned->place);
        $this->assertNull($turned->ev100);
    }

    public function test_taps_that_measure_nothing_are_refused_by_name(): void
    {
        $tries = [
            'foot' => fn () => self::picture()->measure(new Point(x: 0.5, y: 0.4), new Point(x: 0.5, y: 0.2), null, 1.6, null),
            'top' => fn () => self::picture()->measure(new Point(x: 0.5, y: 0.6), new Point(x: 0.5, y: 0.7), null, 1.6, null),
            'picture' => fn () => self::picture(focal: null)->measure(new Point(x: 0.5, y: 0.6), new Point(x: 0.5, y: 0.2), null, 1.6, null),
        ];
        foreach ($tries as $field => $try) {
            try {
                $try();
                $this->fail("{$field} was taken");
            } catch (ImpossibleValue $e) {
                $this->assertSame($field, $e->field);
            }
        }
    }

    public function test_what_it_says_of_its_spot(): void
    {
        $day = LocalDay::of('2027-06-01', 'Europe/Berlin');
        $codes = static fn (?GeoPoint $spot, TestPicture $p): array => array_map(
            static fn (Verdict $v): string => $v->code,
            TestPictureJudge::of('One', $p, 4, $spot, $day),
        );
        $this->assertContains('scout.picture-place', $codes(null, self::picture()));
        $this->assertNotContains('scout.picture-place', $codes(GeoPoint::of(50.0001, 8), self::picture()), '11 m is what a phone knows');
        $far = TestPictureJudge::of('One', self::picture(), 4, GeoPoint::of(50.01, 8), $day)[0];
        // A hundredth of a degree of latitude is 1.11 km.
        $this->assertEqualsWithDelta(1112, $far->figures['metres'], 2);
        $this->assertSame('50', $far->remedy?->on['latitude']);
        $this->assertSame(
            ['scout.picture-no-place', 'scout.picture-no-angle'],
            $codes(GeoPoint::of(50, 8), TestPicture::known(null, null, false, null, null, 10, 10, null)),
        );
    }
}
