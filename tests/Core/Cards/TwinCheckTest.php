<?php

declare(strict_types=1);

namespace Tests\Core\Cards;

use App\Devices\LocalVolume;
use NorthSatchel\Cards\Twin\Side;
use NorthSatchel\Cards\Twin\TwinCheck;
use NorthSatchel\Cards\Twin\TwinReport;
use NorthSatchel\Cards\Twin\TwinVerdict;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Pictures;
use Tests\Support\TempFolder;

final class TwinCheckTest extends TestCase
{
    use TempFolder;

    private const DIR = 'DCIM/100OSTVK/OSTV';

    protected function setUp(): void
    {
        $this->folder('a');
        $this->folder('b');
    }

    /** @param  'a'|'b'|'ab'  $cards */
    private function put(string $cards, string $name, string $bytes): void
    {
        foreach (str_split($cards) as $card) {
            $this->file($card.'/'.$name, $bytes);
        }
    }

    private function mirror(int $from, int $to): void
    {
        for ($number = $from; $number <= $to; $number++) {
            $this->put('ab', sprintf('%s%04d.DNG', self::DIR, $number), Pictures::dng($number));
            $this->put('ab', sprintf('%s%04d.JPG', self::DIR, $number), Pictures::jpeg($number));
        }
    }

    private function check(): TwinReport
    {
        return (new TwinCheck(LocalVolume::at($this->temp.'/a'), LocalVolume::at($this->temp.'/b')))->report();
    }

    public function test_the_same_bytes_on_both_are_twins(): void
    {
        $this->mirror(1, 3);
        $report = $this->check();
        $this->assertSame(TwinVerdict::Twins, $report->verdict);
        $this->assertSame(3, $report->frames());
        $this->assertCount(6, $report->files);
        $this->assertSame(6, $report->identical());
    }

    public function test_a_frame_missing_on_one_is_repairable(): void
    {
        $this->mirror(1, 3);
        unlink($this->temp.'/b/'.self::DIR.'0002.DNG');
        $report = $this->check();
        $this->assertSame(TwinVerdict::Repairable, $report->verdict);
        $this->assertSame([self::DIR.'0002.DNG'], array_column($report->onlyInA(), 'path'));
    }

    public function test_a_jpeg_cut_short_on_one_names_the_intact_side(): void
    {
        $this->mirror(1, 2);
        $this->put('a', self::DIR.'0001.JPG', substr(Pictures::jpeg(1), 0, 9000));
        $report = $this->check();
        $this->assertSame(TwinVerdict::Repairable, $report->verdict);
        $different = $report->different();
        $this->assertCount(1, $different);
        $this->assertSame(Side::Damaged, $different[0]->a);
        $this->assertSame(Side::Intact, $different[0]->b);
    }

    public function test_a_byte_flipped_in_a_raw_is_proved_by_its_digest(): void
    {
        $this->mirror(1, 2);
        $raw = Pictures::dng(2);
        $this->put('b', self::DIR.'0002.DNG', substr_replace($raw, chr(ord($raw[-9]) ^ 4), -9, 1));
        $report = $this->check();
        $this->assertSame(TwinVerdict::Repairable, $report->verdict);
        $this->assertSame(Side::Damaged, $report->different()[0]->b);
    }

    public function test_two_jpegs_that_differ_and_both_decode_stay_undecided(): void
    {
        $this->mirror(1, 1);
        $this->put('b', self::DIR.'0001.JPG', Pictures::jpeg(99));
        $report = $this->check();
        $this->assertSame(TwinVerdict::Undecided, $report->verdict);
        $this->assertSame([Side::Unknown, Side::Unknown], [$report->different()[0]->a, $report->different()[0]->b]);
    }

    public function test_damaged_alike_on_both_is_a_loss(): void
    {
        $this->mirror(1, 2);
        $this->put('ab', self::DIR.'0002.JPG', substr(Pictures::jpeg(2), 0, 5000));
        $report = $this->check();
        $this->assertSame(TwinVerdict::Loss, $report->verdict);
        $this->assertSame([self::DIR.'0002.JPG'], array_column($report->lost(), 'path'));
        $this->assertSame(4, $report->identical());
    }

