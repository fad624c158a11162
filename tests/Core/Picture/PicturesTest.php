<?php

declare(strict_types=1);

namespace Tests\Core\Picture;

use App\Devices\LocalVolume;
use NorthSatchel\Picture\Exif;
use NorthSatchel\Picture\FrameKind;
use NorthSatchel\Picture\Jpeg;
use NorthSatchel\Picture\PictureInspector;
use NorthSatchel\Picture\PictureState;
use NorthSatchel\Picture\Raw;
use NorthSatchel\Picture\TextBytes;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\FaultyVolume;
use Tests\Support\Pictures;
use Tests\Support\TempFolder;

final class PicturesTest extends TestCase
{
    use TempFolder;

    public function test_a_whole_jpeg_has_no_fault(): void
    {
        $this->assertNull(Jpeg::fault(Pictures::jpeg()));
    }

    /** A jpeg of another writer: GD's own, progressive, with a comment. */
    public function test_a_progressive_jpeg_is_whole_too(): void
    {
        $image = imagecreatetruecolor(320, 200);
        self::assertNotFalse($image);
        imagefilledellipse($image, 100, 90, 130, 110, 0xCC8844);
        imageinterlace($image, true);
        ob_start();
        imagejpeg($image, null, 88);
        $jpeg = (string) ob_get_clean();
        $this->assertNull(Jpeg::fault($jpeg));
        $this->assertNotNull(Jpeg::fault(substr($jpeg, 0, -40)));
    }

    /** @return array<string, array{\Closure(string): string}> */
    public static function damage(): array
    {
        return [
            'nothing left' => [static fn (string $j): string => ''],
            'the end is missing' => [static fn (string $j): string => substr($j, 0, intdiv(strlen($j) * 2, 3))],
            'only the last two bytes are missing' => [static fn (string $j): string => substr($j, 0, -2)],
            'the head is zeros' => [static fn (string $j): string => str_repeat("\0", 512).substr($j, 512)],
            'the middle is zeros' => [
                static fn (string $j): string => substr_replace($j, str_repeat("\0", 6000), intdiv(strlen($j), 2), 6000),
            ],
            'the middle is another file' => [
                static fn (string $j): string => substr_replace($j, str_repeat("\xFF\x13", 2000), intdiv(strlen($j), 2), 4000),
            ],
            'no jpeg at all' => [static fn (string $j): string => 'plain text, renamed'],
        ];
    }

    /** @param  \Closure(string): string  $harm */
    #[DataProvider('damage')]
    public function test_a_damaged_jpeg_is_found(\Closure $harm): void
    {
        $this->assertNotNull(Jpeg::fault($harm(Pictures::jpeg())));
    }

    public function test_a_lost_sector_is_found_without_decoding(): void
    {
        $jpeg = Pictures::jpeg();
        $this->assertNull(Jpeg::fault($jpeg, decodeUpToPixels: 0));
        $this->assertSame(
            'a stretch of it is nothing but zeros',
            Jpeg::fault(substr_replace($jpeg, str_repeat("\0", 512), intdiv(strlen($jpeg), 2), 512), decodeUpToPixels: 0),
        );
    }

    public function test_a_raw_with_its_digest_is_proved(): void
    {
        $this->assertSame(PictureState::Proved, Raw::judge(new TextBytes(Pictures::dng()))[0]);
    }

    /** @return array<string, array{\Closure(string): string, PictureState}> */
    public static function raws(): array
    {
        return [
            'cut short' => [static fn (string $r): string => substr($r, 0, -100), PictureState::Damaged],
            'cut inside the directories' => [static fn (string $r): string => substr($r, 0, 300), PictureState::Damaged],
            'empty' => [static fn (string $r): string => '', PictureState::Damaged],
            'all zeros' => [static fn (string $r): string => str_repeat("\0", 9000), PictureState::Damaged],
            'one byte of the picture flipped' => [
                static fn (string $r): string => substr_replace($r, chr(ord($r[-50]) ^ 1), -50, 1),
                PictureState::Damaged,
            ],
            'a format that cannot be checked' => [static fn (string $r): string => "FORMATX\0".substr($r, 8), PictureState::Unknown],
            'a directory that points at itself' => [static fn (string $r): string => 'II'.pack('vVv', 42, 8, 0), PictureState::Damaged],
        ];
    }

