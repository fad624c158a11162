<?php

declare(strict_types=1);

namespace Tests\Core\Wrap;

use NorthSatchel\Cards\Clock\ClockOffsets;
use NorthSatchel\Wrap\XmpSidecar;
use PHPUnit\Framework\Attributes\RequiresOperatingSystemFamily;
use PHPUnit\Framework\TestCase;
use Tests\Support\TempFolder;

/** Two clocks that disagree, and what is written beside a frame. */
final class ClocksAndSidecarsTest extends TestCase
{
    use TempFolder;

    public function test_two_frames_of_one_moment_set_a_clock(): void
    {
        $clocks = new ClockOffsets();
        // The second body showed 14:01:10 when the first showed 14:24:50.
        $offset = $clocks->offsetFor(1, 51_890, 50_470);
        $this->assertSame(-1420, $offset);
        $set = $clocks->with(2, $offset);
        $this->assertSame($set->trueTime(1, 51_890), $set->trueTime(2, 50_470));
        $this->assertSame(50_470, $set->trueTime(3, 50_470), 'others stay as they are');
        // A third is set by the second, whose clock is corrected already.
        $third = $set->with(3, $set->offsetFor(2, 50_470, 51_893));
        $this->assertSame(3, $third->seconds[3]);
        $this->assertSame(-5, $third->with(2, -5)->seconds[2], 'the last one holds');
    }

    public function test_offsets_in_words(): void
    {
        $this->assertSame(
            ['right', '23 min 40 s behind', '1 h 1 s ahead', '59 s ahead'],
            array_map(ClockOffsets::inWords(...), [0, -1420, 3601, 59]),
        );
    }

    /** exiftool reads back what was written (ISO 16684-1; IPTC Photo Metadata). */
    #[RequiresOperatingSystemFamily('Linux')]
    public function test_exiftool_reads_the_sidecar(): void
    {
        $text = XmpSidecar::of(
            'Åsa <Lindén> & co',
            '© 2030 Åsa Lindén, "all rights"',
            new \DateTimeImmutable('2030-06-08T14:24:50+02:00'),
            "Tuva\u{1} & Emrik",
        );
        $file = $this->folder('xmp').'/a.xmp';
        file_put_contents($file, $text);
        exec(
            'exiftool -j -charset utf8 -XMP-dc:Creator -XMP-dc:Rights -XMP-photoshop:DateCreated -XMP-photoshop:Headline '.
                '-XMP-xmpRights:Marked '.
                escapeshellarg($file),
            $out,
            $exit,
        );
        $this->assertSame(0, $exit);
        $read = json_decode(implode("\n", $out), true, 8, JSON_THROW_ON_ERROR)[0];
        $this->assertSame('Åsa <Lindén> & co', $read['Creator']);
        $this->assertSame('© 2030 Åsa Lindén, "all rights"', $read['Rights']);
        $this->assertSame('2030:06:08 14:24:50+02:00', $read['DateCreated']);
        $this->assertSame('Tuva & Emrik', $read['Headline'], 'what XML does not allow is left out');
        $this->assertTrue($read['Marked']);
        $this->assertStringNotContainsString('DateCreated', XmpSidecar::of('a', 'b'));
    }
}
