<?php

declare(strict_types=1);

namespace Tests\Core\Copies;

use App\Devices\LocalVolume;
use NorthSatchel\Copies\BagInfo;
use NorthSatchel\Copies\CopyReport;
use NorthSatchel\Copies\DestinationReport;
use NorthSatchel\Copies\Digest;
use NorthSatchel\Copies\Manifest;
use NorthSatchel\Copies\Pace;
use NorthSatchel\Copies\Skipped;
use NorthSatchel\ImpossibleValue;
use NorthSatchel\Volume\Names;
use NorthSatchel\Volume\UnableToWrite;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\TempFolder;

final class SmallPartsTest extends TestCase
{
    use TempFolder;

    /** BLAKE2b-512 of "abc": RFC 7693, appendix A. SHA-256 of "abc": FIPS 180-4 example. */
    public function test_hashes_match_the_published_vectors(): void
    {
        $this->assertSame(
            'ba80a53f981c4d0d6a2797b69f12f6e94c212f14685ac4b74b12bb6fdbffa2d17d87c5392aab792dc252d5de4533cc9518d38aa8dbf1925ab92386edd4009923',
            Digest::ofText('abc'),
        );
        $this->assertSame('ba7816bf8f01cfea414140de5dae2223b00361a396177a9cb410ff61f20015ad', Digest::ofText('abc', 'sha256'));
        $this->expectException(ImpossibleValue::class);
        Digest::with('crc32');
    }

    public function test_a_digest_does_not_care_how_it_is_fed(): void
    {
        $bytes = random_bytes(5000);
        $digest = Digest::with();
        foreach (str_split($bytes, 77) as $piece) {
            $digest->add($piece);
        }
        $this->assertSame(Digest::ofText($bytes), $digest->hex());
    }

    public function test_a_manifest_survives_writing_and_reading(): void
    {
        $hashes = ["data/a\nb%25.jpg" => 'aa11', 'data/plain name.dng' => 'bb22', 'data/100' => 'cc33'];
        $this->assertEquals($hashes, Manifest::parse((new Manifest($hashes))->text())->all());
    }

    /** @return array<string, array{string, string}> */
    public static function bytes(): array
    {
        return [
            'plain' => ['DCIM/x.jpg', 'DCIM/x.jpg'],
            'letters of the north' => ['sjö/Ærø.jpg', 'sjö/Ærø.jpg'],
            'one odd byte' => ["a\xFFb", 'a%FFb'],
            'latin-1' => ["sj\xF6.jpg", 'sj%F6.jpg'],
            'a cut sequence' => ["a\xE2\x82", 'a%E2%82'],
            'odd beside even' => ["ö\xF6ö", 'ö%F6ö'],
        ];
    }

    #[DataProvider('bytes')]
    public function test_bytes_that_are_no_utf8_are_written_out(string $name, string $said): void
    {
        $this->assertSame($said, Names::printable($name));
    }

    /** @return array<string, array{string, bool}> */
    public static function folderNames(): array
    {
        return [
            'plain' => ['2026-05-04_wedding_S01', true],
            'with spaces' => ['my card 1', true],
            'empty' => ['', false],
            'this folder' => ['.', false],
            'the one above' => ['..', false],
            'a path' => ['a/b', false],
            'a windows path' => ['a\\b', false],
            'a line break' => ["a\nb", false],
            'too long' => [str_repeat('x', 201), false],
            'a space at the end' => ['a ', false],
            'odd bytes' => ["a\xFF", false],
        ];
    }

    #[DataProvider('folderNames')]
    public function test_a_bag_has_one_plain_folder_name(string $name, bool $isPlain): void
    {
        $this->assertSame($isPlain, Names::isPlain($name));
    }

    public function test_bag_info_joins_folded_lines(): void
    {
        $info = BagInfo::parse("Contact-Name: A\nExternal-Description: a long\n  text\nPayload-Oxum: 5.1\n");
        $this->assertSame('a long text', $info->get('external-description'));
        $this->assertSame('5.1', $info->get('Payload-Oxum'));
        $this->assertStringNotContainsString("\nEvil", (new BagInfo(['Label' => "x\nEvil: y"]))->text());
    }

    public function test_a_copy_is_whole_where_nothing_is_missing_but_what_one_allows(): void
    {
        $at = static fn (bool $isWhole): DestinationReport => new DestinationReport('Fir', $isWhole, 1, 0, [], [], null);
        $report = static fn (array $at, Skipped ...$skipped): CopyReport => new CopyReport(1, 9, $at, array_values($skipped), true);
        $link = new Skipped('a link', 'links are not followed', true);
        $torn = new Skipped('b.jpg', 'it cannot be read', false);
        $this->assertTrue($report([$at(true), $at(true)])->isWhole());
        $this->assertFalse($report([$at(true), $at(false)])->isWhole(true), 'one drive has it, the other not');
        $this->assertFalse($report([$at(true)], $link)->isWhole(), 'nobody said that links may stay behind');
        $this->assertTrue($report([$at(true)], $link)->isWhole(true));
        $this->assertFalse($report([$at(true)], $torn)->isWhole(true), 'a picture may never');
        $this->assertFalse($report([$at(true)], $link, $torn)->isWhole(true));
        $this->assertFalse($report([$at(true)], $torn)->isWhole());
    }

    public function test_pace_says_rate_and_time_left(): void
    {
        $pace = Pace::of(300_000_000, 1_200_000_000, 3.0);
        $this->assertSame(0.25, $pace->share);
        $this->assertSame('100 MB/s, 9 s left', $pace->text());
        $this->assertSame('100 MB/s, 1 min 30 s left', Pace::of(1_000_000_000, 10_000_000_000, 10.0)->text());
        $this->assertSame('starting', Pace::of(0, 100, 0.0)->text());
    }

    public function test_a_volume_writes_no_file_that_exists_and_removes_none_but_its_own(): void
    {
        $this->file('drive/data/x.jpg', 'mine');
        $volume = LocalVolume::at($this->temp.'/drive');
        foreach (
            [
                static fn () => $volume->create('data/x.jpg'),
                static fn () => $volume->removeOwn('data/x.jpg'),
                static fn () => $volume->putTagFile('data/x.jpg', 'other'),
                static fn () => $volume->appendTagFile('bag/data/x.jpg', 'other'),
                static fn () => $volume->create('../outside.jpg'),
            ] as $deed
        ) {
            try {
                $deed();
                $this->fail('It was done.');
            } catch (UnableToWrite) {
                $this->assertSame('mine', file_get_contents($this->temp.'/drive/data/x.jpg'));
            }
        }
        $this->assertFileDoesNotExist($this->temp.'/outside.jpg');
    }

    public function test_a_rename_never_covers_another_file(): void
    {
        $this->file('drive/a', 'a');
        $this->file('drive/b', 'b');
        try {
            LocalVolume::at($this->temp.'/drive')->rename('a', 'b');
            $this->fail('It was done.');
        } catch (UnableToWrite) {
            $this->assertSame('b', file_get_contents($this->temp.'/drive/b'));
        }
    }
}