    /** @param  \Closure(string): string  $harm */
    #[DataProvider('raws')]
    public function test_what_a_raw_tells_of_itself(\Closure $harm, PictureState $state): void
    {
        $this->assertSame($state, Raw::judge(new TextBytes($harm(Pictures::dng())))[0]);
    }

    /**
     * A directory of fields: tag, type, count, and the value or where it stands (TIFF 6.0, 2).
     *
     * @param  list<array{int, int, int, int}>  $fields
     */
    private static function directory(array $fields, int $next = 0): string
    {
        return pack('v', count($fields)).
            implode('', array_map(static fn (array $f): string => pack('vvVV', ...$f), $fields)).
            pack('V', $next);
    }

    /** @return array<string, array{string}> what nobody's camera writes */
    public static function hostileRaws(): array
    {
        $head = 'II'.pack('vV', 42, 8);
        // Behind a directory of four fields, 8 + 2 + 48 + 4, and of five.
        [$at, $five] = [62, 74];
        $negative = pack('q', PHP_INT_MIN + 50);
        $huge = pack('q', PHP_INT_MAX - 50);

        return [
            'an offset below zero and a length that makes up for it' => [
                $head.
                self::directory([
                    [0x00FE, 4, 1, 0],
                    [0x0103, 3, 1, 1],
                    [0x0111, 12, 1, $five],
                    [0x0117, 12, 1, $five + 8],
                    [0xC71C, 7, 16, $five],
                ]).
                $negative.
                $huge,
            ],
            'fewer lengths than offsets' => [
                $head.
                self::directory([[0x00FE, 4, 1, 0], [0x0103, 3, 1, 1], [0x0111, 4, 2, $at], [0xC71C, 7, 16, $at]]).
                str_repeat("\x01\0\0\0", 4),
            ],
            'a directory below zero' => [
                $head.self::directory([[0x014A, 12, 1, $at], [0x8769, 12, 1, $at], [0x8825, 12, 1, $at], [0x0111, 4, 1, 8]]).$negative,
            ],
            'directories that point at each other' => [
                $head.self::directory([[0x014A, 4, 1, 8], [0x8769, 4, 1, 8], [0x8825, 4, 1, 8], [0x0111, 4, 1, 8]], 8),
            ],
            'the same stretch a thousand times' => [
                $head.
                self::directory([
                    [0x00FE, 4, 1, 0],
                    [0x0103, 3, 1, 1],
                    [0x0111, 4, 40_000, $five],
                    [0x0117, 4, 40_000, $five + 160_000],
                    [0xC71C, 7, 16, $five],
                ]).
                str_repeat(pack('V', 0), 40_000).
                str_repeat(pack('V', 320_000), 40_000),
            ],
            'text where numbers belong' => [
                $head.
                self::directory([[0x014A, 2, 4, 0x41414141], [0x8769, 2, 1, 0], [0x0111, 2, 4, 0x41414141], [0x0117, 2, 4, 0x41414141]]),
            ],
        ];
    }

    #[DataProvider('hostileRaws')]
    public function test_a_hostile_raw_is_an_answer_and_not_an_end(string $bytes): void
    {
        $before = hrtime(true);
        $this->assertNotSame(PictureState::Proved, Raw::judge(new TextBytes($bytes))[0]);
        Exif::of(new TextBytes($bytes));
        $this->assertNull(Raw::preview(new TextBytes($bytes)));
        $file = LocalVolume::at(dirname($this->file('card/x.DNG', $bytes)));
        $this->assertNotSame(PictureState::Proved, PictureInspector::judge($file, 'x.DNG')[0]);
        PictureInspector::exif($file, 'x.DNG');
        $this->assertLessThan(5e9, hrtime(true) - $before, 'it does not hang');
    }