    public function test_damaged_on_one_and_missing_on_the_other_is_a_loss(): void
    {
        $this->mirror(1, 2);
        unlink($this->temp.'/a/'.self::DIR.'0002.DNG');
        $this->put('b', self::DIR.'0002.DNG', substr(Pictures::dng(2), 0, 4000));
        $this->assertSame(TwinVerdict::Loss, $this->check()->verdict);
    }

    public function test_a_raw_that_cannot_be_checked_is_told_by_its_length(): void
    {
        $this->put('a', self::DIR.'0001.ARW', 'UNKNOWN RAW '.str_repeat('x', 4000));
        $this->put('b', self::DIR.'0001.ARW', 'UNKNOWN RAW '.str_repeat('x', 3000));
        $report = $this->check();
        $this->assertSame([Side::Intact, Side::Damaged], [$report->different()[0]->a, $report->different()[0]->b]);
        $this->assertSame(TwinVerdict::Repairable, $report->verdict);
    }

    public function test_raw_on_one_and_jpeg_on_the_other_is_split(): void
    {
        foreach ([1, 2] as $number) {
            $this->put('a', sprintf('%s%04d.JPG', self::DIR, $number), Pictures::jpeg($number));
            $this->put('b', sprintf('%s%04d.DNG', self::DIR, $number), Pictures::dng($number));
        }
        $this->assertSame(TwinVerdict::Split, $this->check()->verdict);
        $this->assertSame(2, $this->check()->frames());
    }

    /** @return array<string, array{list<string>, list<string>, TwinVerdict}> */
    public static function numbers(): array
    {
        return [
            'goes on from a to b' => [
                ['DCIM/100OSTVK/OSTV0007', 'DCIM/100OSTVK/OSTV0008'],
                ['DCIM/100OSTVK/OSTV0009'],
                TwinVerdict::Overflow,
            ],
            'goes on from b to a' => [['DCIM/100OSTVK/OSTV0009'], ['DCIM/100OSTVK/OSTV0008'], TwinVerdict::Overflow],
            'rolls over into the next folder (CIPA DC-009)' => [
                ['DCIM/100OSTVK/OSTV9998', 'DCIM/100OSTVK/OSTV9999'],
                ['DCIM/101OSTVK/OSTV0001'],
                TwinVerdict::Overflow,
            ],
            'does not roll over within a folder' => [['DCIM/100OSTVK/OSTV9999'], ['DCIM/100OSTVK/OSTV0001'], TwinVerdict::Repairable],
            'a gap is no overflow' => [['DCIM/100OSTVK/OSTV0007'], ['DCIM/100OSTVK/OSTV0009'], TwinVerdict::Repairable],
            'every second frame is no overflow' => [
                ['DCIM/100OSTVK/OSTV0001', 'DCIM/100OSTVK/OSTV0003'],
                ['DCIM/100OSTVK/OSTV0002', 'DCIM/100OSTVK/OSTV0004'],
                TwinVerdict::Repairable,
            ],
        ];
    }

    /**
     * @param  list<string>  $a
     * @param  list<string>  $b
     */
    #[DataProvider('numbers')]
    public function test_overflow_is_told_by_the_numbers(array $a, array $b, TwinVerdict $verdict): void
    {
        foreach (['a' => $a, 'b' => $b] as $card => $names) {
            foreach ($names as $index => $name) {
                $this->put($card, $name.'.JPG', Pictures::jpeg($index + ord($card)));
            }
        }
        $this->assertSame($verdict, $this->check()->verdict);
    }

    public function test_other_files_are_compared_but_are_no_frames(): void
    {
        $this->mirror(1, 1);
        $this->put('a', 'MISC/INDEX.DAT', 'one');
        $this->put('b', 'MISC/INDEX.DAT', 'two');
        $report = $this->check();
        $this->assertSame(1, $report->frames());
        $this->assertSame(['MISC/INDEX.DAT'], array_column($report->different(), 'path'));
        $this->assertSame(TwinVerdict::Repairable, $report->verdict, 'every frame is whole, but the cards are not the same');
    }

    public function test_links_are_not_followed(): void
    {
        $this->mirror(1, 1);
        symlink('/etc/hostname', $this->temp.'/a/'.self::DIR.'0009.JPG');
        $this->assertSame(TwinVerdict::Twins, $this->check()->verdict);
    }
}
