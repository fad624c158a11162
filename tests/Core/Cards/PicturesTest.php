<?php

declare(strict_types=1);

namespace Tests\Core\Cards;

use NorthSatchel\Cards\Picture\Exif;
use NorthSatchel\Cards\Picture\FrameKind;
use NorthSatchel\Cards\Picture\Jpeg;
use NorthSatchel\Cards\Picture\PictureState;
use NorthSatchel\Cards\Picture\Raw;
use NorthSatchel\Cards\Picture\TextBytes;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
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
            'the middle is zeros' => [static fn (string $j): string => substr_replace($j, str_repeat("\0", 6000), intdiv(strlen($j), 2), 6000)],
            'the middle is another file' => [static fn (string $j): string => substr_replace($j, str_repeat("\xFF\x13", 2000), intdiv(strlen($j), 2), 4000)],
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
        $this->assertSame('a stretch of it is nothing but zeros', Jpeg::fault(substr_replace($jpeg, str_repeat("\0", 512), intdiv(strlen($jpeg), 2), 512), decodeUpToPixels: 0));
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
            'one byte of the picture flipped' => [static fn (string $r): string => substr_replace($r, chr(ord($r[-50]) ^ 1), -50, 1), PictureState::Damaged],
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

    public function test_exif_is_read_from_both_kinds(): void
    {
        foreach ([Exif::of(new TextBytes((string) Jpeg::exifBlock(new TextBytes(Pictures::jpeg(3))))), Exif::of(new TextBytes(Pictures::dng(3)))] as $exif) {
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
        exec('exiftool -json -n -validate -Make -Model -SerialNumber -LensModel -ExposureTime -FNumber -ISO -DateTimeOriginal -OffsetTimeOriginal -FocalLength '
            .escapeshellarg($jpeg).' '.escapeshellarg($dng).' 2>&1', $out, $exit);
        $this->assertSame(0, $exit, implode("\n", $out));
        $read = json_decode(implode("\n", array_filter($out, static fn (string $l): bool => ! str_contains($l, 'image files read'))), true, 8, JSON_THROW_ON_ERROR);
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

    /** @return array<string, array{string, FrameKind|null}> */
    public static function names(): array
    {
        return [
            'jpeg' => ['DCIM/100AB/X.JPG', FrameKind::Jpeg], 'small letters' => ['x.jpeg', FrameKind::Jpeg], 'raw' => ['X.DNG', FrameKind::Raw],
            'film' => ['X.MOV', null], 'index' => ['MISC/INDEX.DAT', null], 'no ending' => ['JPG', null], 'folder with a dot' => ['a.jpg/x', null],
        ];
    }

    #[DataProvider('names')]
    public function test_the_ending_tells_the_kind(string $path, ?FrameKind $kind): void
    {
        $this->assertSame($kind, FrameKind::of($path));
    }
}