    /**
     * Bytes turned, cut out and doubled at random: always an answer, and a raw that changed is never called proved where its data changed.
     */
    public function test_pictures_with_random_harm_are_always_answered(): void
    {
        mt_srand(41);
        foreach (['x.JPG' => Pictures::jpeg(), 'x.DNG' => Pictures::dng(), 'y.DNG' => Pictures::dng(isAlone: true)] as $name => $good) {
            for ($i = 0; $i < 150; $i++) {
                $bytes = $good;
                $at = mt_rand(0, min(strlen($good) - 1, mt_rand(0, 1) === 0 ? 600 : PHP_INT_MAX));
                $bytes = match (mt_rand(0, 3)) {
                    0 => substr_replace($bytes, chr(mt_rand(0, 255)), $at, 1),
                    1 => substr($bytes, 0, $at),
                    2 => substr_replace($bytes, random_bytes(40), $at, mt_rand(0, 80)),
                    default => substr($bytes, 0, $at).substr($bytes, max(0, $at - 100)),
                };
                $volume = LocalVolume::at(dirname($this->file("card/{$name}", $bytes)));
                [$state, $why] = PictureInspector::judge($volume, $name);
                $this->assertSame($state === PictureState::Intact || $state === PictureState::Proved, $why === null, "{$name} {$i}");
                PictureInspector::exif($volume, $name);
                $this->assertStringStartsWith("\xFF\xD8\xFF", Raw::preview(new TextBytes($bytes)) ?? "\xFF\xD8\xFF");
            }
        }
    }

    /** Wherever a jpeg is cut, that is noticed. */
    public function test_a_jpeg_that_ends_early_is_never_whole(): void
    {
        $good = Pictures::jpeg();
        for ($length = 0; $length < strlen($good); $length += $length < 800 ? 7 : 997) {
            $this->assertNotNull(Jpeg::fault(substr($good, 0, $length), decodeUpToPixels: 0), "cut at {$length}");
        }
        $this->assertSame('it holds no picture', Jpeg::fault("\xFF\xD8\xFF\xFE\x00\x04ab\xFF\xD9"));
        $this->assertSame('its structure is broken', Jpeg::fault("\xFF\xD8\xFF\xE0\x00\x01ab\xFF\xD9"));
        $this->assertNull(Jpeg::exifBlock(new TextBytes("\xFF\xD8\xFF\xE1\x00\x01")), 'a block shorter than its own length');
    }

    public function test_what_cannot_be_opened_or_read_is_damaged_and_tells_nothing(): void
    {
        $this->file('card/x.JPG', Pictures::jpeg());
        $volume = new FaultyVolume($this->temp.'/card');
        $volume->unreadable = 'x.JPG';
        $this->assertSame([PictureState::Damaged, 'input/output error'], PictureInspector::judge($volume, 'x.JPG'));
        $this->assertNull(PictureInspector::exif($volume, 'x.JPG'));
        $this->assertSame([PictureState::Damaged, 'it is not there'], PictureInspector::judge($volume, 'y.JPG'));
    }

    public function test_exif_is_read_from_both_kinds(): void
    {
        foreach (
            [Exif::of(new TextBytes((string) Jpeg::exifBlock(new TextBytes(Pictures::jpeg(3))))), Exif::of(new TextBytes(Pictures::dng(3)))] as $exif
        ) {
            $this->assertNotNull($exif);
            $this->assertSame('Ostervik', $exif->maker);
            $this->assertSame('OV77', $exif->bodySerial);
            $this->assertSame(7200, $exif->offsetS);
            $this->assertSame(Pictures::exposure(3)->at, $exif->instant(0));
            $this->assertEqualsWithDelta(1 / 250, $exif->shutterS, 1e-9);
            $this->assertEqualsWithDelta(2.8, $exif->fNumber, 1e-9);
            $this->assertSame(800, $exif->iso);
        }
    }

    /** Reference: the exiftool program reads back what the stand-in cameras write (Exif 2.32). */
    public function test_exiftool_reads_the_stand_in_frames(): void
    {
        $jpeg = $this->file('OSTV0003.JPG', Pictures::jpeg(3));
        $dng = $this->file('OSTV0003.DNG', Pictures::dng(3));
        $out = [];
        exec(
            'exiftool -json -n -validate -Make -Model -SerialNumber -LensModel -ExposureTime -FNumber -ISO -DateTimeOriginal '.
                '-OffsetTimeOriginal -FocalLength '.
                escapeshellarg($jpeg).
                ' '.
                escapeshellarg($dng).
                ' 2>&1',
            $out,
            $exit,
        );
        $this->assertSame(0, $exit, implode("\n", $out));
        $read = json_decode(
            implode("\n", array_filter($out, static fn (string $l): bool => ! str_contains($l, 'image files read'))),
            true,
            8,
            JSON_THROW_ON_ERROR,
        );
        $this->assertCount(2, $read);
        foreach ($read as $frame) {
            $this->assertSame('0 0 0', $frame['Validate']);
            $this->assertSame('Ostervik M4', $frame['Model']);
            $this->assertSame('OV77', $frame['SerialNumber']);
            $this->assertSame('Zoom 24–70', $frame['LensModel']);
            $this->assertSame(0.004, $frame['ExposureTime']);
            $this->assertSame(2.8, $frame['FNumber']);
            $this->assertSame(800, $frame['ISO']);
            $this->assertSame(35, $frame['FocalLength']);
            $this->assertSame(gmdate('Y:m:d H:i:s', Pictures::exposure(3)->at + 7200), $frame['DateTimeOriginal']);
            $this->assertSame('+02:00', $frame['OffsetTimeOriginal']);
        }
    }

    /** Reference: exiftool takes the same jpeg out of a raw, and finds nothing wrong with how it is put in (TIFF 6.0, DNG). */
    public function test_the_picture_that_a_raw_carries_for_showing_is_found(): void
    {
        $this->assertNull(Raw::preview(new TextBytes(Pictures::dng())), 'where a jpeg stands beside it, the stand-in carries none');
        $this->assertNull(Raw::preview(new TextBytes(Pictures::jpeg())));
        $raw = Pictures::dng(4, true);
        $jpeg = Raw::preview(new TextBytes($raw));
        $this->assertNotNull($jpeg);
        $this->assertNull(Jpeg::fault($jpeg));
        $file = escapeshellarg($this->file('OSTV0004.DNG', $raw));
        exec("exiftool -b -PreviewImage {$file} > ".escapeshellarg("{$this->temp}/out.jpg"));
        $this->assertSame($jpeg, file_get_contents("{$this->temp}/out.jpg"));
        $this->assertSame('0 0 0', exec("exiftool -s3 -n -validate -Validate {$file}"));
        $this->assertSame(PictureState::Proved, Raw::judge(new TextBytes($raw))[0]);
        $this->assertSame('', (string) Raw::preview(new TextBytes(substr($raw, 0, 1200 + intdiv(strlen($jpeg), 2)))), 'cut short within it');
        // What the sensor saw may be packed as a jpeg, too: that is not for showing.
        $at = (int) strpos($raw, pack('vvVvv', 0x0106, 3, 1, 6, 0));
        $this->assertNull(Raw::preview(new TextBytes(substr_replace($raw, pack('v', 32803), $at + 8, 2))));
    }

    /** @return array<string, array{string, FrameKind|null}> */
    public static function names(): array
    {
        return [
            'jpeg' => ['DCIM/100AB/X.JPG', FrameKind::Jpeg],
            'small letters' => ['x.jpeg', FrameKind::Jpeg],
            'raw' => ['X.DNG', FrameKind::Raw],
            'film' => ['X.MOV', null],
            'index' => ['MISC/INDEX.DAT', null],
            'no ending' => ['JPG', null],
            'folder with a dot' => ['a.jpg/x', null],
        ];
    }

    #[DataProvider('names')]
    public function test_the_ending_tells_the_kind(string $path, ?FrameKind $kind): void
    {
        $this->assertSame($kind, FrameKind::of($path));
    }
}
